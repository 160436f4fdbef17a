import type { GoalName, Hidden, SessionName } from "../core/practice/index.ts";

/** What people read of a session of practice. */
export interface SessionWords {
  readonly title: string;
  /** What is wanted. */
  readonly task: string;
  /** What of it is another in each number. */
  readonly more?: (hidden: Hidden) => string;
  /** Told one after the other, to whoever asks. */
  readonly hints: readonly string[];
  /** What somebody who has done it often would have done. */
  readonly expert: string;
}

export const SESSION_WORDS: Readonly<Record<SessionName, SessionWords>> = {
  meter: {
    title: "Find the meter’s offset",
    task: "The practice meter in Field reads wrong, always by the same number of stops. Find the number and set its correction, to a third of a stop. No sheet is needed.",
    hints: [
      "Open Field, Expose, and choose the practice meter as your light.",
      "Full sun on grass is EV 15 wherever you are. Point the meter at the grass and compare.",
      "The button under the correction sets it by that comparison. Read twice: the needle may move by a mark.",
    ],
    expert:
      "I would read the sunlit grass three times, take the middle reading, and set the correction by full sun. From then on the meter is as good as a dear one.",
  },
  "black-sky": {
    title: "A black sky, mended in two sheets",
    task: "Somebody exposed the biscuit tin in full sun, and on the negative the sky is black all over. Find out by how much it was too long, and make a good one. You have two sheets.",
    hints: [
      "Scan the given sheet with the made-up flatbed in Proof, then open Judge.",
      "Agree with what Judge says: the log learns from it, and Field takes it into the next time.",
      "Load a sheet in Dark, choose full sun in Field, and count the time that it says now. Judge that sheet, too.",
    ],
    expert:
      "I would judge the black sheet before I touch the camera. It says how many stops to take off. One new sheet with that time, judged again. A sky that was black all over hides how much too long it was, so the second sheet is for the rest.",
  },
  paper: {
    title: "Paper that is not what its box says",
    task: "The paper in this pack is not as sensitive as its box says, or more so. The sun shines. Find the right time for the hat box within three sheets.",
    hints: [
      "Expose the first sheet by what Field says, scan it and judge it.",
      "The scan tells how much longer or shorter it should have been. Agree, and the log keeps it.",
      "Field takes that into its next time. Expose again by it.",
    ],
    expert:
      "I would give the first sheet the plain time for full sun, judge it, and trust the correction. The second sheet is right. A third is for those who guess.",
  },
  leak: {
    title: "The can that leaks",
    task: "The cocoa tin’s first sheet has a dark streak. Find the cause, see to it that the sheet teaches no exposure time, mend the tin, and expose one more sheet.",
    hints: [
      "Scan the given sheet in Proof and look at what Judge finds at its edge.",
      "A sheet that light leaked on says nothing of the time: say so in Judge or in the log.",
      "Tape the lid, then do the Light test in Make, and note that nothing was seen.",
    ],
    expert:
      "A streak that is darkest at the edge came in past the lid. I would mark the sheet as leaked on, tape the lid twice round, test with a lamp inside, and only then load again.",
  },
  canisters: {
    title: "Nine canisters, nine places",
    task: "Load all nine canisters, open them in full sun, and log all nine: each with its own number, and each with a right time.",
    hints: [
      "In Dark, Load takes all nine in one go. Small pieces come from one sheet.",
      "In Field, choose several numbers, and one press opens all of them. Each has its own count.",
      "Close each when its count is over, and log them all.",
    ],
    expert:
      "I would open three at a time, no more than I can close in the right second. The number on the cap and the number in the log must agree, so I log before I open the next three.",
  },
  ghost: {
    title: "A walker as a ghost",
    task: "A neighbour crosses before the shed in full sun, as slowly as she can. Make a sheet on which she is seen and seen through. You have three cameras and two sheets.",
    more: ({ passes }) => `She takes ${passes} seconds to go as far as she is wide.`,
    hints: [
      "Somebody covers each point for those seconds. What counts is their share of the exposure.",
      "Under a tenth of the time she vanishes, over nine tenths she looks as if she stood. A ghost lies between.",
      "Look in Field how long each of the three cameras is open in full sun, and take the one in whose time her seconds are a third.",
    ],
    expert:
      "I would divide her seconds by each camera’s time. A third is a fine ghost. Then I would ask her to wear something dark, for a light coat before a light wall is no ghost.",
  },
  "half-year": {
    title: "The half year that left the sheet",
    task: "A can is to hang from the winter solstice to the summer one, but by this plan the summer sun leaves its sheet. Change the plan, so that every noon lands on the sheet.",
    hints: [
      "Open Sun, Plan. The verdict says from which day on the noons leave the sheet, and by how much.",
      "The higher the sun, the lower its track on the sheet. A hole higher up brings the tracks up with it.",
      "Where the hole can’t go up so far, lean the can back. The verdict offers both.",
    ],
    expert:
      "I would look at midsummer’s noon first, for it lands farthest off. A few degrees of lean bring it back, as long as midwinter’s noon stays on the sheet at the other end.",
  },
};

export const GOAL_WORDS: Readonly<Record<GoalName, string>> = {
  offset: "The meter’s correction is set",
  judged: "A first sheet is scanned and judged",
  right: "A sheet of yours has the right time, to two thirds of a stop",
  found: "The streaked sheet is marked as leaked on",
  tight: "The tin is tested, and proved tight",
  again: "One more sheet is exposed",
  loaded: "All nine are loaded",
  each: "Each of the nine is exposed and logged",
  ghost: "On a sheet of yours she covers a fifth to three fifths of the time",
  year: "Every noon from solstice to solstice lands on the sheet",
  "all-right": "All your times are right, to two thirds of a stop",
};
