import { useState } from "react";
import { allMedia } from "../../../catalogue/media.ts";
import { useLive } from "../../../storage/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { useSheetInHand } from "../../../ui/dark/sheetsOut.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { DarkPages } from "../DarkPages.tsx";
import { ContactPrint } from "./ContactPrint.tsx";
import { StripPanel } from "./StripPanel.tsx";
import { readStripsNow, type StripsData } from "./stripsData.ts";

const JOBS = [
  { id: "print", name: "For a print" },
  { id: "flash", name: "For a pre-flash" },
  { id: "contact", name: "Contact print" },
] as const;

/** Test strips, for prints and pre-flashes, and contact prints themselves. */
export function StripsPage({ loaded }: { readonly loaded: StripsData }) {
  const live = useLive(loaded.now, readStripsNow);
  const papers = allMedia().filter(({ kind }) => kind === "paper");
  const [job, setJob] = useState<(typeof JOBS)[number]["id"]>("print");
  const [medium, setMedium] = useState(papers[0]?.id ?? "");
  const { sound } = loaded.settings;
  useSheetInHand("paper");
  return (
    <main className="wet mx-auto max-w-3xl px-4 pb-24">
      <DarkPages />
      <LiveNotice live={live} />
      <div className="grid gap-4">
        <Segments label="What is it for" value={job} options={JOBS} onChoose={setJob} className="flex-wrap" />
        <Choice label="Paper" value={medium} options={papers} onChoose={setMedium} />
        {job === "contact" ? (
          <ContactPrint key={medium} medium={medium} now={live.value} sound={sound} />
        ) : (
          <StripPanel key={`${job} ${medium}`} purpose={job} medium={medium} done={live.value.done} sound={sound} />
        )}
      </div>
    </main>
  );
}
