import type { StepTexts } from "../../core/make/steps/index.ts";
import { CARTRIDGES_BY_DAYLIGHT } from "./loadingSteps.ts";

const BLADE = "Blades: cut away from your hand, on a mat, with a fresh blade. With children, an adult cuts.";
const RIM =
  "A cut rim is a blade: fold it over or file it smooth, then tape it. Gloves help. With children, an adult does it.";
const PAINT = "Paint in fresh air, away from flames, and follow the paint’s own safety data sheet.";
const HOT = "Drilled metal gets hot and throws chips: clamp it, cover your eyes, turn slowly.";
const PIN = "Push away from your face and fingers: a can may throw the pin back, and a needle’s head may snap off.";
const MAGNET =
  "Keep small magnets from children: two that are swallowed harm badly. Keep them away from pacemakers and other implants.";
const SUN = "Never look at the sun through any hole.";

/** How large a hole is to be; for the sun’s tracks no one size is best. */
const exactly = {
  exact: "Wanted: {diameter}. Anything from {low} to {high} looks the same.",
  bright: "Wanted: {diameter}, larger than the sharpest on purpose: bright and soft.",
  trail: "Anything from {low} to {high} draws the sun’s tracks.",
} as const;

const hole = {
  title: "Make the hole",
  minutes: 20,
  what: "In the middle of a plate {plate} square make the hole.",
  also: { ...exactly, measure: "“Hole” tells with what and how deep; measure it there." },
  why: "Everything else follows from this hole.",
  caution: `${PIN} Burnish the plate’s edges: cut metal is sharp.`,
  tools: ["plate metal", "needle or pin", "pad", "1200 grit abrasive"],
} as const;

const holeInWall = {
  title: "Make the hole in the wall",
  minutes: 10,
  also: {
    ...exactly,
    thick: "So thick a wall is sanded thin there first, from outside, till the pin goes through.",
    many: "Do so at each mark.",
    measure: "Measure it under “Hole”.",
  },
  why: "The hole is in the wall itself, {wall} thick: nothing can come loose.",
} as const;

const opening = {
  title: "Cut the opening",
  minutes: 10,
  why: "The hole itself goes in thin metal over this. A narrow opening in a thick wall shades the corners of the sheet.",
  also: { many: "Do so at each mark." },
} as const;

const holder = {
  title: "What holds the sheet",
  minutes: 5,
  why: "A sheet that stands off the back, or springs up, is soft where it does.",
  caution: null,
} as const;

const shutter = {
  title: "The shutter",
  minutes: 3,
  also: {
    many: "One for each hole.",
    pair: "One strip goes across the two, with one handle: both are opened together.",
  },
  why: "Glue must never touch the hole, and uncovering it must not shake the camera.",
  caution: null,
  tools: ["electrical tape", "backing paper"],
} as const;

const plate = {
  title: "Put the plate in",
  minutes: 10,
  what: "Fold a square of tape in half and cut a triangle out of the fold: opened, it has a window the shape of a diamond. Stick the plate behind it, with the hole in the middle of the window, and stick both over the opening. Then tape all four sides of the plate to the wall, each strip {strip} long.",
  also: {
    inside: "The plate goes inside the wall,",
    outside: "The plate goes outside the wall,",
    out: "its sanded side facing out.",
    in: "its sanded side facing in.",
    curved: "Bend it with the wall, without a crease, and press its edges down with a fingernail.",
    many: "Do so at each opening.",
  },
  why: "The diamond shows the middle; tape on all four sides keeps light from creeping under an edge.",
  caution: null,
  tools: ["tape", "scissors"],
} as const;

const plateBought = {
  title: "Put the bought hole in",
  minutes: 10,
  what: "Lay the plate behind the opening with its hole in the middle, by its edges alone. Tape all four sides to the wall, each strip {strip} long.",
  also: {
    inside: "The plate goes inside the wall.",
    outside: "The plate goes outside the wall.",
    curved: "Bend it with the wall, without a crease: thin foil creases at once.",
    many: "Do so at each opening.",
  },
  why: "The size on its packet is the hole’s; measure it once all the same.",
  caution: null,
  tools: ["tape", "scissors"],
} as const;

const lid = {
  title: "Tape for the lid",
  minutes: 3,
  also: { corners: "Tape over every corner, too." },
  why: "It keeps light out, and tells you that the camera is loaded.",
  caution: null,
} as const;

