import { filled } from "../steps/index.ts";
import type { HangingTexts } from "./kitText.ts";
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
 * @example hangingPages(25, [], texts, page).length // 2 …
 */
export function hangingPages<Made>(
  count: number,
  planned: readonly Hanging[],
  texts: HangingTexts,
  page: (title: string, draw: (flow: TextFlow) => void) => Made,
): readonly Made[] {
  const rows = Math.max(count, planned.length);
  return Array.from({ length: Math.ceil(rows / ROWS_A_PAGE) }, (_, i) =>
    page(texts[i === 0 ? "title" : "continued"], (flow) => {
      write(flow, texts.rule);
      const first = i * ROWS_A_PAGE;
      const last = Math.min(rows, first + ROWS_A_PAGE);
      heading(flow, filled(texts.cameras, { first: String(first + 1), last: String(last) }));
      for (let number = first; number < last; number++) writeRow(flow, number + 1, planned[number], texts);
    }),
  );
}

function writeRow(flow: TextFlow, number: number, planned: Hanging | undefined, { row, dates }: HangingTexts): void {
  const { who = "", where = "", from = "____________", to = "____________" } = planned ?? {};
  const place = { who: who || "____________________", where: where || "______________________________" };
  write(flow, filled(row, { number: String(number), ...place }), { box: true, size: 3.8 });
  write(flow, filled(dates, { from, to }), { indent: 6 });
}
