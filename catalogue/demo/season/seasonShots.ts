import { type Camera, cameraFNumber } from "../../../core/camera/container/index.ts";
import type { Exposure } from "../../../core/document/index.ts";
import { countable, sheetTime } from "../../../core/light/exposure/index.ts";
import { lightTable } from "../../lightTable.ts";
import { mediumById } from "../../media.ts";

/** What lies before the hole of a sheet that the made-up flatbed scans. */
export type SeasonScene = "allotment" | "sheds" | "still-life";

/** A shot of the season as it is told: what the app sums up by itself is left out. */
export interface SeasonShot {
  readonly id: string;
  /** Id of its camera without the prefix that all have. */
  readonly camera: string;
  /** ISO 8601 with offset. */
  readonly at: string;
  /** Id of a row of the light table. */
  readonly light: string;
  readonly subject: string;
  /** Stops it was exposed more than the sum said; hands and clocks are not exact. */
  readonly over?: number;
  readonly medium?: string;
  readonly loadId?: string;
  readonly place?: string;
  readonly where?: string;
  readonly weather?: string;
  readonly note?: string;
  /** Stops it should have had more, as its maker saw it. */
  readonly wanted?: number;
  readonly spoilt?: NonNullable<Exposure["spoilt"]>;
  /** Its sheet was scanned: what it shows; flashes are doses of even light that fell on it, wanted or not. */
  readonly scan?: { readonly scene: SeasonScene; readonly walking?: boolean; readonly flashes?: number };
  /** Its sheet waits for the trays, or is still in its camera. */
  readonly undeveloped?: boolean;
}

const JULY = { camera: "canister-one", loadId: "thistle-load-july" } as const;
const AUTUMN = { camera: "canister-one", loadId: "thistle-load-autumn", undeveloped: true } as const;
const ROLL = { camera: "bean-carton", loadId: "thistle-load-roll", undeveloped: true } as const;
const DRUM = { camera: "feed-drum", loadId: "thistle-load-drum" } as const;

