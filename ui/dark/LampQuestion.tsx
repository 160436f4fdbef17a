import { useState } from "react";
import type { SheetOut } from "../../core/darkroom/lamp/index.ts";
import { foggedWords } from "../../wording/darkroomWords.ts";
import { Question } from "../seldom/Question.tsx";
import { answerDark } from "./redLight.ts";
import { useAllowedLamp } from "./sheetsOut.ts";

/** On entering Dark: in the dark now, or by daylight to plan. The screen is red until it is answered. */
export default function LampQuestion() {
  const allowed = useAllowedLamp();
  const [barred, setBarred] = useState<readonly SheetOut[] | null>(null);
  const daylight = (): void => {
    const { lamp, because } = allowed();
    if (lamp === "white") answerDark("day");
    else setBarred(because);
  };
  if (barred !== null) {
    return (
      <Question
        title="Daylight?"
        words={foggedWords(barred)}
        yes="All is put away: daylight"
        no="Stay red"
        onYes={() => answerDark("day")}
        onNo={() => answerDark("dark")}
      />
    );
  }
  return (
    <Question
      title="Is it dark where you are?"
      words="In the dark this screen stays red, as dim as it goes. By daylight it is as bright as ever: to plan, mix, read and practise, with no sheet out of its box."
      yes="In the dark now"
      no="By daylight, to plan"
      onYes={() => answerDark("dark")}
      onNo={daylight}
      mustAnswer
    />
  );
}
