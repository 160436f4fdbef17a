declare module "omggif" {
  class GifReader {
    constructor(bytes: Uint8Array);
    readonly width: number;
    readonly height: number;
    numFrames(): number;
    loopCount(): number | null;
    frameInfo(frame: number): { readonly delay: number };
    decodeAndBlitFrameRGBA(frame: number, pixels: Uint8Array): void;
  }
  const omggif: { readonly GifReader: typeof GifReader };
  export default omggif;
}
