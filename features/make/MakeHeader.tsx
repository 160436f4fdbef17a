import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { type Camera, designFaults } from "../../core/camera/container/index.ts";
import type { StorageFailure } from "../../storage/index.ts";
import { cx } from "../../ui/cx.ts";
import { useLengthWords } from "../../ui/UnitContext.ts";

const PAGES = [
  { path: "make", name: "Cut sheets" },
  { path: "make/hole", name: "Hole" },
  { path: "make/build", name: "Build" },
  { path: "make/light-test", name: "Light test" },
  { path: "make/kit", name: "Group kit" },
] as const;

/** A page of Make: the camera's name, the ways between Make's pages, what is wrong, the page itself. */
export function MakeFrame({
  camera,
  page,
  failed = null,
  actions,
  children,
}: {
  readonly camera: Camera;
  readonly page: (typeof PAGES)[number]["name"];
  readonly failed?: StorageFailure | null;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}) {
  const words = useLengthWords();
  const [fault] = designFaults(camera, words);
  const home = `/cameras/${encodeURIComponent(camera.id)}`;
  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="stamp">Make · {page.toLowerCase()}</p>
          <h1 className="font-semibold text-[1.7rem] leading-tight">{camera.name}</h1>
        </div>
        {actions}
      </div>
      <nav aria-label="Make" className="mt-3 flex flex-wrap gap-x-5 gap-y-1 border-line border-b print:hidden">
        {PAGES.map(({ path, name }) => (
          <NavLink
            key={path}
            to={`${home}/${path}`}
            end
            className={({ isActive }) =>
              cx("min-h-9 border-b-[3px] py-1.5", isActive ? "border-action font-semibold" : "border-transparent")
            }
          >
            {name}
          </NavLink>
        ))}
        <Link to={home} className="ml-auto min-h-9 py-1.5 underline underline-offset-4">
          Back to the Bench
        </Link>
      </nav>
      {fault && (
        <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
          This camera can’t be built yet: {fault.message}{" "}
          <Link to={home} className="underline underline-offset-4">
            Mend it on the Bench
          </Link>
        </p>
      )}
      {failed && (
        <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
          Not stored: {failed.message}
        </p>
      )}
      {children}
    </main>
  );
}
