import type { MakingQuestion } from "../../core/make/steps/index.ts";

/** Questions on which makers disagree. Common practice. */
export const makingQuestions: readonly MakingQuestion[] = [
  {
    id: "black",
    question: "Blacken the inside?",
    ways: [
      {
        id: "paint",
        name: "Flat black paint",
        why: "Bare metal and white card scatter light and fog the sheet. Flat, not gloss; lid too.",
      },
      {
        id: "paper",
        name: "Line it with black paper",
        why: "No fumes, no waiting; it may come loose and shade the sheet.",
      },
      {
        id: "leave",
        name: "Leave it",
        why: "Brown card does for a quick trial. In metal, expect flat, foggy pictures.",
      },
    ],
  },
  {
    id: "tape",
    question: "Which black tape?",
    ways: [
      {
        id: "cloth",
        name: "Black cloth tape, two layers",
        why: "Strong and tears straight; one layer alone can let light through.",
      },
      {
        id: "electrical",
        name: "Black electrical tape",
        why: "Opaque in one layer and follows curves; it creeps in the heat.",
      },
    ],
  },
  {
    id: "side",
    question: "Which side of the plate faces out?",
    ways: [
      {
        id: "out",
        name: "Sanded, convex side out",
        why: "The thin edge of the hole then stands free, and the rim shades nothing.",
      },
      { id: "in", name: "Sanded side in", why: "Some keep the smooth side to the weather: it is easier to wipe." },
    ],
  },
  {
    id: "hold",
    question: "What holds the sheet?",
    ways: [
      { id: "tape", name: "Rolled tape", why: "Four rolls, sticky side out. Always at hand; may lift a corner." },
      { id: "magnets", name: "Magnets", why: "Quick in the dark; needs a steel back, and leaves white corners." },
      { id: "strips", name: "Rubber strips", why: "Ends slide under; holds film flat." },
      {
        id: "liner",
        name: "A liner with tabs",
        why: "Loaded outside the container and pushed in whole; good for small openings.",
      },
      { id: "slot", name: "A slot of card", why: "The most exact; takes the longest to make." },
    ],
  },
  {
    id: "shutter",
    question: "What opens and closes it?",
    ways: [
      {
        id: "tape",
        name: "Electrical tape with a handle",
        why: "Sticks, peels, costs nothing. Cloth tape is too strong: it tears off what lies under it.",
      },
      { id: "magnet", name: "A magnet on steel", why: "Quick in the cold; needs steel under it." },
      { id: "slide", name: "A slide of card", why: "Opens without a pull; takes the longest to make." },
      { id: "stopper", name: "A cap pressed on", why: "Can’t fall off in a pocket; shakes a light camera." },
      { id: "thumb", name: "A thumb", why: "Good enough for long times, once the tape is off." },
    ],
  },
  {
    id: "gap",
    question: "How large a gap between the ends of the curled sheet?",
    ways: [
      {
        id: "ten",
        name: "About {ten} at the hole",
        why: "Feel for the rough back of the hole: the sheet must not cover it.",
      },
      { id: "wide", name: "{wide} or more", why: "Safer in the dark; a little less picture at both ends." },
    ],
  },
  {
    id: "closing",
    question: "Has it a lid of its own?",
    ways: [
      { id: "lid", name: "Yes, its own lid", why: "Look how far it reaches down: it must not lie over the hole." },
      { id: "cap", name: "No: a cap of card", why: "A collar, a disc and tape; it must slide, not wobble." },
    ],
  },
];
