/** A sheet one can buy, a half of one, or a frame of roll film: nominal size in mm, lying (width ≥ height where it applies). */
export interface SheetFormat {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  /** Sheets can be trimmed; frames are what the film's mask leaves. */
  readonly kind: "sheet" | "half" | "trim" | "frame";
  /** Id of the sheet that it is cut from; left out: it is bought so. */
  readonly cutFrom?: string;
  /** Of a frame: how long a piece is cut off the roll, where strips hold its ends and less of it is seen; left out: as is seen. */
  readonly piece?: number;
  readonly source: string;
}
