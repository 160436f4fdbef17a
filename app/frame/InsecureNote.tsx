import { usePath } from "../../ui/page/usePath.ts";

/** What pages lack where a browser holds an address for insecure, the most particular first. */
const LACKS: readonly (readonly [RegExp, string])[] = [
  [/^\/field\/look/, "the camera and the sensors are not given, a photograph serves"],
  [/^\/(field|dark)/, "the screen may go dark while you count, and nothing works without the network"],
  [/^\/sun/, "the compass is not given, and nothing works without the network"],
];

/** One line on what is missing by a plain http address, and why. */
export default function InsecureNote() {
  const path = usePath();
  const lack = LACKS.find(([pages]) => pages.test(path))?.[1] ?? "nothing works without the network";
  return (
    <p className="border-kraft border-b bg-card px-4 py-1.5 text-[0.87rem] sm:px-6 print:hidden" data-insecure>
      This address is plain http, so {lack}. Start Still Box with bin/demo --phone, and open /phone here.
    </p>
  );
}
