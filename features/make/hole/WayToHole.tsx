import { plates } from "../../../catalogue/plates.ts";
import { type Camera, holeAt, holeMount, type Making, withField } from "../../../core/camera/container/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { MakeInHand } from "../makeData.ts";
import { wayOf, waysTo } from "./wayOf.ts";

/** The plate, where there is one, and the way to the hole step by step. */
export function WayToHole({ camera, edit }: { readonly camera: Camera; readonly edit: MakeInHand["edit"] }) {
  const words = useLengthWords();
  const mount = holeMount(camera);
  const way = wayOf(camera);
  const offered = waysTo(mount);
  const keep = (label: string, next: Making): void =>
    edit(label, (from) => ({ ...from, making: { ...from.making, ...next } }));
  const thickness = holeAt(camera).plateThickness ?? 0;
  const plate =
    plates.find(({ id }) => id === camera.making?.plate) ?? plates.find((row) => row.thickness === thickness);
  return (
    <>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {mount !== "wall" && (
          <>
            {mount === "plate" && (
              <div className="sm:col-span-2">
                <Choice
                  label="Plate"
                  value={plate?.id ?? "own"}
                  options={[
                    ...plates.map(({ id, name, thickness: t }) => ({ id, name: `${name}, ${words(t, 3)}` })),
                    { id: "own", name: "Own" },
                  ]}
                  onChoose={(id) => {
                    const row = plates.find((each) => each.id === id);
                    edit("choose a plate", (from) => {
                      const next = { ...from, making: { ...from.making, plate: id } };
                      return row ? withField(next, "hole.plateThickness", row.thickness) : next;
                    });
                  }}
                />
              </div>
            )}
            <LengthField
              label="Thickness"
              name="plateThickness"
              value={thickness}
              digits={3}
              onTake={(mm) => {
                if (mm === null || mm < 0 || mm > 2) return `A plate is 0 to ${words(2)} thick.`;
                edit("plate thickness", (from) =>
                  withField({ ...from, making: { ...from.making, plate: "own" } }, "hole.plateThickness", mm),
                );
                return null;
              }}
            />
          </>
        )}
        {offered.length > 1 && (
          <div className={mount === "wall" ? "sm:col-span-2" : undefined}>
            <Choice
              label="Way"
              value={way?.id ?? null}
              options={offered}
              onChoose={(id) => keep("choose a way", { way: id })}
            />
          </div>
        )}
      </div>
      {way && (
        <>
          <p className="mt-2">{way.sentence}</p>
          {mount === "plate" && plate && !way.plates.includes(plate.id) && (
            <p role="status" className="mt-1 border-kraft border-l-4 pl-2">
              {plate.name} does not suit this way:{" "}
              {plate.makeshift ? "it tears and cannot be sanded" : "it is too thick to push through cleanly"}.
            </p>
          )}
          <ol className="mt-2 grid list-decimal gap-2 pl-5">
            {way.steps.map(({ what, why, caution }) => (
              <li key={what}>
                {what} <span className="text-[0.93rem] text-quiet">{why}</span>
                {caution && <p className="border-action border-l-4 pl-2 text-[0.93rem]">{caution}</p>}
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}
