import { useState } from "react";
import type { CameraName } from "../../../storage/index.ts";
import { importShots } from "../../../storage/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { FileDrop } from "../../../ui/FileDrop.tsx";
import { isoWithOffset } from "../../../ui/localTime.ts";
import { notify } from "../../../ui/notify.ts";
import type { CsvFault } from "./readLogCsv.ts";

/** So many faults are shown at once. */
const MOST = 40;

/** A log from a table: all of it or nothing; what is wrong is said by row and column. */
export function CsvImport({
  cameras,
  onDone,
}: {
  readonly cameras: readonly CameraName[];
  readonly onDone: () => void;
}) {
  const [faults, setFaults] = useState<readonly CsvFault[]>([]);
  const take = async ([file]: readonly File[]): Promise<void> => {
    if (file === undefined) return;
    const { LARGEST_CSV, readLogCsv } = await import("./readLogCsv.ts");
    if (file.size > LARGEST_CSV) {
      setFaults([{ row: 1, column: "", message: `the file is larger than ${LARGEST_CSV / 2 ** 20} MiB` }]);
      return;
    }
    const read = readLogCsv(await file.text(), cameras, () => crypto.randomUUID(), isoWithOffset(new Date()));
    if (!read.ok) {
      setFaults(read.error);
      return;
    }
    const done = await importShots(read.value);
    if (!done.ok) {
      notify(`The table is not taken in. ${done.error.message}`, { urgent: true });
      return;
    }
    setFaults([]);
    notify(`${done.value} of ${read.value.length} shots were new or changed, and are in the log.`);
    onDone();
  };
  return (
    <FileDrop
      as="fieldset"
      label="Take in a CSV"
      named="CSV to take in"
      accept=".csv,text/csv"
      className="sheet mb-4 p-3"
      onFiles={(files) => void take(files)}
    >
      {(pick) => (
        <>
          <p className="mb-2">
            A table with our own columns, as “CSV” saves it; at least Camera, Opened and Given seconds. Shots that are
            here already are not doubled.{" "}
            <Button className="min-h-[3.3rem]" onClick={pick}>
              Choose the file
            </Button>
          </p>
          {faults.length > 0 && (
            <div role="alert" data-csv-faults={faults.length}>
              <p className="font-semibold text-action">Nothing is taken in until these are right:</p>
              <ul>
                {faults.slice(0, MOST).map(({ row, column, message }) => (
                  <li key={`${row} ${column}`}>
                    Row {row}
                    {column && `, ${column}`}: {message}.
                  </li>
                ))}
              </ul>
              {faults.length > MOST && <p>… and {faults.length - MOST} more.</p>}
            </div>
          )}
        </>
      )}
    </FileDrop>
  );
}
