/** Film pulled across the back from one spool to another (PHYSICS section 6); mm. */
export interface RollSpec {
  readonly film: "135" | "120";
  /** Clear between two pictures, at least. */
  readonly gap: number;
  /** Diameter of the take-up spool's core. */
  readonly core: number;
  /** Thickness of the film, backing paper included. */
  readonly thickness: number;
  /** Length that can be exposed or lost, end to end. */
  readonly length: number;
  /** Clicks (or marks) in one turn of the winder. */
  readonly clicks: number;
  /** What is lost at the start and the end. */
  readonly leader: number;
  readonly tail: number;
}
