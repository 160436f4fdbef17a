import tzLookup from "@photostructure/tz-lookup";
import { calendar } from "../../codecs/calendarLibrary.ts";
import type { Job } from "../../transport/protocol.ts";

/** What may be asked about places. */
export type PlaceOrder =
  | { readonly kind: "towns"; readonly words: string; readonly most: number }
  | { readonly kind: "zone"; readonly latitude: number; readonly longitude: number }
  | { readonly kind: "isZone"; readonly name: string };

/** A town of the list; degrees. */
export interface Town {
  readonly name: string;
  readonly region: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
}

export type PlaceReport =
  | { readonly kind: "towns"; readonly towns: readonly Town[] }
  | { readonly kind: "zone"; readonly timeZone: string }
  | { readonly kind: "isZone"; readonly is: boolean };

type Row = readonly [name: string, plain: string, region: string, latitude: number, longitude: number, zone: string];

/** Towns by the beginning of their names (the largest first), the time zone of a place, whether there is such a zone. */
export const places: Job<PlaceOrder, PlaceReport> = async (order) => {
  switch (order.kind) {
    case "towns":
      return { output: { kind: "towns", towns: await townsOf(order.words, order.most) }, transfer: [] };
    case "zone":
      return { output: { kind: "zone", timeZone: tzLookup(order.latitude, order.longitude) }, transfer: [] };
    case "isZone":
      return { output: { kind: "isZone", is: calendar.isZone(order.name) }, transfer: [] };
    default:
      return order satisfies never;
  }
};

async function townsOf(words: string, most: number): Promise<readonly Town[]> {
  const wanted = plain(words.trim());
  if (wanted === "") return [];
  const { default: rows } = (await import("../../generated/towns.json")) as unknown as { default: readonly Row[] };
  const found: Town[] = [];
  for (const [name, ascii, region, latitude, longitude, timeZone] of rows) {
    if (!plain(name).startsWith(wanted) && !plain(ascii).startsWith(wanted)) continue;
    found.push({ name, region, latitude, longitude, timeZone });
    if (found.length === most) break;
  }
  return found;
}

/** Without accents and capitals. */
function plain(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}