const cutter = {
  title: "Put marks on the cutter",
  minutes: 3,
  once: true,
  also: {
    several: "One sheet gives {count} such pieces.",
    set: "For all {alike} you need {sheets}.",
  },
  why: "Nothing is measured in the dark.",
  caution: BLADE,
  tools: ["cutter", "tape"],
} as const;

const opaque = {
  title: "Is it opaque?",
  minutes: 3,
  what: "In a dark room hold a bright lamp inside the {noun}, lid on. Look at walls, seams and lid from all sides.",
  also: {
    plastic: "White plastic never works; grey lids often leak.",
    open: "A drink carton has a hole for its straw and a glued seam: tape both, inside and out.",
  },
  why: "A wall that glows fogs every sheet.",
  caution: null,
  tools: ["lamp"],
} as const;

const lightTest = {
  title: "Prove it light-tight",
  minutes: 15,
  what: "Try it with the lamp, lid on and taped. Then leave a sheet shut in it in the sun for some minutes, and develop it.",
  why: "A leak found now costs one sheet; found later, a whole afternoon.",
  caution: SUN,
  tools: ["lamp", "a sheet of paper"],
} as const;

/** The words of every building step. Common practice. */
export const stepTexts: StepTexts = {
  opaque,
  "opaque-glows": {
    ...opaque,
    what: `${opaque.what} You noted that it glows: wrap all of it in two layers of black cloth tape, edges overlapping, and look again.`,
  },
  rinse: {
    title: "Open and clean the can",
    minutes: 10,
    what: "If it is still shut, take its top off with a side-cutting opener, which leaves no sharp rim. Rinse it and let it dry.",
    why: "Sugar and damp stain the sheet, and a rolled rim is safe to reach past in the dark.",
    caution: RIM,
    tools: ["side-cutting can opener"],
  },
  fold: {
    title: "Fold the two boxes",
    minutes: 40,
    dries: 1,
    what: "Cut a square of {side} for the outer box and one of {inner} for the inner: {strip} less on two sides makes it narrower, so that one slides in the other. Score every line with a ruler and a blunt point. Fold the four corners to the middle. Fold two opposite sides to the middle line and stand them up: these are the long walls. Open the other two corners out again, stand the end walls up with their slanting creases folded in, and lay their points over. Slide one into the other before the glue sets: a wall that binds is mended now. Glue the long walls’ flaps to the base first, the end walls’ last, and let both dry under a weight. Draw a line round the inner box where {distance} lie between hole and sheet, and glue a strip of card behind the line: there it stops.",
    why: "A line that is scored folds straight, and straight walls slide without letting light in.",
    caution: BLADE,
    tools: ["black card", "ruler", "blade", "blunt point", "glue"],
  },
  "trace-wall": {
    title: "Wrap the template round it",
    minutes: 5,
    what: "Cut out the template of the wall, wrap it round the {noun} with TOP up, and tape it where it overlaps. Prick through the middle of the hole.",
    why: "A hole off its mark moves the picture on the sheet.",
    caution: BLADE,
    tools: ["printed template", "pencil", "tape"],
  },
  "trace-face": {
    title: "Lay the template on",
    minutes: 5,
    also: { pair: "The two middles lie {apart} apart: check with a ruler." },
    what: "Cut out the template of the {face}, lay it on the {noun} with TOP up, and prick through the middle of the hole. Without a template: the two diagonals cross in the middle.",
    why: "A hole off its mark moves the picture on the sheet.",
    caution: BLADE,
    tools: ["printed template", "pencil", "tape"],
  },
  "opening-metal": {
    ...opening,
    what: "Hold a block of wood inside, against the mark. Pierce it with an awl or a {pilot} drill, then open it to {wide} across with a step drill or a round file. Take off every burr.",
    caution: `${RIM} ${HOT} Thin metal grabs a step drill and spins: clamp block and can, never step-drill it freely.`,
    tools: ["block of wood", "awl or drill", "step drill or round file", "clamp", "gloves"],
  },
  "opening-card": {
    ...opening,
    what: "Cut an opening {wide} across with a knife, from outside, on a mat. Clean feathers off its edge.",
    caution: BLADE,
    tools: ["blade", "cutting mat"],
  },
  "opening-plastic": {
    ...opening,
    what: "Hold a cork inside, against the mark. Drill a pilot of {pilot}, then open it to {wide} across with a bit, turned by hand. Run it in and out so that the chips come out, and take the burr off with a fingernail: a knife slips on plastic.",
    caution: "Keep fingers from behind the bit. Driven fast, it grabs thin plastic and cracks it.",
    tools: ["pilot drill", "bit", "cork"],
  },
  "opening-wood": {
    ...opening,
    what: "Drill a pilot of {pilot} from outside, then open it to {wide} across with a bit, a board clamped behind it so that it doesn’t splinter. Sand the edge.",
    caution: "Clamp the work, keep hands behind the bit, cover your eyes.",
    tools: ["drill", "bit", "clamp", "abrasive paper"],
  },
  "black-paint": {
    title: "Paint it flat black inside",
    minutes: 15,
    dries: 12,
    what: "Two thin coats, on the lid as well, and over silver or coloured tape. Let it dry overnight before anything goes in.",
    why: "Light that strikes a bright wall comes to the sheet a second time, as fog.",
    caution: PAINT,
    tools: ["flat black paint", "brush"],
  },
  "black-paper": {
    title: "Line it with black paper",
    minutes: 20,
    what: "Cut the paper to the walls and the lid and glue it flat. Leave the hole’s place free.",
    why: "Light that strikes a bright wall comes to the sheet a second time, as fog.",
    caution: BLADE,
    tools: ["black paper", "glue"],
  },
  hole,
  holes: { ...hole, title: "Make the {count} holes" },
  "hole-pierced": {
    ...holeInWall,
    what: "Hold a block of soft wood or a cork inside, against the mark. Push a pin straight through the wall. Turn it as you draw it back, and scrape off the burr inside with a matchstick.",
    caution: PIN,
    tools: ["pin or needle", "block of soft wood"],
  },
  "hole-drilled": {
    ...holeInWall,
    what: "Clamp a block of wood inside, against the mark, and dent the middle with an awl so that the drill can’t wander. Drill straight through, slowly. Scrape off the burr inside.",
    caution: `${HOT} Thin metal grabs the drill: clamp the block, never hold the can in your hand.`,
    tools: ["drill", "awl", "block of wood", "clamp"],
  },
  plate,
  plates: { ...plate, title: "Put the {count} plates in" },
  "plate-bought": plateBought,
  "plates-bought": { ...plateBought, title: "Put the {count} bought holes in" },
  divider: {
    title: "Stand the divider in",
    minutes: 10,
    what: "Fold its two flaps and glue them to floor and ceiling, in the middle, not to the back: {slot} stay free there, and the one sheet slides in behind it. It reaches {high} forward of the sheet.",
    why: "Without it the two pictures run into each other.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  vanes: {
    title: "Build the drum’s inside",
    minutes: 60,
    what: "Put a dowel of {dowel} through the middle of all discs. Between each two of them glue the vanes to the dowel, evenly round it, {gap} clear of the wall so that all of it turns. Draw a line on the lid for each of the {chambers} chambers, with its name, and one on the wall over the hole. Cut a notch in the rim at each line and glue a springy tongue of card to the wall: it clicks in where a chamber stands before the hole.",
    why: "Each chamber must be dark while its neighbour is open.",
    caution: BLADE,
    tools: ["black card", "glue", "a thin dowel"],
  },
  baffles: {
    title: "Baffles beside the hole",
    minutes: 15,
    what: "Glue two strips to the inside of the wall at each hole, {aside} to its left and right. They stand {high} in.",
    why: "They stop light that would creep round the edge of a vane.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  mask: {
    title: "Cut the film mask",
    minutes: 10,
    what: "Cut a window of {width} × {height} with clean edges. The film lies behind it.",
    why: "It gives the picture its edges and keeps the film flat.",
    caution: BLADE,
    tools: ["black card", "blade"],
  },
  cartridges: {
    title: "Join the two cartridges",
    minutes: 20,
    what: "Pull a hand’s breadth of film out of the full cartridge and lead it behind the window, emulsion to the hole. Tape its end squarely to the stub in the empty cartridge, on both sides. Set the cartridges at the two ends; a bit of drinking straw over the slot of each keeps them from turning back. Carve a key from a scrap of wood for the empty one’s spool, and mark it, so that turns can be counted. Close the back with black card and tape every edge twice.",
    why: CARTRIDGES_BY_DAYLIGHT,
    caution: BLADE,
    tools: ["a full and an empty cartridge", "tape", "scissors", "a straw", "a scrap of wood", "black card"],
  },
  "holder-tape": {
    ...holder,
    what: "Four rolls of tape, sticky side out, at the places of the sheet’s corners: it is pressed on, and comes off again.",
    tools: ["tape"],
  },
  "holder-magnets": {
    ...holder,
    what: "Four small flat magnets on the sheet’s corners hold it to the steel behind it. They leave white corners.",
    also: { steel: "No magnet holds on this wall: glue a piece of tinned steel behind the sheet’s place first." },
    caution: MAGNET,
    tools: ["four flat magnets"],
  },
  "holder-strips": {
    ...holder,
    what: "Stretch two rubber strips across the back, a little nearer to each other than the sheet is long. Its ends slide under them.",
    tools: ["two wide rubber strips", "glue"],
  },
  "holder-liner": {
    ...holder,
    what: "Cut a liner of black card that just slides in, with two tabs to pull it out by. In the dark the sheet is taped into it by its edges, and both go in together.",
    caution: BLADE,
    tools: ["black card", "tape"],
  },
  "holder-slot": {
    ...holder,
    what: "Glue strips of card along two sides of the back, twice as thick as the sheet, with a lip over them: the sheet slides in.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  "holder-slope": {
    ...holder,
    minutes: 15,
    what: "The sheet lies on a sloped back of card: a board on two wedges, {long} along the slope and {high} at their high end. Glue the wedges to the back, the board to the wedges; tape the sheet on by its edges.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  "holder-stops": {
    ...holder,
    minutes: 15,
    what: "Glue two upright stops of card to floor and ceiling, {apart} apart and {forward} before the back. The sheet’s ends press against them, its middle against the back: so it bows.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  "holder-chambers": {
    ...holder,
    minutes: 3,
    what: "Cut a liner of black card for each of the {count} chambers, {wide} × {high}, with a tab to pull it out by. In the dark a sheet is taped into each by its edges, and the liner is pushed in between the vanes.",
    caution: BLADE,
    tools: ["black card", "tape"],
  },
  tabs: {
    title: "Paper tabs for the sheet",
    minutes: 5,
    what: "Fold two tabs of paper round the edge of the sheet by which you will pull it out.",
    also: {
      spring: "It holds by its own spring.",
      stripe:
        "Stick a narrow strip of tape from top to bottom inside, opposite the hole: by it fingers find where the sheet’s middle goes.",
      gap: "Its ends leave {gap} free at the hole: feel for the rough back of the hole.",
      narrow: "You want {wanted} there: cut that much more off one end.",
    },
    why: "A curled sheet grips the wall; pulled by its face it gets scratched.",
    caution: null,
    tools: ["paper", "scissors"],
  },
  "shutter-tape": {
    ...shutter,
    what: "A strip of electrical tape, one end folded under as a handle, a scrap of black backing paper where it meets the hole.",
  },
  "shutter-magnet": {
    ...shutter,
    what: "Lay a flat magnet over the hole; glue a scrap of black card to its face.",
    also: {
      many: shutter.also.many,
      pair: "A strip of card across the two carries both magnets: they are lifted together.",
      steel: "No magnet holds on this wall: glue a flat steel washer round the hole first, its middle clear of it.",
    },
    why: "It comes off without a pull, and uncovering it must not shake the camera.",
    caution: MAGNET,
    tools: ["flat magnet", "black card", "glue"],
  },
  "shutter-slide": {
    ...shutter,
    what: "Glue two rails of card above and below the hole. Between them slides a strip of black card, twice as long as the rails, so that it is held open and shut.",
    also: { many: shutter.also.many, pair: "It goes across the two: both are opened together." },
    why: "A slide opens without a pull. Glue must never touch the hole.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  "shutter-stopper": {
    ...shutter,
    also: { many: shutter.also.many, pair: "A strip of card across the two carries both: they are lifted together." },
    what: "A cap that is pressed over the hole: the lid of a small tube, lined with black card, in a ring of card that is glued round the hole.",
    why: "It can’t fall off in a pocket. Glue must never touch the hole.",
    tools: ["small lid", "black card", "glue"],
  },
  "shutter-thumb": {
    ...shutter,
    what: "A strip of electrical tape keeps it shut on the way; in use the thumb does.",
  },
  cap: {
    title: "Cap for an open can",
    minutes: 20,
    what: "Wrap the collar round the stronger end: it reaches {reach} down and leaves {free} free above the hole. Fold its fringe in, lay the disc on, and tape it with three strips in a star and one round. It must slide off; a loose one is tightened with a turn of tape on the rim.",
    why: "Measured on the rim itself it fits; a cap that wobbles leaks.",
    caution: RIM,
    tools: ["black card", "tape", "scissors"],
  },
  "cap-own": {
    title: "How far its own lid reaches",
    minutes: 2,
    what: "Put the lid on and look: by its size it would reach {reach} down the outside. Between its edge and the middle of the hole {free} must stay free. Measure it, and type it under “Cut sheets”.",
    why: "A lid that lies over the hole shuts it for good.",
    caution: null,
    tools: ["ruler"],
  },
  "lid-cloth": {
    ...lid,
    what: "Put a collar of black cloth tape round the lid, two layers.",
    tools: ["black cloth tape"],
  },
  "lid-electrical": {
    ...lid,
    what: "Put a collar of electrical tape round the lid; stretch it a little as you go.",
    tools: ["electrical tape"],
  },
  "lid-weather": {
    title: "Seal it against rain",
    minutes: 5,
    what: "Once it is loaded: two turns of tape round the lid, stretched as you go, each overlapping the last downhill, so that water runs off it.",
    why: "It hangs out for weeks: damp curls the sheet and stains it.",
    caution: null,
    tools: ["black tape"],
  },
  rest: {
    title: "Keep it from rolling",
    minutes: 2,
    what: "A rubber band round the {noun} and a pen under it: now it lies still. In wind lay a stone or a bag on top.",
    why: "What moves while it is open leaves double edges.",
    caution: null,
    tools: ["rubber band", "pen"],
  },
  tripod: {
    title: "A foot for a tripod",
    minutes: 15,
    what: "If it is to stand on a tripod: let a 1/4 in nut into a square of plywood or steel, and glue that under the camera.",
    why: "The thread of tripods is that of ISO 1222. Steel takes a magnet as well.",
    caution: null,
    tools: ["plywood or steel", "1/4 in nut", "glue"],
  },
  tray: {
    title: "Number them",
    minutes: 10,
    once: true,
    what: "Stick numbers 1 to {count} on, one on the lid and one on the bottom of each {noun}. Stand them caps down in a tray or on the board; a magnet at each cross and a steel washer on each cap hold them there. Turn each over when it was exposed: the highest number showing is the shots left.",
    why: "In the field one look tells how many are left.",
    caution: null,
    tools: ["printed labels", "tray"],
  },
  cutter: {
    ...cutter,
    what: "The piece is cut from {stock}. Put a strip of tape on the cutter {first} from its blade: in the dark the sheet’s edge is felt against it, and cut once.",
  },
  "cutter-two": {
    ...cutter,
    what: "The piece is cut from {stock}. Put two strips of tape on the cutter: the first {first} from its blade, the second {second}, with two layers so that fingers tell them apart. In the dark cut against the first, turn the sheet, cut against the second.",
  },
  "cutter-square": {
    ...cutter,
    what: "The piece is cut from {stock}. Put a strip of tape on the cutter {first} from its blade. In the dark cut against it, turn the piece by a quarter, cut against it again.",
  },
  "label-small": {
    title: "Stick the label on",
    minutes: 3,
    what: "The small label with its number or its f-number. The exposure card is too large for it: it goes into your bag.",
    why: "Out of doors nobody remembers the times.",
    caution: null,
    tools: ["printed cards", "glue"],
  },
  label: {
    title: "Stick the cards on",
    minutes: 3,
    what: "The label with its f-number, and the exposure card.",
    why: "Out of doors nobody remembers the times.",
    caution: null,
    tools: ["printed cards", "glue"],
  },
  "label-trail": {
    title: "Label it",
    minutes: 5,
    what: "Stick the outdoor label on: what it is, whose, from when until when. Write your name and the date inside as well.",
    why: "A taped-up can in public looks alarming; a label keeps it where it is.",
    caution: null,
    tools: ["printed label", "clear tape"],
  },
  "light-test": lightTest,
  "light-test-film": {
    ...lightTest,
    minutes: 5,
    what: "Shut it and tape it as it will be, and try it with the lamp: now, before the film is in.",
    why: "A leak found later costs the whole film.",
    tools: ["lamp"],
  },
  "light-test-trail": {
    ...lightTest,
    minutes: 5,
    what: "Try it with the lamp, lid on and taped, before it is loaded.",
    why: "In half a year even a faint leak prints.",
    tools: ["lamp"],
  },
  "put-up": {
    title: "Load it, seal it, put it up",
    minutes: 30,
    what: "What is done on that day, and when it comes down, stands under Sun, Put up: with your place, its direction and the two days.",
    why: "Every day draws one line; what moves once draws all of them twice.",
    caution: `Ask the owner, and tell the neighbours. Stand safely, with someone at the ladder. ${SUN}`,
    tools: ["two long cable ties", "permission of the owner"],
  },
};
