import type { Act, ActName } from "../../core/thread/index.ts";

/** The page of each act: for a camera, and the record it is about. */
const PAGES: Readonly<Record<ActName, (camera: string, id: string | null) => string>> = {
  mend: (camera) => `/cameras/${camera}`,
  hole: (camera) => `/cameras/${camera}/make/hole`,
  build: (camera) => `/cameras/${camera}/make/build`,
  test: (camera) => `/cameras/${camera}/make/light-test`,
  leak: (camera) => `/cameras/${camera}/make/light-test`,
  load: (camera) => `/dark?camera=${camera}`,
  expose: (camera) => `/field?camera=${camera}`,
  close: (camera) => `/field?camera=${camera}`,
  log: (camera) => `/field?camera=${camera}`,
  develop: (camera) => `/dark/trays?camera=${camera}`,
  baths: (camera) => `/dark/trays?camera=${camera}`,
  scan: (_, id) => (id === null ? "/proof" : `/proof?shot=${id}`),
  judge: (_, id) => (id === null ? "/proof/judge" : `/proof/judge?negative=${id}`),
  print: (_, id) => (id === null ? "/proof/positive" : `/proof/positive?negative=${id}`),
  plan: (camera) => `/sun?camera=${camera}`,
  hang: (_, id) => `/sun/put-up?trail=${id}`,
  "take-down": (_, id) => (id === null ? "/sun/put-up" : `/sun/put-up?trail=${id}`),
  read: (_, id) => (id === null ? "/sun/read" : `/sun/read?trail=${id}`),
};

/** Where an act is done: the address of its page, with all that it has to know. */
export function wayTo({ name, cameraId, id }: Act): string {
  return PAGES[name](encodeURIComponent(cameraId), id === null ? null : encodeURIComponent(id));
}

/**
 * Where a page is for another camera: pages of one camera, and pages that are asked for one, go over to it; others stay.
 *
 * @param path of the page that is open
 * @returns its address; what it showed of the other camera is left
 */
export function pageFor(path: string, cameraId: string): string {
  const id = encodeURIComponent(cameraId);
  const own = /^\/cameras\/[^/]+(\/.*)?$/.exec(path);
  if (own) return `/cameras/${id}${own[1] ?? ""}`;
  return `${path}?camera=${id}`;
}

/** Whether a way leads to the page that is open, with what it is about; its camera is at hand anyway. */
export function isHere(way: string, path: string, search: string): boolean {
  const [to, about] = way.split("?");
  const now = new URLSearchParams(search);
  return (
    to === path && [...new URLSearchParams(about)].every(([key, value]) => key === "camera" || now.get(key) === value)
  );
}
