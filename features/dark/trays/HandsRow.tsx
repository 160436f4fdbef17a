import type { DarkSettings } from "../../../storage/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { keepDark } from "../../../ui/dark/keepDark.ts";
import { canSpeak, speak } from "../../../ui/device/speech.ts";
import { keep } from "../../../ui/edits/keep.ts";

/** How one is told in the dark, and who moves a sheet on. */
export interface Hands {
  readonly sound: boolean;
  readonly speech: boolean;
  readonly tap: DarkSettings["darkTap"];
}

/** Sound, voice, and whether a tap or the clock moves a sheet on. */
export function HandsRow({ hands, onHands }: { readonly hands: Hands; readonly onHands: (hands: Hands) => void }) {
  return (
    <div className="grid gap-2">
      <Segments
        label="Who moves a sheet on"
        value={hands.tap}
        options={[
          { id: "tap", name: "I tap as I move it" },
          { id: "clock", name: "The clock, hands free" },
        ]}
        onChoose={(tap) => {
          onHands({ ...hands, tap });
          keepDark("darkTap", tap, "Who moves a sheet on");
        }}
      />
      <div className="flex flex-wrap gap-x-6">
        <Check
          label="Sound"
          checked={hands.sound}
          className="min-h-[3.75rem]"
          onCheck={(sound) => {
            onHands({ ...hands, sound });
            keep("sound", sound, "That there is sound");
          }}
        />
        {canSpeak() && (
          <Check
            label="A voice says the next bath"
            checked={hands.speech}
            className="min-h-[3.75rem]"
            onCheck={(speech) => {
              onHands({ ...hands, speech });
              keepDark("speech", speech, "That there is a voice");
              if (speech) speak("To the stop, then the fixer.");
            }}
          />
        )}
      </div>
    </div>
  );
}
