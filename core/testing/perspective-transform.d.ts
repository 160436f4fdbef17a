declare module "perspective-transform" {
  /** The projective map of four points onto four others: x, y in turn. */
  export default function PerspectiveTransform(
    from: readonly number[],
    to: readonly number[],
  ): { transform(x: number, y: number): [x: number, y: number] };
}
