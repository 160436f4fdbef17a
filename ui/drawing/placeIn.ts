/** A point of the screen in a drawing's own units. */
export function placeIn(svg: SVGSVGElement, x: number, y: number): DOMPoint | null {
  const matrix = svg.getScreenCTM();
  return matrix === null ? null : new DOMPoint(x, y).matrixTransform(matrix.inverse());
}
