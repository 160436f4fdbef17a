/** A canvas as a picture file's bytes. */
export async function bytesOfCanvas(
  canvas: OffscreenCanvas,
  type: "image/png" | "image/jpeg",
): Promise<Uint8Array<ArrayBuffer>> {
  const blob = await canvas.convertToBlob({ type, quality: 0.93 });
  return new Uint8Array(await blob.arrayBuffer());
}
