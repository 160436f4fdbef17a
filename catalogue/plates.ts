/** Sheet metal a hole is made in. */
export interface PlateRow {
  readonly id: string;
  readonly name: string;
  /** mm. */
  readonly thickness: number;
  /** In a pinch only: a fix never asks for it. */
  readonly makeshift?: boolean;
  readonly source: string;
}

const SOURCE = "common practice";

export const plates: readonly PlateRow[] = [
  { id: "can", name: "Drinks-can aluminium", thickness: 0.1, source: SOURCE },
  { id: "brass", name: "Brass shim", thickness: 0.05, source: SOURCE },
  { id: "foil", name: "Kitchen foil (tears easily)", thickness: 0.016, makeshift: true, source: SOURCE },
  { id: "flashing", name: "Flashing", thickness: 0.25, source: SOURCE },
];
