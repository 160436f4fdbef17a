import { useMemo } from "react";
import { Link, useOutletContext } from "react-router";
import type { Scene } from "../../core/basis/drawing/index.ts";
import { formatTime } from "../../core/basis/units/index.ts";
import { silhouette } from "../../core/bench/shelfDrawing/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { cutParts, type Part } from "../../core/make/cutsheet/index.ts";
import { SHEET_GAPS } from "../../core/make/plan/index.ts";
import { type BuildStep, buildTime, filled } from "../../core/make/steps/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Check } from "../../ui/controls/Check.tsx";
import { cx } from "../../ui/controls/cx.ts";
import { Panel } from "../../ui/controls/Panel.tsx";
import { Radio, Radios } from "../../ui/controls/Radio.tsx";
import { SvgScene } from "../../ui/drawing/SvgScene.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { makingQuestions } from "../../wording/make/makingQuestions.ts";
import { Materials } from "./Materials.tsx";
import type { MakeInHand } from "./makeData.ts";
import { stepsOf } from "./stepsOf.ts";
import { useCutOrder } from "./useCutOrder.ts";

/** Where a step is done on another page: its name and address for a camera. */
const ELSEWHERE: Readonly<Record<string, { readonly name: string; readonly to: (camera: string) => string }>> = {
  trace: { name: "Cut sheets", to: (camera) => `${camera}/make` },
  hole: { name: "Hole", to: (camera) => `${camera}/make/hole` },
  cap: { name: "Cut sheets", to: (camera) => `${camera}/make` },
  "light-test": { name: "Light test", to: (camera) => `${camera}/make/light-test` },
  label: { name: "Cut sheets", to: (camera) => `${camera}/make` },
  "put-up": { name: "Put up", to: () => "/sun/put-up" },
};

/** The steps for this very camera, with ticks that stay. */
export function BuildPage() {
  const { camera, edit } = useOutletContext<MakeInHand>();
  const order = useCutOrder(camera);
  const parts = useMemo(() => cutParts(order), [order]);
  const steps = stepsOf(order);
  const done = camera.making?.done ?? [];
  const open = steps.filter(({ id }) => !done.includes(id));
  const { alike } = order.plan;
  const { all: left, dries } = buildTime(open, alike);
  const tools = [...new Set(open.flatMap((step) => step.tools))];
  const next = open[0]?.id;
  const tick = (id: string, checked: boolean): void =>
    edit(checked ? "tick a step" : "take a tick back", (from) => {
      const before = (from.making?.done ?? []).filter((each) => each !== id);
      return { ...from, making: { ...from.making, done: checked ? [...before, id] : before } };
    });
  const tickAll = (): void =>
    edit("tick all steps", (from) => ({
      ...from,
      making: { ...from.making, done: [...new Set([...(from.making?.done ?? []), ...steps.map(({ id }) => id)])] },
    }));
  const choose = (question: string, way: string): void =>
    edit("choose a way", (from) => ({
      ...from,
      making: { ...from.making, choices: { ...from.making?.choices, [question]: way } },
    }));
  return (
    <div className="mt-4 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_19rem]">
      <ol className="grid content-start" data-steps>
        {steps.map((step, index) => (
          <Step
            key={step.id}
            step={step}
            number={index + 1}
            camera={camera}
            part={parts.find(({ id }) => id === step.part) ?? null}
            done={done.includes(step.id)}
            next={step.id === next}
            onTick={tick}
            onChoose={choose}
          />
        ))}
      </ol>
      <div className="grid content-start gap-6">
        <Panel title="Still to do">
          <p className="font-semibold text-[2rem] tabular-nums leading-tight" data-left>
            {left === 0 ? "Done" : formatTime(60 * left)}
          </p>
          <p className="text-quiet">
            {alike > 1 ? `For all ${alike}, by one person. ` : ""}
            {dries > 0 ? `Beside it ${dries} h to dry${alike > 1 ? ", all at once" : ""}. ` : ""}
            {steps.length - open.length} of {steps.length} steps ticked.
          </p>
          {open.length > 1 && (
            <Button className="mt-2" onClick={tickAll}>
              It is built already: tick them all
            </Button>
          )}
        </Panel>
        {tools.length > 0 && (
          <Panel title="Tools to hand">
            <ul className="columns-2 gap-x-4 text-[0.93rem]">
              {tools.map((tool) => (
                <li key={tool}>{tool}</li>
              ))}
            </ul>
          </Panel>
        )}
        <Materials order={order} />
        <Panel title="Take care">
          <p className="text-[0.93rem]">
            Cautions stand at their steps. With children, an adult cuts, drills and pushes. Follow the safety sheets of
            paint and glue, and your local rules.
          </p>
        </Panel>
      </div>
    </div>
  );
}

