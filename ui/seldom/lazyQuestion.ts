import { lazyPart } from "../page/lazyPart.tsx";

/** A question that is fetched when it is asked, or before something begins that must not be disturbed. */
export const LazyQuestion: typeof import("./Question.tsx").Question = lazyPart(async () => ({
  default: (await import("./Question.tsx")).Question,
}));
