import { useState } from "react";
import type { Exposure } from "../../../../core/document/index.ts";
import { type CameraName, importShots, shotsByIds } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { FileDrop } from "../../../../ui/files/FileDrop.tsx";
import { isoWithOffset } from "../../../../ui/format/localTime.ts";
import { notify } from "../../../../ui/notices/notify.ts";
import type { CsvFault } from "./readLogCsv.ts";
import type { DayOrder } from "./tableDate.ts";
import { tableText } from "./tableText.ts";
import { type WordsChanged, wordsChanged } from "./wordsChanged.ts";

/** So many faults are shown at once. */
const FAULTS_SHOWN = 40;

/** A log from a table: all of it or nothing; what is wrong is said by row and column. */
export function CsvImport({
  cameras,
  onDone,
}: {
  readonly cameras: readonly CameraName[];
  readonly onDone: () => void;
}) {
  const [faults, setFaults] = useState<readonly CsvFault[]>([]);
  /** A file whose dates could be read both ways, with one of them. */
  const [unclear, setUnclear] = useState<{ readonly file: File; readonly date: string } | null>(null);
  const [changed, setChanged] = useState<{
    readonly shots: readonly Exposure[];
    readonly words: readonly WordsChanged[];
  } | null>(null);
  const take = async (file: File, order: DayOrder | null): Promise<void> => {
    setUnclear(null);
    setChanged(null);
    const { LARGEST_CSV, readLogCsv } = await import("./readLogCsv.ts");
    if (file.size > LARGEST_CSV) {
      setFaults([{ row: 1, column: "", message: `the file is larger than ${LARGEST_CSV / 2 ** 20} MiB` }]);
      return;
    }
    const read = readLogCsv(tableText(new Uint8Array(await file.arrayBuffer())), {
      cameras,
      newId: () => crypto.randomUUID(),
      now: isoWithOffset(new Date()),
      here: ({ year, month, day, hour, minute, second }) =>
        isoWithOffset(new Date(year, month - 1, day, hour, minute, second)),
      order,
    });
    if (!read.ok && "unclear" in read.error) {
      setFaults([]);
      setUnclear({ file, date: read.error.unclear });
      return;
    }
    if (!read.ok) {
      setFaults(read.error as readonly CsvFault[]);
      return;
    }
    setFaults([]);
    const words = wordsChanged(read.value, await shotsByIds(read.value.map(({ id }) => id)));
    if (words.length > 0) setChanged({ shots: read.value, words });
    else await write(read.value);
  };
  const write = async (shots: readonly Exposure[]): Promise<void> => {
    setChanged(null);
    const done = await importShots(shots);
    if (!done.ok) {
      notify(`The table could not be imported. ${done.error.message}`, { urgent: true });
      return;
    }
    notify(`${done.value} of ${shots.length} shots were new or changed, and are in the log.`);
    onDone();
  };
  return (
    <FileDrop
      as="fieldset"
      label="Import a CSV"
      named="CSV to take in"
      accept=".csv,text/csv"
      className="sheet mb-4 p-3"
      onFiles={([file]) => void (file && take(file, null))}
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
          {unclear && (
            <div role="alert" data-unclear-date>
              <p className="mb-2">“{unclear.date}” could be two days. Which comes first in this table?</p>
              <div className="flex flex-wrap gap-2">
                <Button className="min-h-[3.3rem]" onClick={() => void take(unclear.file, "day first")}>
                  The day
                </Button>
                <Button className="min-h-[3.3rem]" onClick={() => void take(unclear.file, "month first")}>
                  The month
                </Button>
              </div>
            </div>
          )}
          {changed && (
            <div role="alert" data-words-changed={changed.words.length}>
              <p className="mb-2 font-semibold">These words in your log would be changed by the table:</p>
              <table className="mb-2 w-full text-left text-[0.93rem]">
                <thead>
                  <tr>
                    <th scope="col">Shot</th>
                    <th scope="col">In the log</th>
                    <th scope="col">In the table</th>
                  </tr>
                </thead>
                <tbody>
                  {changed.words.slice(0, FAULTS_SHOWN).map(({ shot, what, was, becomes }) => (
                    <tr key={`${shot} ${what} ${was}`} className="border-line border-t align-top">
                      <td className="pr-3">
                        {shot}, {what.toLowerCase()}
                      </td>
                      <td className="pr-3">{was}</td>
                      <td>{becomes}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {changed.words.length > FAULTS_SHOWN && (
                <p className="mb-2">… and {changed.words.length - FAULTS_SHOWN} more.</p>
              )}
              <div className="flex flex-wrap gap-2">
                <Button look="action" className="min-h-[3.3rem]" onClick={() => void write(changed.shots)}>
                  Take the table’s words
                </Button>
                <Button look="quiet" className="min-h-[3.3rem]" onClick={() => setChanged(null)}>
                  Leave the log as it is
                </Button>
              </div>
            </div>
          )}
          {faults.length > 0 && (
            <div role="alert" data-csv-faults={faults.length}>
              <p className="font-semibold text-action">Nothing is taken in until these are right:</p>
              <ul>
                {faults.slice(0, FAULTS_SHOWN).map(({ row, column, message }) => (
                  <li key={`${row} ${column}`}>
                    Row {row}
                    {column && `, ${column}`}: {message}.
                  </li>
                ))}
              </ul>
              {faults.length > FAULTS_SHOWN && <p>… and {faults.length - FAULTS_SHOWN} more.</p>}
            </div>
          )}
        </>
      )}
    </FileDrop>
  );
}
