import { type FinderAnswer, type FinderQuestion, find } from "../../../core/bench/finder/index.ts";
import type { Job } from "../../transport/protocol.ts";

/** Ranks what a container could become. */
export const finder: Job<FinderQuestion, FinderAnswer> = async (question) => ({ output: find(question), transfer: [] });
