import type { Negative } from "../../core/document/index.ts";
import { saveNegatives } from "../../storage/index.ts";
import { type RecordEdits, useRecordEdits } from "../../ui/edits/useRecordEdits.ts";

const save = (negative: Negative): ReturnType<typeof saveNegatives> => saveNegatives([negative]);

/** A negative while its settings are changed by hand. */
export function useNegativeEdits(
  stored: Negative,
): Omit<RecordEdits<Negative>, "record"> & { readonly negative: Negative } {
  const { record, ...rest } = useRecordEdits(stored, save);
  return { negative: record, ...rest };
}