function Step({
  step,
  number,
  camera,
  part,
  done,
  next,
  onTick,
  onChoose,
}: {
  readonly step: BuildStep;
  readonly number: number;
  readonly camera: Camera;
  readonly part: Part | null;
  readonly done: boolean;
  readonly next: boolean;
  readonly onTick: (id: string, checked: boolean) => void;
  readonly onChoose: (question: string, way: string) => void;
}) {
  const words = useLengthWords();
  const question = makingQuestions.find(({ id }) => id === step.question);
  const gaps = Object.fromEntries(Object.entries(SHEET_GAPS).map(([way, mm]) => [way, words(mm)]));
  const elsewhere = ELSEWHERE[step.id];
  return (
    <li
      data-step={step.id}
      className={cx(
        "grid gap-x-5 gap-y-2 border-line border-b py-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]",
        next && "border-l-[3px] border-l-action pl-3",
        done && "text-quiet",
      )}
    >
      <div className="h-24 overflow-hidden" aria-hidden="true">
        {!done && <Picture camera={camera} part={part} />}
      </div>
      <div className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <h2 className="font-semibold text-[1.07rem]">
            <span className="stamp mr-2">{number}</span>
            {step.title}
          </h2>
          <div className="flex items-center gap-4">
            <span className="text-[0.87rem] text-quiet tabular-nums">{step.minutes} min</span>
            <Check label="done" checked={done} onCheck={(checked) => onTick(step.id, checked)} />
          </div>
        </div>
        {!done && (
          <>
            <p>
              {step.what}{" "}
              {elsewhere && (
                <Link
                  to={elsewhere.to(`/cameras/${encodeURIComponent(camera.id)}`)}
                  className="underline underline-offset-4"
                >
                  {elsewhere.name}
                </Link>
              )}
            </p>
            <p className="text-[0.93rem] text-quiet">{step.why}</p>
            {step.caution && <p className="mt-1 border-action border-l-4 pl-2 text-[0.93rem]">{step.caution}</p>}
            {question && (
              <div className="mt-2">
                <p className="text-[0.93rem]">{question.question}</p>
                <Radios label={question.question} value={step.way ?? ""} onChoose={(way) => onChoose(question.id, way)}>
                  {question.ways.map((way) => (
                    <Radio key={way.id} id={way.id} className="min-h-7 text-[0.93rem]">
                      {filled(way.name, gaps)}. <span className="text-quiet">{way.why}</span>
                    </Radio>
                  ))}
                </Radios>
              </div>
            )}
          </>
        )}
      </div>
    </li>
  );
}

/** A part of the cut sheet in small, its words left out; the whole camera where a step is about all of it. */
function Picture({ camera, part }: { readonly camera: Camera; readonly part: Part | null }) {
  const scene = part === null ? silhouette(camera, 1) : partScene(part);
  const pixel = Math.max(scene.bounds.width / 136, scene.bounds.height / 96);
  return <SvgScene scene={scene} pixel={pixel} title="" />;
}

function partScene(part: Part): Scene {
  const room = Math.max(part.width, part.height) * 0.03;
  return {
    bounds: { x: -room, y: -room, width: part.width + 2 * room, height: part.height + 2 * room },
    marks: part.marks.filter(({ kind, layer }) => kind !== "label" && layer !== "dimension"),
  };
}
