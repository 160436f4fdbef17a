import { Form, Link, useNavigation, useSubmit } from "react-router";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { PURPOSES } from "../../../catalogue/purposes.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { LabelLink } from "../label/LabelLink.tsx";
import { CameraSketch } from "./CameraSketch.tsx";
import { ContainerPanel } from "./ContainerPanel.tsx";
import { HolePanel } from "./HolePanel.tsx";
import { KindChooser } from "./KindChooser.tsx";
import { SheetPanel } from "./SheetPanel.tsx";
import { type NewCameraHand, useNewCamera } from "./useNewCamera.ts";

/** A new camera from a container on the table: kind, inner sizes, sheet; what it becomes is drawn while one types. */
export function NewCameraPage({ refused }: { readonly refused: NewCameraHand["refused"] }) {
  const submit = useSubmit();
  const sending = useNavigation().state !== "idle";
  const hand = useNewCamera(refused);
  const { typed, read } = hand;
  const { setValue, handleSubmit } = hand.form;
  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <p className="stamp">New camera</p>
      <h1 className="mb-4 font-semibold text-[1.7rem] leading-tight">Measure the inside with a ruler</h1>
      <Form
        method="post"
        noValidate
        className="grid gap-x-8 gap-y-6 lg:grid-cols-[20.5rem_20rem_minmax(0,1fr)]"
        onSubmit={handleSubmit((values) =>
          submit(JSON.stringify(values), { method: "post", encType: "application/json" }),
        )}
      >
        <div className="grid content-start gap-4">
          <Panel title="What have you got?">
            <KindChooser value={typed.kind} onChoose={hand.chooseKind} />
            <p className="mt-1.5 min-h-10 text-[0.87rem] text-quiet leading-snug" aria-live="polite">
              {kindRecord(typed.kind).sentence}
            </p>
          </Panel>
          <LabelLink />
        </div>
        <div className="grid content-start gap-5">
          <Panel title="What it is for">
            <Answers
              label="What it is for"
              answers={PURPOSES}
              value={typed.purpose}
              onChoose={(id) => setValue("purpose", id, { shouldDirty: true })}
            />
            <p className="mt-3 mb-1 text-[0.93rem]">The hole will be</p>
            <Answers
              label="The hole will be"
              answers={MOUNTS}
              value={typed.mount}
              onChoose={(id) => setValue("mount", id, { shouldDirty: true })}
            />
          </Panel>
          <ContainerPanel hand={hand} />
          <SheetPanel hand={hand} />
          <HolePanel hand={hand} />
        </div>
        <div className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <CameraSketch camera={hand.lastGood} stale={read.camera === null} />
          <div className="flex gap-3">
            <button type="submit" className={buttonClass("action")} disabled={sending}>
              {sending ? "Putting it there …" : "Put it on the Bench"}
            </button>
            <Link to="/" className={buttonClass("quiet")}>
              Not now
            </Link>
          </div>
        </div>
      </Form>
    </main>
  );
}

/** A question with a few short answers in a row. */
function Answers<Id extends string>({
  label,
  answers,
  value,
  onChoose,
}: {
  readonly label: string;
  readonly answers: readonly { readonly id: Id; readonly name: string }[];
  readonly value: Id;
  readonly onChoose: (id: Id) => void;
}) {
  return (
    <Radios
      label={label}
      value={value}
      className="flex flex-wrap gap-x-5"
      onChoose={(id) => {
        const answer = answers.find((each) => each.id === id);
        if (answer) onChoose(answer.id);
      }}
    >
      {answers.map(({ id, name }) => (
        <Radio key={id} id={id}>
          {name}
        </Radio>
      ))}
    </Radios>
  );
}
