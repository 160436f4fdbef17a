import { useState } from "react";
import { calibratedFocalLength, calibrationError } from "../../../../core/viewfinder/index.ts";
import type { FinderSetting } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { LengthField } from "../../../../ui/controls/entries/LengthField.tsx";
import { Slider } from "../../../../ui/seldom/Slider.tsx";

/** Two marks are laid by eye to a hundredth, and a distance is measured to one. */
const BY_EYE = 0.01;
/** An office sheet across; ISO 216, mm. */
const A4_ACROSS = 210;

/** Finds the phone's angle once: something of known width, at a known distance, between two marks. */
export function Calibrate({
  width,
  height,
  gauge,
  onGauge,
  onFound,
}: {
  /** Pixels of the phone's picture. */
  readonly width: number;
  readonly height: number;
  /** How far the marks are apart, px. */
  readonly gauge: number;
  readonly onGauge: (pixels: number) => void;
  readonly onFound: (found: FinderSetting) => void;
}) {
  const [across, setAcross] = useState(A4_ACROSS);
  const [distance, setDistance] = useState(500);
  const take = (set: (mm: number) => void) => (mm: number | null) => {
    if (mm === null || !(mm > 0)) return "A length above 0.";
    set(mm);
    return null;
  };
  const found = (): FinderSetting => ({
    focal: Math.min(10, Math.max(0.1, calibratedFocalLength(gauge, distance, across) / Math.hypot(width, height))),
    error: calibrationError([1, BY_EYE], [1, BY_EYE]),
  });
  return (
    <div className="grid gap-2" data-calibrate>
      <p>
        Hold an office sheet upright, square to the phone, in the middle of the picture. Measure from the phone to the
        sheet. Move the two marks onto its edges.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <LengthField label="Its width" name="known-width" value={across} onTake={take(setAcross)} />
        <LengthField label="Its distance" name="known-distance" value={distance} onTake={take(setDistance)} />
      </div>
      <Slider
        label="The marks apart"
        low="closer"
        high="wider"
        least={0.05 * width}
        most={0.95 * width}
        step={width / 500}
        value={gauge}
        say={(pixels) => `${Math.round((100 * pixels) / width)} % of the picture`}
        onSlide={onGauge}
      />
      <Button className="min-h-[3.3rem]" onClick={() => onFound(found())}>
        They stand on its edges
      </Button>
    </div>
  );
}
