/** A question that everybody asks sooner or later, with its answer in a few sentences; the drawing beside it is live. */
export interface Question {
  readonly id: QuestionId;
  readonly title: string;
  /** Other words that one may look for it by. */
  readonly also: string;
  readonly answer: readonly string[];
}

export type QuestionId =
  | "upside-down"
  | "equally-sharp"
  | "bent-lines"
  | "dusk"
  | "rain"
  | "bigger-box"
  | "red-light"
  | "white-sky"
  | "black-sheet";

/** The questions, as makers ask them: the first ones first. */
export const questions: readonly Question[] = [
  {
    id: "upside-down",
    title: "Why is the picture upside down?",
    also: "inverted mirrored rays",
    answer: [
      "Light runs straight. A ray from the top of the scarecrow goes down through the hole and lands low on the sheet; one from its boots lands high. Left and right change places in the same way.",
      "Move the sheet back and the picture grows, and grows darker: the same light is spread over more paper.",
    ],
  },
  {
    id: "equally-sharp",
    title: "Why is everything equally sharp, and nothing quite?",
    also: "depth of field focus blur hole size",
    answer: [
      "A hole has no focus. Every point of the scene comes through as a spot about as wide as the hole, whether it is near or far.",
      "A smaller hole makes a smaller spot, until the light itself begins to spread at the edges of the hole. The best hole lies where the two meet. Move the slider and look.",
    ],
  },
  {
    id: "bent-lines",
    title: "Why does a can bend straight lines?",
    also: "curved sheet panorama distortion shed fence",
    answer: [
      "A sheet that is curled round the wall is flat again when you lay it out. A straight fence crosses it higher in the middle than at the ends, or lower, and comes out as a bow.",
      "Lines level with the hole stay straight, and so do upright ones. Bend the sheet with the slider.",
    ],
  },
  {
    id: "dusk",
    title: "Why does it take so much longer at dusk?",
    also: "evening light minutes exposure time",
    answer: [
      "The eye gets used to the dark and hides it from you. From full sun to a room by a window the light falls to less than a hundredth, and the time grows as much.",
    ],
  },
  {
    id: "rain",
    title: "How long in rain?",
    also: "wet weather clouds damp",
    answer: [
      "Steady rain is about a stop darker than a grey sky: twice the time. Drops themselves leave nothing on the sheet, they fall too fast.",
      "Keep drops off the hole: one on the plate is a lens, and spoils the sheet. Damp paper sticks and curls, so load in a dry place and tape the lid all round.",
    ],
  },
  {
    id: "bigger-box",
    title: "Why not a bigger box?",
    also: "size of camera large format time",
    answer: [
      "It draws finer: twice as deep with its own best hole, the picture holds about 1.4 times as many lines from side to side.",
      "It also wants twice the time, four times the paper, and a table to stand on. Small ones are quick, and nine of them fit in a seed tray.",
    ],
  },
  {
    id: "red-light",
    title: "Why red light in the darkroom?",
    also: "safelight lamp spectrum fog",
    answer: [
      "Most papers see blue, or blue and green, and are blind to red. Film for every day sees all colours: it bears no light at all.",
      "Even red light fogs in time. Test yours with a coin on a scrap of paper for five minutes.",
    ],
  },
  {
    id: "white-sky",
    title: "Why is the sky always white?",
    also: "clouds blue filter",
    answer: [
      "Paper sees little but blue, and the sky is full of it. On the negative it goes black, and on the print it stays white, clouds and all.",
      "A clear evening, a sheet of yellow film before the hole (two to three times the time), or more ground and less sky in the frame help.",
    ],
  },
  {
    id: "black-sheet",
    title: "Why is my sheet all black?",
    also: "fog leak overexposed white blank error",
    answer: [
      "Black all over, the rim included: light got in, or the paper saw light before. Test the box, and develop an unexposed sheet of the pack.",
      "Black with a clean white rim: the time was far too long, or the hole is wider than you think. Measure it, and give a quarter of the time.",
      "White all over: no light came in. Was the tape off? Does the plate cover the opening? Was the paper the right way round?",
    ],
  },
];
