import { useMemo, useState } from "react";
import { formatTime, moreOrLess } from "../../../core/basis/units/index.ts";
import { BIASED, type Biased, biasHistory, wantedStops } from "../../../core/learning/index.ts";
import type { CameraName } from "../../../storage/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Chart } from "../../../ui/drawing/Chart.tsx";
import { useInk } from "../../../ui/drawing/useInk.ts";
import { readableDay } from "../../../ui/format/localTime.ts";
import { useExperience } from "../../../ui/records/useExperience.ts";
import { biasWords, nameOfKey } from "../biasWords.ts";
import { biasHistoryOption } from "./biasHistoryOption.ts";
import { ShareExperience } from "./ShareExperience.tsx";
import { TestedTime } from "./TestedTime.tsx";

const TITLES: Readonly<Record<Biased, string>> = { camera: "Cameras", medium: "Papers and films", light: "Lights" };
/** A shot that lies farther from what the others say is named. */
const ODD = 2;

/** What the log says: how far cameras, papers and lights are from the sums, how sure that is, and how it became known. */
export default function SaysPanel({ cameras }: { readonly cameras: readonly CameraName[] }) {
  const log = useExperience();
  const ink = useInk();
  const names = useMemo(() => {
    const logged = log.lessons.map(({ shot }) => [shot.cameraId, shot.cameraName ?? "a camera that is gone"] as const);
    return new Map([...logged, ...cameras.map(({ id, name }) => [id, name] as const)]);
  }, [log, cameras]);
  const said = useMemo(() => log.experience.all(), [log]);
  const [asked, setAsked] = useState<string | null>(null);
  const key = asked ?? said.filter(({ of }) => of === "camera").sort((a, b) => b.shots - a.shots)[0]?.key ?? null;
  const inOrder = useMemo(
    () => [...log.lessons].sort((a, b) => Date.parse(a.shot.openedAt) - Date.parse(b.shot.openedAt)),
    [log],
  );
  const chapters = useMemo(
    () =>
      key === null
        ? []
        : biasHistory(
            inOrder.map(({ lesson }) => lesson),
            "camera",
            key,
          ),
    [inOrder, key],
  );
  const option = useMemo(
    () =>
      biasHistoryOption(
        chapters,
        chapters.map(({ shot }) => readableDay(inOrder[shot]?.shot.openedAt ?? "")),
        ink,
      ),
    [chapters, inOrder, ink],
  );
  const odd = useMemo(
    () => inOrder.filter(({ lesson }) => Math.abs(log.experience.surprise(lesson)) > ODD),
    [inOrder, log],
  );
  return (
    <div className="grid gap-6" data-says={log.read ? log.experience.used : "reading"}>
      {log.experience.used === 0 && (
        <p>
          Nothing yet. Judge the shots you have developed: hold each negative beside five computed ones and press the
          one it looks like. After three alike the next time is nearly all yours.
        </p>
      )}
      {log.experience.used > 0 && (
        <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
          <div className="grid content-start gap-4">
            {BIASED.map((of) => (
              <Panel key={of} title={TITLES[of]}>
                <ul>
                  {said
                    .filter((bias) => bias.of === of)
                    .map((bias) => (
                      <li
                        key={bias.key}
                        className="flex justify-between gap-4 border-line border-t py-1.5 first:border-t-0"
                        data-bias={bias.key}
                      >
                        <span className="font-medium">{nameOfKey(of, bias.key, names)}</span>
                        <span className="text-right">
                          {biasWords(bias)}
                          <span className="block text-[0.83rem] text-quiet">
                            from {bias.shots} shot{bias.shots === 1 ? "" : "s"}
                          </span>
                        </span>
                      </li>
                    ))}
                </ul>
              </Panel>
            ))}
          </div>
          <Panel title="How it became known">
            <Choice
              label="Of the camera"
              value={key}
              options={said
                .filter(({ of }) => of === "camera")
                .map((bias) => ({ id: bias.key, name: nameOfKey("camera", bias.key, names) }))}
              onChoose={setAsked}
            />
            <Chart
              option={option}
              label={`What ${key === null ? "the camera" : nameOfKey("camera", key, names)} wanted shot by shot, and what was believed of it after each`}
              className="h-72 w-full"
            />
            <p className="text-[0.87rem] text-quiet">
              Dots: what each shot wanted, over or under the sums, in stops. Line and band: what was believed of this
              camera after it, give or take one standard deviation. The band narrows as shots come in.
            </p>
          </Panel>
        </div>
      )}
      {odd.length > 0 && (
        <Panel title="Shots that disagree">
          <ul data-odd={odd.length}>
            {odd.map(({ shot, lesson }) => (
              <li key={shot.id} className="border-line border-t py-1.5 first:border-t-0">
                <span className="font-medium">{shot.subject || "A shot"}</span>, {names.get(shot.cameraId)},{" "}
                {readableDay(shot.openedAt)}, {formatTime(shot.seconds)}: it wanted {moreOrLess(wantedStops(lesson))}{" "}
                than the sums, far from what the others say. Was the light misread, or the sheet spoilt? Then say so at
                the shot, and it counts no more.
              </li>
            ))}
          </ul>
        </Panel>
      )}
      <div className="grid gap-6 lg:grid-cols-2">
        <TestedTime cameras={cameras} />
        <ShareExperience cameras={cameras} alike={log.alike} />
      </div>
    </div>
  );
}