/** What was photographed beside the first handful, in its order. */
export const SEASON_SHOTS: readonly SeasonShot[] = [
  {
    id: "beans",
    camera: "biscuit-tin",
    at: "2026-05-16T10:40:00+01:00",
    light: "sun",
    subject: "Bean rows, two feet high",
    where: "from the water butt",
    over: -0.3,
    scan: { scene: "allotment" },
  },
  {
    id: "sheds",
    camera: "biscuit-tin",
    at: "2026-05-23T18:50:00+01:00",
    light: "low-sun",
    subject: "Sheds along the path",
    weather: "still",
    scan: { scene: "sheds" },
  },
  {
    id: "porch",
    camera: "biscuit-tin",
    at: "2026-06-06T12:15:00+01:00",
    light: "porch",
    subject: "Onions in the glazed porch",
    over: 0.2,
    scan: { scene: "still-life" },
  },
  {
    id: "coat",
    camera: "cocoa-tin",
    at: "2026-06-14T11:05:00+01:00",
    light: "sun",
    subject: "Scarecrow in its new coat",
    scan: { scene: "allotment" },
  },
  {
    id: "bent-sheds",
    camera: "cocoa-tin",
    at: "2026-06-14T11:40:00+01:00",
    light: "bright-overcast",
    subject: "The can bends the sheds",
    over: 0.3,
    scan: { scene: "sheds" },
  },
  {
    id: "doors",
    camera: "hat-box",
    at: "2026-06-20T14:20:00+01:00",
    light: "sun",
    subject: "Potting shed, doors open",
    where: "across the path",
    scan: { scene: "sheds" },
  },
  {
    ...JULY,
    id: "july-9",
    place: "9",
    at: "2026-07-12T11:00:00+01:00",
    light: "sun",
    subject: "Bean rows in flower",
    scan: { scene: "allotment" },
  },
  {
    ...JULY,
    id: "july-8",
    place: "8",
    at: "2026-07-12T12:30:00+01:00",
    light: "sun",
    subject: "Sheds at noon",
    over: 0.4,
    scan: { scene: "sheds" },
  },
  {
    ...JULY,
    id: "july-7",
    place: "7",
    at: "2026-07-12T13:05:00+01:00",
    light: "hazy",
    subject: "Courgettes on the bench",
    scan: { scene: "still-life" },
  },
  {
    ...JULY,
    id: "july-6",
    place: "6",
    at: "2026-07-12T15:20:00+01:00",
    light: "bright-overcast",
    subject: "Somebody with a barrow",
    note: "Walked through in a third of the time.",
    scan: { scene: "allotment", walking: true },
  },
  {
    ...JULY,
    id: "july-5",
    place: "5",
    at: "2026-07-18T19:40:00+01:00",
    light: "low-sun",
    subject: "Sheds, towards evening",
    over: -0.5,
    scan: { scene: "sheds" },
  },
  {
    ...JULY,
    id: "july-4",
    place: "4",
    at: "2026-07-19T10:10:00+01:00",
    light: "porch",
    subject: "Onions drying",
    scan: { scene: "still-life" },
  },
  {
    id: "depth",
    camera: "seed-packet-pair",
    at: "2026-07-25T11:10:00+01:00",
    light: "sun",
    subject: "Bean rows in depth",
    scan: { scene: "allotment" },
  },
  {
    id: "arms-length",
    camera: "seed-packet-pair",
    at: "2026-08-29T12:40:00+01:00",
    light: "porch",
    subject: "Onions at arm’s length, for two eyes",
    scan: { scene: "still-life" },
  },
  {
    id: "path",
    camera: "leaning-box",
    at: "2026-08-01T16:00:00+01:00",
    light: "sun",
    subject: "Path towards the potting shed",
    over: -0.4,
    scan: { scene: "sheds" },
  },
  {
    id: "fogged",
    camera: "leaning-box",
    at: "2026-08-08T13:30:00+01:00",
    light: "sun",
    subject: "The path once more",
    note: "The lid was not taped: it stood in the sun for an hour.",
    spoilt: "leak",
    scan: { scene: "sheds", flashes: 14 },
  },
  {
    id: "hedge",
    camera: "map-tube",
    at: "2026-08-15T10:30:00+01:00",
    light: "hazy",
    subject: "The far end of the path",
    scan: { scene: "sheds" },
  },
  {
    id: "squash",
    camera: "folded-boxes",
    at: "2026-08-22T15:15:00+01:00",
    light: "overcast",
    subject: "Squash, close",
    scan: { scene: "still-life" },
  },
  {
    id: "mist",
    camera: "folded-boxes",
    at: "2026-09-05T08:20:00+01:00",
    light: "bright-overcast",
    subject: "Sheds in mist",
    weather: "mist, no wind",
    scan: { scene: "sheds" },
  },
  {
    ...DRUM,
    id: "drum-1",
    place: "T1",
    at: "2026-08-30T12:00:00+01:00",
    light: "sun",
    subject: "One turn of the drum: bean rows",
    scan: { scene: "allotment" },
  },
  {
    ...DRUM,
    id: "drum-2",
    place: "T2",
    at: "2026-08-30T12:10:00+01:00",
    light: "sun",
    subject: "One turn of the drum: sheds",
    scan: { scene: "sheds" },
  },
  {
    ...DRUM,
    id: "drum-3",
    place: "T3",
    at: "2026-08-30T12:20:00+01:00",
    light: "sun",
    subject: "One turn of the drum: potting bench",
    scan: { scene: "still-life" },
  },
  ...["compost bays", "cold frames", "water butt", "leeks", "the gate"].map((subject, index) => ({
    ...DRUM,
    id: `drum-${index + 4}`,
    place: ["T4", "B1", "B2", "B3", "B4"][index] ?? "",
    at: `2026-08-30T12:${30 + 5 * index}:00+01:00`,
    light: "sun",
    subject: `One turn of the drum: ${subject}`,
    wanted: ([0.3, 0, 0.3, 0, 0.3] as const)[index] ?? 0,
  })),
  ...["The gate", "Bean canes, bare", "Bonfire, far off", "Two chairs", "The long path"].map((subject, index) => ({
    ...ROLL,
    id: `roll-${index + 1}`,
    place: String(index + 1),
    at: `2026-09-13T${11 + index}:05:00+01:00`,
    light: index === 2 ? "overcast" : "hazy",
    subject,
  })),
  ...["Leeks", "Compost bays", "Squash on the bench", "Cold frames, shut"].map((subject, index) => ({
    ...AUTUMN,
    id: `autumn-${9 - index}`,
    place: String(9 - index),
    at: `2026-10-0${3 + index}T13:20:00+01:00`,
    light: index < 2 ? "hazy" : "overcast",
    subject,
  })),
  {
    id: "pumpkin",
    camera: "biscuit-tin",
    at: "2026-10-17T12:05:00+01:00",
    light: "porch",
    subject: "Pumpkin, straight to a positive",
    medium: "direct-positive",
    scan: { scene: "still-life" },
  },
  {
    id: "frost",
    camera: "hat-box",
    at: "2026-11-22T09:40:00+00:00",
    light: "low-sun",
    subject: "Potting shed in the first frost",
    undeveloped: true,
  },
];

