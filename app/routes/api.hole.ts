import { DPI_RANGE } from "../../core/make/holeScan/index.ts";
import { refusalWords, saidHoleAnswer } from "../../wording/make/holeScanWords.ts";
import { busy, NO_POOL, OTHERS_WAIT, readBytes, refused } from "../headless.ts";
import type { PictureTrouble } from "../serverContext.ts";
import type { Route } from "./+types/api.hole";

/** `POST /api/hole` (FORMAT): a hole measured from a picture. */
export async function action({ request, context }: Route.ActionArgs): Promise<Response> {
  if (request.method !== "POST") return notAllowed();
  const query = new URL(request.url).searchParams;
  const [dpi, x, y] = ["dpi", "x", "y"].map((name) => numberOf(query.get(name)));
  if (dpi === undefined || (dpi !== null && (dpi < DPI_RANGE.least || dpi > DPI_RANGE.most))) {
    return refused(422, [{ path: "/dpi", message: `must be a number from ${DPI_RANGE.least} to ${DPI_RANGE.most}` }]);
  }
  if (x === undefined || y === undefined || (x === null) !== (y === null)) {
    return refused(422, [{ path: "/x", message: "x and y must be given together, as numbers of pixels" }]);
  }
  const encoding = query.get("encoding");
  if (encoding !== null && encoding !== "linear" && encoding !== "srgb") {
    return refused(422, [{ path: "/encoding", message: "must be linear or srgb, or left out" }]);
  }
  const bytes = await readBytes(request);
  if (bytes instanceof Response) return bytes;
  const at = x === null || y === null ? null : { x, y };
  if (context.pictures === undefined) return busy(NO_POOL);
  const measured = await context.pictures.measure({
    bytes,
    dpi,
    encoding,
    at,
  });
  if (!measured.ok) return troubled(measured.error);
  if (measured.value === null) {
    return refused(422, [{ path: "/dpi", message: "the file states no resolution: give it as dpi=…" }]);
  }
  return Response.json(saidHoleAnswer(measured.value));
}

function troubled(trouble: PictureTrouble): Response {
  switch (trouble.kind) {
    case "file":
      return refused(422, [{ path: "", message: trouble.message }]);
    case "hole":
      return Response.json(
        { errors: [{ path: "", message: refusalWords(trouble.refusal) }], ...trouble.refusal },
        { status: 422 },
      );
    case "busy":
      return busy(OTHERS_WAIT);
    case "too-much":
      return refused(422, [
        { path: "", message: "takes more than 15 s or 1.5 GB to read; cut out the part that matters" },
      ]);
    default:
      return trouble satisfies never;
  }
}

/** Other methods are told what is allowed. */
export function loader(): Response {
  return notAllowed();
}

/** A number of a query: `null` where it is not given, `undefined` where it is no finite number. */
function numberOf(text: string | null): number | null | undefined {
  if (text === null) return null;
  const value = Number(text);
  return text.trim() !== "" && Number.isFinite(value) ? value : undefined;
}

function notAllowed(): Response {
  const answer = refused(405, [
    { path: "", message: "use POST with a PNG, JPEG or TIFF as the body; dpi, x and y in the query" },
  ]);
  answer.headers.set("Allow", "POST");
  return answer;
}
