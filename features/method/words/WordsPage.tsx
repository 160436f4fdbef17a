import { useEffect } from "react";
import { useLocation } from "react-router";
import { TermDrawing } from "../../../ui/words/TermDrawing.tsx";
import { glossary } from "../../../wording/glossary.ts";
import { MethodPages } from "../MethodPages.tsx";

/** Method, Words: the craft's words, each with a drawing. */
export function WordsPage() {
  const { hash } = useLocation();
  const asked = hash.slice(1);
  useEffect(() => {
    document.getElementById(asked)?.scrollIntoView({ block: "center" });
  }, [asked]);
  return (
    <main className="mx-auto max-w-[1100px] px-4 pt-2 pb-16 sm:px-6" data-words>
      <MethodPages />
      <p className="mb-4 text-quiet">In the order of the work. On every page a dotted word answers at a press.</p>
      <dl className="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-3">
        {glossary.map(({ id, name, words }) => (
          <div key={id} id={id} className={id === asked ? "border-action border-l-4 pl-3" : ""}>
            <dt className="mb-1 font-semibold">{name}</dt>
            <dd>
              <TermDrawing id={id} />
              <p className="mt-1.5 text-[0.95rem] leading-snug">{words}</p>
            </dd>
          </div>
        ))}
      </dl>
    </main>
  );
}
