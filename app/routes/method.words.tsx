import { WordsPage } from "../../features/method/words/WordsPage.tsx";
import { pageMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Words", "The words of pinhole photography in one or two sentences each, with a drawing.");

export default function Words() {
  return <WordsPage />;
}
