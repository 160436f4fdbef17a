import { airyBalance } from "./airyBalance.ts";
import { oneZone } from "./oneZone.ts";
import { petzval } from "./petzval.ts";
import { rayleigh } from "./rayleigh.ts";
import type { School } from "./school.ts";

/** The published rules, smallest hole first. */
export const schools: readonly School[] = [petzval, airyBalance, rayleigh, oneZone];
