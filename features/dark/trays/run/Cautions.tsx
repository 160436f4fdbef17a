import type { PlannedStep } from "../../../../core/darkroom/recipe/index.ts";
import { darkroomCautions } from "../../../../wording/darkroomWords.ts";

/** What can hurt in the bath that lasts. */
export function Cautions({ step }: { readonly step: PlannedStep | null | undefined }) {
  const wanted = step?.cautions ?? [];
  if (wanted.length === 0) return null;
  return (
    <ul className="text-[0.95rem] leading-snug" data-cautions>
      {darkroomCautions
        .filter(({ id }) => wanted.includes(id))
        .map(({ id, words }) => (
          <li key={id}>{words}</li>
        ))}
    </ul>
  );
}
