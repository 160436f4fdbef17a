/** What to see to before a hole opens. {time}, {near}, {passers} and the like are filled in. Common practice. */
export interface OpeningTip {
  readonly id: string;
  readonly words: string;
  readonly source: string;
}

const PRACTICE = "common practice";

export const openingTips: readonly OpeningTip[] = [
  { id: "still", words: "Nothing may move it: something heavy on top, or a stone on each side.", source: PRACTICE },
  {
    id: "rolls",
    words: "Lying, a round one rolls: a rubber band round it and a pen under the band stop that.",
    source: PRACTICE,
  },
  { id: "winds", words: "Have you wound to this frame? Once it is open, nobody can tell.", source: PRACTICE },
  { id: "turn", words: "Turn it to this chamber; the flaps of all others stay shut.", source: PRACTICE },
  {
    id: "bent",
    words: "On a bent sheet straight lines bend and everything looks far away: go closer than you think.",
    source: PRACTICE,
  },
  {
    id: "shutter",
    words:
      "Tape off, thumb on; when all is quiet, the thumb away. A short time wants a quick thumb, a long one forgives a slow one.",
    source: PRACTICE,
  },
  {
    id: "shadow",
    words: "Keep your own shadow, and the camera’s, out of a near scene: let the light come from the side.",
    source: PRACTICE,
  },
  { id: "near", words: "Go near: {subject} fills the sheet’s height at {near}.", source: "similar triangles" },
  {
    id: "passer",
    words: "Someone who walks past {away} away is {size} high on the sheet and {fate}.",
    source: "PHYSICS section 4",
  },
  {
    id: "branch",
    words: "What sways in the wind turns soft; what stands still for most of the time stays.",
    source: PRACTICE,
  },
  {
    id: "sun",
    words: "Never look at the sun, also not through the hole; keep it out of the picture unless you want its trace.",
    source: PRACTICE,
  },
  {
    id: "public",
    words: "A taped-up can in public looks alarming: ask whoever owns the place, and put your name on it.",
    source: PRACTICE,
  },
];