/** The same as records of the log: time, f-number and light as the app's own sum has them. */
export function seasonExposures(cameras: readonly Camera[]): readonly Exposure[] {
  return SEASON_SHOTS.map((shot) => {
    const camera = cameras.find(({ id }) => id === `thistle-${shot.camera}`);
    const light = lightTable.find(({ id }) => id === shot.light);
    if (camera === undefined || light === undefined) throw new Error(`${shot.id}: no such camera or light`);
    const medium = mediumById(shot.medium ?? camera.chambers[0].film.medium);
    const fNumber = cameraFNumber(camera, medium);
    const suggestedSeconds = sheetTime(light.ev, fNumber, medium);
    const { subject, where, weather, note = "", wanted, spoilt, loadId, place } = shot;
    return {
      id: seasonId(shot.id),
      cameraId: camera.id,
      cameraName: camera.name,
      ...(loadId === undefined ? {} : { loadId, place: place ?? "1" }),
      ...(camera.set ? { number: Number(place) } : {}),
      openedAt: shot.at,
      seconds: countable(suggestedSeconds * 2 ** (shot.over ?? 0)),
      suggestedSeconds,
      fNumber,
      medium: medium.id,
      iso: medium.iso,
      light: light.name,
      lightKey: light.id,
      ev: light.ev,
      subject,
      note,
      ...(where === undefined ? {} : { where }),
      ...(weather === undefined ? {} : { weather }),
      ...(spoilt === undefined ? {} : { spoilt }),
      ...(wanted === undefined ? {} : { judged: { correction: wanted, by: "words", at: eveningOf(shot.at) } as const }),
      ...(shot.undeveloped ? {} : { developed: developedIn(shot, medium.kind === "film") }),
    };
  });
}

/** A shot's id in the log. */
export function seasonId(id: string): string {
  return `thistle-shot-${id}`;
}

/** Developer's time and temperature, as the season's darkroom keeps them. */
export const SEASON_BATH = { seconds: 75, celsius: 20, film: 420 } as const;

function developedIn({ id, at }: SeasonShot, film: boolean): NonNullable<Exposure["developed"]> {
  return {
    developmentId: `thistle-developed-${id}`,
    at: eveningOf(at),
    recipe: film ? "Film, by its data sheet" : "RC paper in trays",
    seconds: film ? SEASON_BATH.film : SEASON_BATH.seconds,
    celsius: SEASON_BATH.celsius,
  };
}

/** The evening of a day: the potting shed is dark then. */
function eveningOf(at: string): string {
  return `${at.slice(0, 11)}21:00:00${at.slice(19)}`;
}
