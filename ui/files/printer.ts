import { PAPERS, type Paper, type PrintScale } from "../../core/make/cutsheet/index.ts";
import { printerChoices, type Settings } from "../../storage/index.ts";

/** What pages are printed on. */
export interface Printer {
  readonly paper: Paper;
  /** By how much prints must be drawn larger, as it was measured last. */
  readonly scale: PrintScale;
}

/** Where Letter is the usual paper; common practice (CLDR, territories whose paper size is US-Letter). */
const LETTER = new Set(["US", "CA", "MX", "PH", "CL", "CO", "CR", "GT", "NI", "PA", "PR", "SV", "VE", "BZ"]);

/** The maker's printer: the paper that was chosen, or is usual in the browser's country. */
export function printerOf({ paper, printScale }: Pick<Settings, "paper" | "printScale">): Printer {
  return { paper: paperOf(paper ?? usualPaper(navigator.language)), scale: printScale };
}

/** {@link printerOf} what is stored. */
export async function readPrinter(): Promise<Printer> {
  return printerOf(await printerChoices.read());
}

/** The paper of an id. */
function paperOf(id: Paper["id"]): Paper {
  return PAPERS.find((paper) => paper.id === id) as Paper;
}

/**
 * What printers hold where a language is spoken.
 *
 * @param language a BCP 47 tag, with or without its region
 * @example usualPaper("en-US") // "letter"
 */
export function usualPaper(language: string): Paper["id"] {
  return LETTER.has(new Intl.Locale(language || "en-GB").maximize().region ?? "") ? "letter" : "a4";
}
