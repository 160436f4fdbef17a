/** What a page that starts says to the service worker: see that nothing is missing. */
export const MEND = "see that nothing is missing";

/** Stands for any camera: a route's document is the same for all of them. */
const ANY = "any";

/** Addresses whose stored document answers for their route, and the data of the one route that the server gives some. */
export const DOCUMENTS: string[] = [
  "/",
  "/new",
  `/cameras/${ANY}`,
  `/cameras/${ANY}/make`,
  `/cameras/${ANY}/make/hole`,
  `/cameras/${ANY}/make/build`,
  `/cameras/${ANY}/make/light-test`,
  `/cameras/${ANY}/make/kit`,
  `/label/${ANY}`,
  "/compare",
  "/dark",
  "/dark/trays",
  "/dark/strips",
  "/dark/bottles",
  "/dark/practice",
  "/field",
  "/field/look",
  "/log",
  "/stock",
  "/proof",
  "/proof/judge",
  "/proof/positive",
  "/proof/pair",
  "/proof/hang",
  "/sun",
  "/sun/put-up",
  "/sun/read",
  "/method",
  "/method/questions",
  "/method/practice",
  "/method/words",
  "/method.data",
];

/**
 * The stored document that answers for an address: whichever camera it names, whatever it asks.
 *
 * @returns `null` where no page of ours is there
 */
export function documentFor({ pathname }: Pick<URL, "pathname">): string | null {
  const path = pathname.length > 1 ? pathname.replace(/\/$/, "") : pathname;
  const any = path.replace(/^\/(cameras|label)\/[^/]+/, `/$1/${ANY}`);
  return DOCUMENTS.includes(any) ? any : null;
}
