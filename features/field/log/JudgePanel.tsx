import { useEffect, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { type DevelopedPreview, sunlit } from "../../../core/bench/preview/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Exposure, Judgement, Spoilt } from "../../../core/document/index.ts";
import { getEdited } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import { runPreview } from "../../../workers/jobs/preview/preview.client.ts";

/** How far the five sheets lie from right, stops: the darkest first. */
const SHEETS = [
  { over: 2, stops: "two stops" },
  { over: 1, stops: "one stop" },
  { over: 0, stops: null },
  { over: -1, stops: "one stop" },
  { over: -2, stops: "two stops" },
] as const;

/** How far a sheet lies from right, in words: a negative with too much light is dark, a direct positive light. */
function offWords({ over, stops }: (typeof SHEETS)[number], positive: boolean): string {
  if (stops === null) return "right";
  return `${stops} too ${over > 0 === positive ? "light" : "dark"}`;
}

/** What is said of a direct positive, and what follows, stops. Common practice: half a stop shows. */
const POSITIVE_WORDS = [
  { name: "All white: a quarter next time", correction: -2 },
  { name: "Sky bare, the rest is there: half next time", correction: -1 },
  { name: "A little pale: two thirds next time", correction: -0.5 },
  { name: "Good: both ends are there", correction: 0 },
  { name: "A little dark: half as much again", correction: 0.5 },
  { name: "Shadows black: twice next time", correction: 1 },
  { name: "Hardly anything but black: four times", correction: 2 },
] as const;

/** What is said of a negative, and what follows, stops. Common practice. */
const WORDS = [
  { name: "All black: a quarter next time", correction: -2 },
  { name: "Sky black, the rest is there: half next time", correction: -1 },
  { name: "A little dark: two thirds next time", correction: -0.5 },
  { name: "Good: both ends are there", correction: 0 },
  { name: "A little thin: half as much again", correction: 0.5 },
  { name: "Shadows empty: twice next time", correction: 1 },
  { name: "Hardly anything on it: four times", correction: 2 },
] as const;

const CAUSES: readonly { readonly id: Spoilt; readonly name: string }[] = [
  { id: "moved", name: "it moved" },
  { id: "leak", name: "light leaked in" },
  { id: "fogged", name: "it was fogged" },
  { id: "covered", name: "the hole was covered" },
  { id: "developed", name: "not developed right" },
  { id: "other", name: "something else" },
];

const PIXELS = 150;

/** What a sheet says of its time: the sheet it looks like, or words; or that it says nothing. */
export function JudgePanel({
  shot,
  onJudge,
  onCancel,
}: {
  readonly shot: Exposure;
  readonly onJudge: (shot: Exposure) => void;
  readonly onCancel: () => void;
}) {
  const sheets = useSheets(shot);
  const { positive = false } = mediumById(shot.medium).density;
  const { noun } = RESPONSE_WORDS[positive ? "direct-positive" : "negative"];
  const judge = (correction: number, by: Judgement["by"]): void =>
    onJudge({ ...shot, judged: { correction, by, at: isoWithOffset(new Date()) }, spoilt: null });
  const spoil = (spoilt: Spoilt): void => onJudge({ ...shot, judged: null, spoilt });
  return (
    <section aria-label={`Judge the ${noun}`} className="grid gap-4 bg-card p-3" data-judging={shot.id}>
      {sheets !== "none" && (
        <div>
          <p className="stamp mb-1">Hold the {noun} beside these: which does it look like?</p>
          <ul className="grid grid-cols-5 gap-1.5">
            {SHEETS.map((sheet, index) => (
              <li key={sheet.over}>
                <button
                  type="button"
                  className="block min-h-[3.3rem] w-full border border-line p-1 text-[0.8rem] leading-tight hover:border-ink"
                  onClick={() => judge(-sheet.over, "sheets")}
                >
                  {sheets?.[index] ? (
                    <PreviewCanvas
                      picture={sheets[index]}
                      side="negative"
                      label={`A ${noun} ${offWords(sheet, positive)}`}
                    />
                  ) : (
                    <span className="block aspect-[5/4] bg-board" />
                  )}
                  <span className="mt-1 block">{offWords(sheet, positive)}</span>
                </button>
              </li>
            ))}
          </ul>
          <p className="mt-1 text-[0.83rem] text-quiet">
            Computed for this camera and paper, of the allotment in full sun. Compare how dark sky and ground are, not
            what they show.
          </p>
        </div>
      )}
      <div>
        <p className="stamp mb-1">Or in words</p>
        <div className="grid gap-1.5 sm:grid-cols-2">
          {(positive ? POSITIVE_WORDS : WORDS).map(({ name, correction }) => (
            <Button key={name} className="min-h-[3.3rem] justify-start" onClick={() => judge(correction, "words")}>
              {name}
            </Button>
          ))}
        </div>
      </div>
      <div>
        <p className="stamp mb-1">Or it says nothing of the time, since</p>
        <div className="flex flex-wrap gap-1.5">
          {CAUSES.map(({ id, name }) => (
            <Button key={id} className="min-h-[3.3rem]" onClick={() => spoil(id)}>
              {name}
            </Button>
          ))}
          {(shot.judged || shot.spoilt) && (
            <Button
              look="quiet"
              className="min-h-[3.3rem]"
              onClick={() => onJudge({ ...shot, judged: null, spoilt: null })}
            >
              Not judged after all
            </Button>
          )}
          <Button look="quiet" className="min-h-[3.3rem]" onClick={onCancel}>
            Leave it
          </Button>
        </div>
      </div>
    </section>
  );
}

/** The five sheets for a shot’s camera and medium, as they are drawn; `none`: its camera is gone. */
function useSheets(shot: Exposure): readonly (DevelopedPreview | null)[] | null | "none" {
  const [sheets, setSheets] = useState<readonly (DevelopedPreview | null)[] | null | "none">(null);
  const { cameraId, medium, iso } = shot;
  useEffect(() => {
    const stop = new AbortController();
    const draw = async (): Promise<void> => {
      const camera = await getEdited("cameras", cameraId);
      if (stop.signal.aborted) return;
      if (!camera.ok) {
        setSheets("none");
        return;
      }
      const drawn: (DevelopedPreview | null)[] = SHEETS.map(() => null);
      for (const [index, { over }] of SHEETS.entries()) {
        const picture = await sheetOver(camera.value, medium ?? null, iso, over, stop.signal);
        if (stop.signal.aborted) return;
        drawn[index] = picture;
        setSheets([...drawn]);
      }
    };
    void draw();
    return () => stop.abort();
  }, [cameraId, medium, iso]);
  return sheets;
}

async function sheetOver(
  camera: Camera,
  mediumId: string | null,
  iso: number | undefined,
  over: number,
  signal: AbortSignal,
): Promise<DevelopedPreview | null> {
  const known = mediumById(mediumId);
  const medium = { ...known, iso: iso ?? known.iso, longTime: { kind: "none" } as const };
  const done = await runPreview({ ...sunlit(camera, medium, PIXELS), stops: over }, { signal });
  return done.ok ? done.value : null;
}
