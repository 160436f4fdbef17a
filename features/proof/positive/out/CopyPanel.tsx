import type { Negative } from "../../../../core/document/index.ts";
import { saveNegatives } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { Disclosure } from "../../../../ui/controls/Disclosure.tsx";
import { notify } from "../../../../ui/notices/notify.ts";
import type { Proof } from "../../useProof.ts";

/** Gives this negative's settings to others: how it is laid flat, evened, sharpened, toned; not its edges, not its dust. */
export function CopyPanel({ negative, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const others = proof.negatives.filter(({ id }) => id !== negative.id);
  if (others.length === 0) return null;
  const copy = async (to: readonly Negative[]): Promise<void> => {
    const done = await saveNegatives(to.map((each) => withSettings(each, negative)));
    if (!done.ok) {
      notify(done.error.message, { urgent: true });
      return;
    }
    notify(to.length === 1 ? "One sheet has these settings." : `${to.length} sheets have these settings.`, {
      action: { name: "Undo", run: () => void saveNegatives(to) },
    });
  };
  const alike = others.filter(({ cameraId }) => cameraId !== null && cameraId === negative.cameraId);
  return (
    <Disclosure title="Give these settings to others" name="copy">
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void copy(others)}>To all {others.length} others</Button>
        {alike.length > 0 && alike.length < others.length && (
          <Button onClick={() => void copy(alike)}>To the {alike.length} of the same camera</Button>
        )}
      </div>
      <p className="mt-1 text-[0.83rem] text-quiet">
        Shape, light, sharpness, tones and tint; each keeps its own edges and dust.
      </p>
    </Disclosure>
  );
}

/** A negative with another's way to a positive; what only one camera's sheet can have stays away from sheets without one. */
function withSettings(to: Negative, from: Negative): Negative {
  const {
    projection = "lay",
    towards = {},
    evenLight = false,
    sharpen = false,
    colour = false,
    tone = {},
  } = from.settings;
  const known = Boolean(to.settings.camera);
  const { spots = [], balance } = to.finish ?? {};
  const { spots: _, balance: __, ...finish } = from.finish ?? {};
  return {
    ...to,
    settings: {
      ...to.settings,
      tone,
      colour,
      ...(known ? { projection, towards, evenLight, sharpen } : {}),
    },
    finish: { ...finish, spots, ...(balance && { balance }) },
  };
}
