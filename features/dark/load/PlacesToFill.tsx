import { Link } from "react-router";
import type { LoadPlace } from "../../../core/camera/container/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";

/** The places of the camera as they are filled: one press a place, the next one in red; a roll goes in at one press. */
export function PlacesToFill({
  places,
  rest,
  next,
  onFill,
}: {
  readonly places: readonly LoadPlace[];
  /** Those that are empty. */
  readonly rest: readonly LoadPlace[];
  /** What the next press fills; none: all is full. */
  readonly next: readonly LoadPlace[];
  readonly onFill: (which: readonly LoadPlace[]) => void;
}) {
  const [first] = next;
  const isIn = (place: LoadPlace): boolean => !rest.includes(place);
  return (
    <section aria-label="Places" data-filled={places.length - rest.length}>
      {first ? (
        <Button look="action" className="mb-2 min-h-[5rem] w-full text-[1.5rem]" onClick={() => onFill(next)}>
          {next.length > 1
            ? `The film is in: ${next.length} frames`
            : places.length === 1
              ? "It is loaded"
              : `${first.name} is loaded`}
        </Button>
      ) : (
        <p role="status" className="mb-2 border-action border-l-4 pl-3 font-semibold text-[1.3rem]">
          All {places.length === 1 ? "is" : `${places.length} are`} loaded. Tape round the lid.{" "}
          <Link to="/field" className="inline-flex min-h-[3.75rem] items-center underline underline-offset-4">
            Out into the light
          </Link>
        </p>
      )}
      {places.length > 1 && next.length < 2 && (
        <ol className="grid grid-cols-3 gap-px sm:grid-cols-4">
          {places.map((place) => (
            <li key={place.id}>
              <button
                type="button"
                data-fill={place.id}
                data-in={isIn(place) || undefined}
                disabled={isIn(place)}
                className={cx(
                  "min-h-[3.75rem] w-full border px-2 text-left leading-tight",
                  place === first ? "border-action border-2 font-semibold" : "border-line",
                )}
                onClick={() => onFill([place])}
              >
                {isIn(place) ? "✓ " : ""}
                {place.name}
              </button>
            </li>
          ))}
        </ol>
      )}
      {rest.length > 1 && next.length < 2 && (
        <Button look="quiet" className="mt-1 w-full" onClick={() => onFill(rest)}>
          All {rest.length === places.length ? places.length : `${rest.length} left`} are loaded
        </Button>
      )}
    </section>
  );
}
