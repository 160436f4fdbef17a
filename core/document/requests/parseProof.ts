import { failure, type Result, success } from "../../basis/units/index.ts";
import { crossChecks, type Fault } from "../../light/solve/index.ts";
import type { ProofSettings } from "../../negative/index.ts";
import { schemaFaults } from "../faults.ts";
import { proofSchema } from "../generated/proof.js";

/** Densities of a paper lie at least so far apart: its range is told from 0.04 and 90 % of that. FORMAT. */
const LEAST_SPAN = 0.6;
/** A sheet smaller than this in its scan, px², holds no picture. */
const LEAST_AREA = 16;

/**
 * Checks the settings of `POST /api/proof` and `POST /api/judge` against their schema and the rules between fields.
 *
 * @param data parsed JSON
 * @returns the settings, or every fault with its JSON Pointer
 * @source FORMAT, `POST /api/proof`
 * @example parseProof({ medium: { least: 0.05, most: 2.05, range: 110, iso: 6 }, sheet: { width: 127, height: 101.6 } }).ok // true
 */
export function parseProof(data: unknown): Result<ProofSettings, readonly Fault[]> {
  const faults = schemaFaults(proofSchema, data);
  if (faults.length > 0) return failure(faults);
  const settings = data as ProofSettings;
  const crossed = [
    ...densityFaults(settings.medium),
    ...cornerFaults(settings.sheet.corners ?? null),
    ...cameraFaults(settings),
    ...toneFaults(settings.tone ?? {}),
  ];
  return crossed.length > 0 ? failure(crossed) : success(settings);
}

function densityFaults({ least, most }: ProofSettings["medium"]): readonly Fault[] {
  // 2.05 − 1.45 is a hair over 0.6 in binary: such a hair decides nothing.
  if (most - least > LEAST_SPAN + 1e-12) return [];
  const than = Number((least + LEAST_SPAN).toFixed(6));
  return [{ path: "/medium/most", message: `must be above ${than}: more than ${LEAST_SPAN} above the least` }];
}

/** Corners go round clockwise (y down) without a turn back: only such a figure is a sheet seen from above. */
function cornerFaults(corners: ProofSettings["sheet"]["corners"] | null): readonly Fault[] {
  if (corners === null || corners === undefined) return [];
  const turns = corners.map(([x, y], i) => {
    const [[nx, ny], [fx, fy]] = [corners[(i + 1) % 4], corners[(i + 2) % 4]] as [[number, number], [number, number]];
    return (nx - x) * (fy - ny) - (ny - y) * (fx - nx);
  });
  const path = "/sheet/corners";
  if (turns.every((turn) => turn < 0)) return [{ path, message: "must go round clockwise in the scan" }];
  if (!turns.every((turn) => turn > 0)) {
    return [{ path, message: "must be the corners of a four-sided sheet, in order: not crossed, none bent inwards" }];
  }
  const area = Math.abs(turns.reduce((sum, turn) => sum + turn, 0)) / 4;
  return area < LEAST_AREA ? [{ path, message: `must enclose at least ${LEAST_AREA} pixels` }] : [];
}

function cameraFaults({ camera, evenLight, projection, sharpen, within }: ProofSettings): readonly Fault[] {
  if (camera !== null && camera !== undefined) {
    return crossChecks(camera).map(({ path, message }) => ({ path: `/camera${path}`, message }));
  }
  const wanted = [
    evenLight === true && "evenLight",
    projection !== undefined && projection !== "lay" && `projection ${projection}`,
    sharpen === true && "sharpen",
    typeof within === "number" && "within",
  ].filter((name) => name !== false);
  return wanted.length === 0 ? [] : [{ path: "/camera", message: `is needed for ${wanted.join(", ")}` }];
}

function toneFaults({ low = null, high = null }: Partial<Record<"low" | "high", number | null>>): readonly Fault[] {
  if (low === null || high === null || low < high) return [];
  return [{ path: "/tone/high", message: "must be above the low end" }];
}
