import { useEffect, useRef } from "react";
import { Link, useLocation } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { useOnceSeen } from "../../../ui/page/useOnceSeen.ts";
import { type QuestionId, questions } from "../../../wording/questions.ts";
import { MethodPages } from "../MethodPages.tsx";
import { DRAWINGS } from "./Drawings.tsx";

/** Method, Questions: why it is so, by a drawing that can be moved. */
export function QuestionsPage({ camera }: { readonly camera: Camera | null }) {
  const { hash } = useLocation();
  const asked = hash.slice(1);
  useEffect(() => {
    document.getElementById(asked)?.scrollIntoView({ block: "start" });
  }, [asked]);
  return (
    <main className="mx-auto max-w-[1100px] px-4 pt-2 pb-16 sm:px-6" data-questions>
      <MethodPages />
      <p className="mb-3 text-quiet">
        {camera === null ? (
          <>
            The figures are those of your own camera, once there is one.{" "}
            <Link to="/new" className="underline underline-offset-4">
              Measure a container
            </Link>
          </>
        ) : (
          `The figures are those of your ${camera.name}.`
        )}
      </p>
      {questions.map(({ id, title, answer }, index) => (
        <section key={`${id} ${asked}`} id={id} aria-label={title} className="scroll-mt-4">
          <Disclosure title={title} name={id} open={asked === "" ? index < 2 : asked === id}>
            <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
              <div className="grid max-w-prose content-start gap-2">
                {answer.map((words) => (
                  <p key={words}>{words}</p>
                ))}
              </div>
              {camera !== null && <Drawn id={id} camera={camera} />}
            </div>
          </Disclosure>
        </section>
      ))}
    </main>
  );
}

/** The drawing of an answer, once it is looked at: some are the work of seconds. */
function Drawn({ id, camera }: { readonly id: QuestionId; readonly camera: Camera }) {
  const place = useRef<HTMLDivElement>(null);
  const seen = useOnceSeen(place);
  return (
    <div ref={place} className="min-h-40">
      {seen && DRAWINGS[id]({ camera, medium: mediumById(camera.chambers[0].film.medium) })}
    </div>
  );
}
