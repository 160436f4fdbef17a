export { comingVisits, movedBack, movedOn, movesTill, type Run, type RunNow, realSeconds, runAt } from "./run.ts";
export { isRocked, type StepSignal, stepSignals } from "./stepSignals.ts";
