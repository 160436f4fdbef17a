/** One stop of the tour: a page, what is outlined on it, and what one should know of it. */
export interface TourStop {
  readonly name: string;
  /** Its address, for the camera at hand. */
  readonly path: (camera: string) => string;
  /** What is outlined: its rule stands in `app.css`. Left out: the page as a whole is meant. */
  readonly shows?: "camera" | "drawing" | "page" | "time";
  readonly words: string;
}

/** The tour in the order of the work: from the container to the print on the wall. */
export const TOUR: readonly [TourStop, ...TourStop[]] = [
  {
    name: "Shelf",
    path: () => "/",
    shows: "camera",
    words:
      "All your cameras stand here, as large as they are to each other. The tag under each says how far it has come and what is next; press what is next to go there.",
  },
  {
    name: "Bench",
    path: (camera) => `/cameras/${camera}`,
    shows: "drawing",
    words:
      "The drawing is the camera. Drag a round handle, or type over a figure: the picture it will make lies in the drawing and follows. On the right stands what it will do, and what to mend.",
  },
  {
    name: "Cut sheets",
    path: (camera) => `/cameras/${camera}/make`,
    shows: "page",
    words:
      "Print these at true size, check the printed ruler with your own, and cut by them. Build beside it leads you step by step; Hole measures the hole from a scan.",
  },
  {
    name: "Load",
    path: (camera) => `/dark?camera=${camera}`,
    words:
      "Dark is for the red lamp, so the screen turns red. Answer “By daylight, to plan” to look round. Here you load; the trays count every bath, and the lamp’s sign says when white light is safe.",
  },
  {
    name: "Expose",
    path: (camera) => `/field?camera=${camera}`,
    shows: "time",
    words:
      "Say which light it is, or meter it: the time stands large. Open the hole, close it, log the shot. Look beside it shows what the box will see, over your phone’s own view.",
  },
  {
    name: "Scan",
    path: () => "/proof",
    words:
      "Drop a scan here; the sheet is found by itself. Judge tells how to expose the next one, Positive makes the picture, Hang puts it on the wall. No scanner? The made-up flatbed scans a computed sheet.",
  },
  {
    name: "Log",
    path: (camera) => `/log?camera=${camera}`,
    words:
      "Every shot with its light and its time. Each one you judge makes the next time better; What it says shows what the log has learnt of a camera, a paper and a light.",
  },
  {
    name: "Sun",
    path: () => "/sun",
    words:
      "For a can that hangs out for months: the sun’s ways on its sheet, before it goes up. Afterwards the finished sheet tells which days were clear.",
  },
  {
    name: "Questions",
    path: () => "/method/questions",
    words:
      "Why a picture stands on its head, why a can bends lines: press and see. A word with dots under it explains itself anywhere. Ctrl K finds any page, word or command. That was the tour.",
  },
];
