export {
  comingVisits,
  movedBack,
  movedOn,
  movesTill,
  type Run,
  type RunNow,
  realSeconds,
  runAt,
  sureSeconds,
} from "./run.ts";
export { isRocked, type StepSignal, stepSignals } from "./stepSignals.ts";
