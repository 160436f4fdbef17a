import { useOutletContext } from "react-router";
import { PAPERS } from "../../../core/make/cutsheet/index.ts";
import { Segments } from "../../../ui/controls/Segments.tsx";
import type { MakeInHand } from "../makeData.ts";

/** The printer's paper: of everything that is printed from here on, cards and labels too. */
export function PaperChoice() {
  const {
    printer: { paper },
    choosePrinter,
  } = useOutletContext<MakeInHand>();
  return (
    <Segments
      label="Printer’s paper"
      value={paper.id}
      options={PAPERS}
      onChoose={(id) => choosePrinter({ paper: id }, "The printer’s paper")}
    />
  );
}
