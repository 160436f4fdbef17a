import { useNavigate } from "react-router";
import { media } from "../../catalogue/media.ts";
import type { Camera } from "../../core/container/index.ts";
import { parseNumber } from "../../core/units/index.ts";
import { QuantityField } from "../../ui/QuantityField.tsx";

/** Which camera, what is in it, how fast that is. */
export function SetupRow({
  cameras,
  camera,
  mediumId,
  iso,
  locked,
  onMedium,
  onIso,
}: {
  readonly cameras: readonly Camera[];
  readonly camera: Camera;
  readonly mediumId: string;
  readonly iso: number;
  /** While a shot is in hand. */
  readonly locked: boolean;
  readonly onMedium: (id: string) => void;
  readonly onIso: (iso: number) => void;
}) {
  const navigate = useNavigate();
  return (
    <fieldset
      disabled={locked}
      className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_4.5rem] gap-3 disabled:opacity-60"
    >
      <label className="text-[0.87rem] text-quiet">
        Camera
        <select
          className="entry text-ink"
          value={camera.id}
          onChange={(event) => void navigate(`/field?camera=${encodeURIComponent(event.target.value)}`)}
        >
          {cameras.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="text-[0.87rem] text-quiet">
        Paper or film
        <select className="entry text-ink" value={mediumId} onChange={(event) => onMedium(event.target.value)}>
          {media.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <QuantityField
        label="ISO"
        name="iso"
        value={iso}
        show={String}
        read={(text) => {
          const number = parseNumber(text);
          return number.ok ? { ok: true, value: number.value.value } : number;
        }}
        take={(value) => {
          if (value === null || !(value > 0)) return "Above 0, such as 6.";
          onIso(value);
          return null;
        }}
      />
    </fieldset>
  );
}
