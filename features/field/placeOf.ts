/** Where the sheet is that is exposed, in words; empty where a camera has one only. */
export function placeOf({
  number,
  place,
}: {
  readonly number?: number | null;
  readonly place?: string | null;
}): string {
  if (number) return `No. ${number}`;
  if (!place || place === "1") return "";
  return /^\d+$/.test(place) ? `frame ${place}` : place;
}
