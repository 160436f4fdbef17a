export {
  type BottleFacts,
  bottleState,
  type Chemical,
  clipTest,
  sheetsLeft,
  USUAL_BOTTLES,
  usedShare,
} from "./bottle.ts";
