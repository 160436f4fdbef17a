declare module "fft.js" {
  export default class FFT {
    constructor(size: number);
    createComplexArray(): ArrayLike<number>;
    transform(out: ArrayLike<number>, data: ArrayLike<number>): void;
    inverseTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
  }
}
