import { useState, useSyncExternalStore } from "react";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { onRedLight, redLevel } from "../../../ui/dark/redLight.ts";
import { keepSafelightTest, safelightTest, safelightWords } from "../../../ui/dark/safelight.ts";
import { wakeSound } from "../../../ui/device/signals.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { Term } from "../../../ui/words/Term.tsx";
import { darkRoomChecks, SAFELIGHT_SECONDS, safelightSteps } from "../../../wording/darkroomWords.ts";
import { CountOverlay } from "../CountOverlay.tsx";

const PARTS = [{ seconds: SAFELIGHT_SECONDS, caption: "The paper lies under its coin" }];

/** A dark room at home, and the test whether this very screen, in its place, is a safelight for paper. */
export function SafelightPanel({ sound }: { readonly sound: boolean }) {
  const level = useSyncExternalStore(onRedLight, redLevel, () => null);
  const [counting, setCounting] = useState(false);
  const [lain, setLain] = useState<number | null>(null);
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  const test = safelightTest();
  const found = (passed: boolean): void => {
    const kept = keepSafelightTest({ at: isoWithOffset(new Date()), level: lain ?? level ?? 255, passed });
    setLain(null);
    notify(
      kept
        ? passed
          ? "Saved for this device: no trace at this brightness, in this place."
          : "Kept for this device: its red fogs paper."
        : "The result can’t be saved in this browser.",
      kept ? {} : { urgent: true },
    );
  };
  if (counting) {
    return (
      <CountOverlay
        parts={PARTS}
        sound={sound}
        bright
        onCancel={() => setCounting(false)}
        onDone={() => {
          setCounting(false);
          setLain(level ?? 255);
        }}
      />
    );
  }
  return (
    <>
      <Disclosure
        title={test?.passed ? "Safelight: tested" : "Is this screen a safelight?"}
        name="safelight"
        open={lain !== null}
      >
        <p className="mb-2" data-safelight={test === null ? "untested" : test.passed ? "passed" : "failed"}>
          <Term id="safelight">Safelight</Term>. {level === null ? "The red light is off." : safelightWords(level)}
        </p>
        <ol className="mb-3 list-decimal pl-6">
          {safelightSteps.map(({ id, words }) => (
            <li key={id}>{words}</li>
          ))}
        </ol>
        {lain === null ? (
          <Button
            disabled={level === null}
            className="w-full"
            onClick={() => {
              wakeSound();
              setCounting(true);
            }}
          >
            Count the five minutes
          </Button>
        ) : (
          <div className="grid grid-cols-2 gap-2">
            <Button onClick={() => found(true)}>No edge to be seen</Button>
            <Button onClick={() => found(false)}>The coin shows</Button>
          </div>
        )}
        <p className="mt-2 text-quiet">
          For this device, where it stands, as bright as it is now. Film is another thing: it bears no light at all.
        </p>
      </Disclosure>
      <Disclosure title="A dark room at home" name="room">
        <ul>
          {darkRoomChecks.map(({ id, words }) => (
            <li key={id}>
              <Check
                label={words}
                className="min-h-[3.75rem]"
                checked={done.has(id)}
                onCheck={(on) =>
                  setDone((before) => new Set(on ? [...before, id] : [...before].filter((each) => each !== id)))
                }
              />
            </li>
          ))}
        </ul>
      </Disclosure>
    </>
  );
}
