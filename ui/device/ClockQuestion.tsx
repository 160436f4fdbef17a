import { formatTime } from "../../core/basis/units/index.ts";
import { Question } from "../seldom/Question.tsx";
import { pageTime } from "./useNow.ts";

/** Asks, once, whether time passed that the two clocks disagree about: nothing is counted by it until then. */
export default function ClockQuestion({ jump }: { readonly jump: number }) {
  const long = formatTime(Math.abs(jump) / 1000);
  const answer = (passed: boolean) => (): void => pageTime().answer(passed);
  return jump > 0 ? (
    <Question
      title={`Did ${long} go by?`}
      words={`By the clock of this device ${long} more went by than this page has counted: it slept, or its clock was set on. Baths and light do not sleep.`}
      yes={`It slept: ${long} went by`}
      no="Its clock was set: count on"
      mustAnswer
      onYes={answer(true)}
      onNo={answer(false)}
    />
  ) : (
    <Question
      title="The clock was set back"
      words={`The clock of this device went back by ${long}. What runs is counted on as if it had not: no time is lost.`}
      yes="Count on"
      no="Close"
      mustAnswer
      onYes={answer(false)}
      onNo={answer(false)}
    />
  );
}
