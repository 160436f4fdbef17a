/** Imports only point down: e2e | server > app > features > ui > storage | workers | wording > catalogue > core. */
const below = {
  features: ["app", "e2e", "server"],
  ui: ["app", "e2e", "server", "features"],
  storage: ["app", "e2e", "server", "features", "ui", "wording", "catalogue", "workers"],
  workers: ["app", "e2e", "server", "features", "ui", "wording", "catalogue", "storage"],
  wording: ["app", "e2e", "server", "features", "ui", "storage", "workers"],
  catalogue: ["app", "e2e", "server", "features", "ui", "storage", "workers", "wording"],
  core: ["app", "e2e", "server", "features", "ui", "storage", "workers", "catalogue", "wording"],
  app: ["e2e", "server"],
  server: ["e2e"],
};

/** Rooms of the core in the order of the work: each imports only from itself and from rooms named after it here. */
const rooms = {
  basis: [],
  light: ["basis"],
  camera: ["basis", "light"],
  bench: ["basis", "light", "camera"],
  make: ["basis", "light", "camera"],
  learning: ["basis", "light"],
  darkroom: ["basis", "light"],
  negative: ["basis", "light", "camera"],
  sun: ["basis", "light", "camera"],
  simulate: ["basis", "light", "camera", "bench", "make", "darkroom", "sun"],
  viewfinder: ["basis", "light", "camera", "negative"],
  document: ["basis", "light", "camera", "bench", "make", "learning", "darkroom", "negative", "sun", "viewfinder"],
  thread: ["basis", "light", "camera", "document"],
  practice: ["basis", "light", "camera", "sun", "document"],
};

/** Rooms within a room, in the order of the work: each imports from itself and from those before it. */
const innerRooms = {
  "core/negative": ["model", "scan", "density", "restore", "reproject", "judge", "output"],
  "core/sun": ["astronomy", "site", "plan", "read"],
  "core/camera/container": ["model", "facts", "design"],
  workers: ["transport", "codecs", "jobs"],
};

module.exports = {
  forbidden: [
    ...Object.entries(rooms).map(([room, earlier]) => ({
      name: `core-${room}-imports-earlier-rooms-only`,
      severity: "error",
      from: { path: `^core/${room}/`, pathNot: "\\.(test|bench)\\.ts$" },
      to: { path: "^core/", pathNot: `^core/(${[room, ...earlier].join("|")})/` },
    })),
    ...Object.entries(innerRooms).flatMap(([folder, inOrder]) =>
      inOrder.slice(0, -1).map((room, at) => ({
        name: `${folder.replaceAll("/", "-")}-${room}-imports-earlier-rooms-only`,
        severity: "error",
        from: { path: `^${folder}/${room}/`, pathNot: "\\.test\\.tsx?$" },
        to: { path: `^${folder}/(${inOrder.slice(at + 1).join("|")})/` },
      })),
    ),
    {
      name: "core-has-only-these-rooms",
      comment: "A new room needs its line in `rooms` above.",
      severity: "error",
      from: { path: "^core/", pathNot: `^core/(${Object.keys(rooms).join("|")}|testing)/` },
      to: {},
    },
    ...Object.entries(below).map(([folder, above]) => ({
      name: `${folder}-imports-down-only`,
      severity: "error",
      from: { path: `^${folder}/`, pathNot: "(\\.test\\.tsx?|^[a-z]+/testing\\.ts)$" },
      to: { path: `^(${above.join("|")})/` },
    })),
    {
      name: "core-imports-nothing",
      comment: "Catalogue rows, clocks and formatters are passed in.",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.(test|bench)\\.ts$" },
      to: { pathNot: "^core/" },
    },
    {
      name: "made-from-the-plan",
      comment:
        "What is drawn, bought, built or loaded is written from core/make/plan: nothing asks the camera beside it.",
      severity: "error",
      from: { path: "^core/make/(cutsheet|kit|steps)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/camera/" },
    },
    {
      name: "features-never-import-each-other",
      severity: "error",
      from: { path: "^features/([^/]+)/" },
      to: { path: "^features/", pathNot: "^features/$1/" },
    },
    {
      name: "only-storage-imports-dexie",
      severity: "error",
      from: { pathNot: "^storage/" },
      to: { path: "node_modules/dexie" },
    },
    {
      name: "common-controls-fetch-nothing-seldom",
      comment: "vite.config.ts puts ui/controls into one file that nearly every page fetches.",
      severity: "error",
      from: { path: "^ui/(controls|format)/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^ui/seldom/" },
    },
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { extensions: [".ts", ".tsx", ".js", ".cjs", ".json"] },
  },
};
