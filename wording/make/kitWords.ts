import type { KitTexts } from "../../core/make/kit/index.ts";

const back = {
  heading: "BRING IT BACK",
  lines: ["to ______________________________ on ______________ at ________"],
} as const;

/** The words of a group's papers. Common practice; cautions defer to data sheets, local rules and qualified people. */
export const kitTexts: KitTexts = {
  shopping: {
    title: "Shopping list for {count}",
    once: "ONCE FOR ALL",
    count: "Count tape and sheets before you start: they run out first.",
  },
  pack: {
    title: "Pack list, one person",
    also: ["Sheet of paper in a dark envelope, shut with tape", "Instructions, take-home sheet, label with a number"],
    envelope: {
      heading: "ON THE ENVELOPE",
      lines: [
        "Number ______   Initials ______   Camera ______________   Position ______",
        "Initials go on the back of every sheet, with {marker}, before it goes into the camera: pencil does not hold on plastic-coated paper.",
      ],
    },
  },
  build: { title: "How to build it", continued: "How to build it, continued" },
  takeHome: {
    title: "Take-home sheet",
    before: {
      heading: "BEFORE YOU OPEN IT",
      lines: [
        "The collar of tape means: loaded. Do not lift the lid outside the dark.",
        "Put it where nothing moves it: on a wall, under a stone, tied with two ties. Stand so that neither your shadow nor the camera’s falls into the picture.",
        "Never look at the sun through the hole.",
      ],
    },
    howLong: "HOW LONG",
    onMedium: "On {medium}{taught}.",
    light: "{light}: {time}",
    note: {
      heading: "WRITE IT DOWN AT ONCE",
      lines: [
        "camera no. ______  where ____________________________",
        "from ____________ to ____________  light ____________",
        "what I saw _______________________________________",
      ],
    },
    back,
    atLast: "If it stands where others pass: ask the owner, and stick the outdoor label on.",
  },
  takeHomeTrail: {
    title: "Take-home sheet: a sun trail",
    where: {
      heading: "WHERE",
      lines: [
        "Ask the owner, and tell the neighbours. Leave the outdoor label on.",
        "The hole looks where the sun crosses the sky: south in the northern half of the world, north in the southern; south-east or south-west will do. No wall or tree close in front.",
        "Two long cable ties, to a post, a railing or a downpipe. The way up it is planned, taped so that water runs off the lid. Nothing may move it.",
        "Stand safely. Never look at the sun through any hole.",
      ],
    },
    howLong: {
      heading: "HOW LONG",
      lines: ["Weeks to half a year: every clear day draws its line. From solstice to solstice gives the full fan."],
    },
    note: {
      heading: "WRITE IT DOWN",
      lines: [
        "camera no. ______  where ____________________________",
        "tape off on ____________  looks towards ____________",
        "look after it on ________  tape on again on __________",
      ],
    },
    back,
    atLast:
      "Tape on the hole first. Keep it upright and shut. The sheet is never developed and never fixed: dried in dim light, scanned at once in colour at 400 to 600 dpi without a preview, then kept in the dark.",
  },
  turns: {
    title: "Who is in the darkroom",
    continued: "Who is in the darkroom, continued",
    rules:
      "{atOnce} at a time; loading takes {load} min, developing {develop} min. At least {outside} min outside between the two.",
    turn: "{from} to {to}   {job}   numbers {people}",
    load: "LOAD",
    develop: "DEVELOP",
  },
  hanging: {
    title: "Who hangs it where, by when",
    continued: "Who hangs it where, continued",
    rule: "One list stays with whoever collects the cameras. A can that nobody is down for is a can that is lost.",
    cameras: "CAMERAS {first} TO {last}",
    row: "{number}.  {who}   where: {where}",
    dates: "up by {from}   down on {to}   looked after on ____________",
  },
  helper: {
    title: "For the helper",
    time: "TIME",
    builds: "Each builds for about {time}.",
    dries: "Beside it {hours} h are for drying, the same hours for all: plan a break there.",
    cutting: "CUTTING AND PUSHING",
    blades: {
      heading: "COUNT BLADES AND PINS",
      lines: ["Out: ______ blades, ______ pins and needles. Back: ______ blades, ______ pins and needles."],
    },
    darkroom: {
      heading: "IN THE DARKROOM",
      lines: [
        "One adult processes; children’s hands stay out of the trays.",
        "Gloves or tongs, eye protection, fresh air, no food or drink. Follow each product’s safety data sheet, and have it at hand.",
        "Some developers cause skin trouble; stop is an acid; used fixer holds silver. Dispose of them by local rules.",
        "Dry hands before switches. For wiring and heaters ask someone qualified.",
        "Nobody runs; bags stay outside; one door opens at a time.",
      ],
    },
    count: {
      heading: "COUNT",
      lines: ["Out: {count} cameras, {count} sheets. Back: ______ cameras, ______ sheets."],
    },
  },
  labels: "Labels, {number} of {of}",
};
