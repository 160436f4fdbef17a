import { Command } from "cmdk";
import { useNavigate } from "react-router";
import { practiceTab } from "../../storage/index.ts";
import { RED_LEVELS, setRedLight } from "../../ui/dark/redLight.ts";
import { keep } from "../../ui/edits/keep.ts";
import { type PageCommand, sendCommand } from "../../ui/page/pageCommand.ts";
import { Overlay } from "../../ui/seldom/Overlay.tsx";
import { glossary } from "../../wording/glossary.ts";
import { questions } from "../../wording/questions.ts";
import { foundBy } from "./foundBy.ts";

interface Entry {
  readonly name: string;
  readonly group: string;
  readonly keys?: string;
  /** Other words that it is found by. */
  readonly also?: string;
  readonly run: () => void;
}

/** Other words that the tour is found by. */
const TOUR_WORDS = "help introduction how begin look round";

const tour = (): void => void import("../../features/shelf/beginTour.ts").then((part) => part.beginTour());

/** What concerns the demonstration: it has no place in a session of practice. */
const demonstration = [
  {
    name: "Start with an empty shelf",
    group: "Settings",
    also: "demonstration away clear",
    run: () => void import("../../features/shelf/demonstration.ts").then((part) => part.clearDemonstration()),
  },
  {
    name: "Bring the demonstration back",
    group: "Settings",
    also: "demo examples Thistle Row",
    run: () => void import("../../features/shelf/demonstration.ts").then((part) => part.demonstrationBack()),
  },
];

/** Finds and runs any command by its words. */
export default function CommandPalette({
  cameras,
  camera,
  onClose,
  onShortcuts,
}: {
  readonly cameras: readonly { readonly id: string; readonly name: string }[];
  readonly camera: string | null;
  readonly onClose: () => void;
  readonly onShortcuts: () => void;
}) {
  const navigate = useNavigate();
  const go = (to: string) => () => void navigate(to);
  const unit = (value: "mm" | "in") => () => keep("unit", value, "The unit");
  const page = (command: PageCommand) => () => sendCommand(command);
  const entries: readonly Entry[] = [
    { name: "Go to the Shelf", group: "Places", run: go("/") },
    { name: "Go to Proof: scans", group: "Places", run: go("/proof") },
    { name: "Judge a negative by its scan", group: "Places", run: go("/proof/judge") },
    { name: "Make a positive", group: "Places", run: go("/proof/positive") },
    { name: "Look at a pair", group: "Places", run: go("/proof/pair") },
    { name: "Go to Sun: plan a months-long exposure", group: "Places", run: go("/sun") },
    { name: "Put a months-long exposure up", group: "Places", run: go("/sun/put-up") },
    { name: "Read a months-long exposure", group: "Places", run: go("/sun/read") },
    { name: "Hang positives", group: "Places", run: go("/proof/hang") },
    { name: "Go to the Dark: load", group: "Places", run: go("/dark") },
    { name: "Go to the trays", group: "Places", run: go("/dark/trays") },
    { name: "Go to the strips", group: "Places", run: go("/dark/strips") },
    { name: "Go to the bottles", group: "Places", run: go("/dark/bottles") },
    { name: "Practise developing", group: "Places", run: go("/dark/practice") },
    { name: "Go to the Field", group: "Places", run: go("/field") },
    { name: "Look: the phone as a finder", group: "Places", run: go("/field/look") },
    { name: "Go to the Log", group: "Places", run: go("/log") },
    { name: "Go to the Stock", group: "Places", run: go("/stock") },
    { name: "Go to Method", group: "Places", run: go("/method") },
    ...(cameras.length === 0 ? [] : [{ name: "Take the tour", group: "Places", also: TOUR_WORDS, run: tour }]),
    {
      name: "Practise: ten minutes with a task",
      also: "session learn exercise class teacher",
      group: "Places",
      run: go("/method/practice"),
    },
    ...cameras.flatMap(({ id, name }) => [
      { name: `${name}: open on the Bench`, group: "Cameras", run: go(`/cameras/${encodeURIComponent(id)}`) },
      { name: `${name}: cut sheet`, group: "Cameras", run: go(`/cameras/${encodeURIComponent(id)}/make`) },
      { name: `${name}: load it in the dark`, group: "Cameras", run: go(`/dark?camera=${encodeURIComponent(id)}`) },
      { name: `${name}: take to the Field`, group: "Cameras", run: go(`/field?camera=${encodeURIComponent(id)}`) },
    ]),
    { name: "New camera", group: "Work", run: go("/new") },
    ...(camera === null
      ? []
      : [
          { name: "Undo", group: "Work", keys: "Ctrl Z", run: page("undo") },
          { name: "Redo", group: "Work", keys: "Ctrl Shift Z", run: page("redo") },
          { name: "Duplicate this camera", group: "Work", run: page("duplicate") },
          { name: "Keep this as a version", group: "Work", run: page("keep-version") },
          {
            name: "Compare this camera with another",
            group: "Work",
            run: go(`/compare?one=${encodeURIComponent(camera)}`),
          },
          { name: "Sheet preview", group: "Work", run: page("show-preview") },
          { name: "What else it could be", group: "Work", run: page("show-finder") },
          { name: "The curve behind the rules", group: "Work", run: page("show-curve") },
          { name: "One more hole", group: "Work", run: page("add-hole") },
          { name: "Export this camera as a file", group: "Work", run: page("export-camera") },
        ]),
    { name: "Measure in millimetres", group: "Settings", run: unit("mm") },
    { name: "Measure in inches", group: "Settings", run: unit("in") },
    { name: "Red light, for the darkroom", group: "Settings", run: () => setRedLight(RED_LEVELS[0]) },
    ...(practiceTab() === null ? demonstration : []),
    { name: "Show the keys", group: "Settings", keys: "?", run: onShortcuts },
    ...glossary.map(({ id, name, also }) => ({
      name: `What is it: ${name}`,
      also: also ?? "",
      group: "Words",
      run: go(`/method/words#${id}`),
    })),
    ...questions.map(({ id, title, also }) => ({
      name: title,
      also,
      group: "Questions",
      run: go(`/method/questions#${id}`),
    })),
  ];
  const groups = [...new Set(entries.map(({ group }) => group))];
  return (
    <Overlay title="Commands" onClose={onClose}>
      <Command label="Commands" loop filter={foundBy}>
        <Command.Input autoFocus placeholder="Type what you want to do" className="entry mb-2" />
        <Command.List className="max-h-[50vh] overflow-auto">
          <Command.Empty className="p-3 text-quiet">No command of that name.</Command.Empty>
          {groups.map((group) => (
            <Command.Group
              key={group}
              heading={group}
              className="mt-2 text-ink [&_[cmdk-group-heading]]:font-stamp [&_[cmdk-group-heading]]:text-[0.8rem] [&_[cmdk-group-heading]]:text-kraft [&_[cmdk-group-heading]]:uppercase [&_[cmdk-group-heading]]:tracking-[0.09em]"
            >
              {entries
                .filter((entry) => entry.group === group)
                .map(({ name, also, keys, run }) => (
                  <Command.Item
                    key={name}
                    value={name}
                    {...(also === undefined ? {} : { keywords: also.split(" ") })}
                    onSelect={() => {
                      onClose();
                      run();
                    }}
                    className="flex min-h-9 cursor-pointer items-center px-2 data-[selected=true]:bg-kraft-pale"
                  >
                    {name}
                    {keys && <kbd className="ml-auto font-sans text-quiet text-sm">{keys}</kbd>}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Overlay>
  );
}
