import type { DarkSettings, Settings } from "../../../storage/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { canSpeak, speak } from "../../../ui/device/speech.ts";
import type { ChoicesInHand } from "../../../ui/edits/useChoices.ts";

/** Sound, voice, and whether a tap or the clock moves a sheet on. */
export function HandsRow({
  dark: { darkTap, speech },
  sound,
  onDark,
  onSound,
}: {
  readonly dark: Pick<DarkSettings, "darkTap" | "speech">;
  readonly sound: boolean;
  readonly onDark: ChoicesInHand<DarkSettings>["choose"];
  readonly onSound: ChoicesInHand<Pick<Settings, "sound">>["choose"];
}) {
  return (
    <div className="grid gap-2">
      <Segments
        label="Who moves a sheet on"
        value={darkTap}
        options={[
          { id: "tap", name: "I tap as I move it" },
          { id: "clock", name: "The clock, hands free" },
        ]}
        onChoose={(tap) => onDark({ darkTap: tap }, "Who moves a sheet on")}
      />
      <div className="flex flex-wrap gap-x-6">
        <Check
          label="Sound"
          checked={sound}
          className="min-h-[3.75rem]"
          onCheck={(on) => onSound({ sound: on }, "The sound")}
        />
        {canSpeak() && (
          <Check
            label="A voice says the next bath"
            checked={speech}
            className="min-h-[3.75rem]"
            onCheck={(on) => {
              onDark({ speech: on }, "The voice");
              if (on) speak("To the stop, then the fixer.");
            }}
          />
        )}
      </div>
    </div>
  );
}
