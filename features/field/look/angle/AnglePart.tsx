import type { ComponentProps } from "react";
import type { FinderSetting } from "../../../../storage/index.ts";
import { Disclosure } from "../../../../ui/controls/Disclosure.tsx";
import { keep } from "../../../../ui/edits/keep.ts";
import { Calibrate } from "./Calibrate.tsx";
import { CalibrateByTurn } from "./CalibrateByTurn.tsx";
import type { FocalGuess } from "./focalOf.ts";

/** The phone's angle: how sure it is, where it comes from, and the two ways to find it. */
export function AnglePart({
  focal,
  gauge,
  turn,
  onGauge,
  onFound,
}: {
  readonly focal: FocalGuess;
  /** Of the live view: how wide it is and how far the marks on it are apart, px; `null`: there is none. */
  readonly gauge: Pick<ComponentProps<typeof Calibrate>, "width" | "height" | "gauge"> | null;
  /** What a turn is seen and felt by; `null`: the device does not tell how it is held. */
  readonly turn: Omit<ComponentProps<typeof CalibrateByTurn>, "onFound"> | null;
  readonly onGauge: (pixels: number | null) => void;
  readonly onFound: (found: FinderSetting) => void;
}) {
  const found = (setting: FinderSetting): void => {
    onFound(setting);
    onGauge(null);
    keep("finder", setting, "The phone’s angle");
  };
  return (
    <Disclosure title={`The phone’s angle, ± ${Math.round(100 * focal.error)} %`} name="angle">
      <p className="mb-2 text-[0.87rem] text-quiet">{focal.from}</p>
      {gauge !== null && <Calibrate {...gauge} onGauge={onGauge} onFound={found} />}
      {turn !== null && <CalibrateByTurn {...turn} onFound={found} />}
    </Disclosure>
  );
}
