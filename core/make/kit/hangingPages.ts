import { heading, type TextFlow, write } from "./textPage.ts";

/** A camera of the group that is to hang for weeks: who puts it up, where, and from when to when, as people write it. */
export interface Hanging {
  readonly who: string;
  readonly where: string;
  readonly from: string;
  readonly to: string;
}

const ROWS_A_PAGE = 15;

/**
 * The list of who hangs which camera where, by when: what is planned is written in, for all others there is room to write.
 *
 * @param page makes a page from its title and what is drawn on it
 * @example hangingPages(25, [], page).length // 2 …
 */
export function hangingPages<Made>(
  count: number,
  planned: readonly Hanging[],
  page: (title: string, draw: (flow: TextFlow) => void) => Made,
): readonly Made[] {
  const rows = Math.max(count, planned.length);
  return Array.from({ length: Math.ceil(rows / ROWS_A_PAGE) }, (_, i) =>
    page(i === 0 ? "Who hangs it where, by when" : "Who hangs it where, continued", (flow) => {
      write(
        flow,
        "One list stays with whoever collects the cameras. A can that nobody is down for is a can that is lost.",
      );
      const first = i * ROWS_A_PAGE;
      heading(flow, `CAMERAS ${first + 1} TO ${Math.min(rows, first + ROWS_A_PAGE)}`);
      for (let number = first; number < Math.min(rows, first + ROWS_A_PAGE); number++)
        writeRow(flow, number + 1, planned[number]);
    }),
  );
}

function writeRow(flow: TextFlow, number: number, planned: Hanging | undefined): void {
  const { who = "", where = "", from = "____________", to = "____________" } = planned ?? {};
  const [name, place] = [who || "____________________", where || "______________________________"];
  write(flow, `${number}.  ${name}   where: ${place}`, { box: true, size: 3.8 });
  write(flow, `up by ${from}   down on ${to}   looked after on ____________`, { indent: 6 });
}
