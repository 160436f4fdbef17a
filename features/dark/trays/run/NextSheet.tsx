import { Button } from "../../../../ui/controls/Button.tsx";
import { ConfirmDialog } from "../../../../ui/seldom/ConfirmDialog.tsx";
import { VESSEL_WORDS } from "../../../../wording/darkroomWords.ts";
import { Cautions } from "./Cautions.tsx";
import { countText } from "./FocusSheet.tsx";
import type { Runs } from "./useRuns.ts";

/** Before the first sheet goes in. */
export function NothingIn({ first }: { readonly first: Runs["waiting"][number] | undefined }) {
  if (!first) {
    return (
      <div className="flex grow flex-col justify-center gap-2">
        <p className="font-semibold text-[1.8rem] leading-tight">Nothing is in the trays.</p>
      </div>
    );
  }
  const [step] = first.steps;
  return (
    <div className="flex grow flex-col justify-center gap-2">
      <p className="font-semibold text-[1.8rem] leading-tight">{first.sheet} goes in first.</p>
      <p>
        {step?.lamp === "none"
          ? "The film is still in its camera or box. Make the screen black; then take it out, and tap as it goes under."
          : VESSEL_WORDS[step?.vessel ?? "tray"].first}
      </p>
      <Cautions step={step} />
    </div>
  );
}

/** The next sheet that waits, with when it may go in. */
export function NextSheet({
  runs: { waiting, nextIn, going, start },
  onArm,
}: {
  readonly runs: Runs;
  /** Makes the screen black, for what bears no light. */
  readonly onArm: () => void;
}) {
  const [first] = waiting;
  if (!first) return null;
  if (first.steps[0]?.lamp === "none") {
    return (
      <Button look="action" className="w-full text-[1.25rem]" onClick={onArm}>
        Black screen now
      </Button>
    );
  }
  const soon = nextIn !== null && nextIn > 0.5;
  const press = (
    <Button
      look={going.length === 0 || !soon ? "action" : "plain"}
      className="w-full text-[1.25rem]"
      data-next-in={Math.ceil(nextIn ?? 0)}
      {...(soon ? {} : { onClick: () => start(first.id) })}
    >
      {soon ? `${first.sheet}: in ${countText(Math.ceil(nextIn))}` : `${first.sheet} goes in now`}
    </Button>
  );
  return (
    <div className="grid gap-1">
      {soon ? (
        <ConfirmDialog
          title="In before its turn?"
          words="A tray will be full when it gets there: it would have to wait in its bath, and waiting in the developer makes it darker."
          yes="In it goes"
          no="Wait"
          onYes={() => start(first.id)}
        >
          {press}
        </ConfirmDialog>
      ) : (
        press
      )}
      {waiting.length > 1 && (
        <p data-after>
          Then{" "}
          {waiting
            .slice(1)
            .map(({ sheet }) => sheet)
            .join(", ")}
          .
        </p>
      )}
    </div>
  );
}
