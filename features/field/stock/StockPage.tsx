import { useEffect, useState } from "react";
import { allMedia } from "../../../catalogue/media.ts";
import type { OwnMedium, Pack } from "../../../core/document/index.ts";
import { useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { LongList } from "../../../ui/seldom/LongList.tsx";
import { FieldPages } from "../FieldPages.tsx";
import { MediumForm } from "./MediumForm.tsx";
import { MediumRow } from "./MediumRow.tsx";
import { PackForm } from "./PackForm.tsx";
import { PackRow } from "./PackRow.tsx";
import { readStock, type StockData } from "./stockData.ts";

/** What is being written: a new one, or one that is there. */
type Writing = { readonly pack: Pack | null } | { readonly medium: OwnMedium | null } | null;

const ROW = "border-line border-t py-2 first:border-t-0";

/** The Stock: packs of paper and film with what is left of them, and media of one’s own. */
export function StockPage({ loaded }: { readonly loaded: StockData }) {
  const live = useLive(loaded, readStock);
  const { packs, media } = live.value;
  const [writing, setWriting] = useState<Writing>(null);
  // What is chosen from elsewhere follows what is written here.
  useEffect(() => {
    void import("../../../ui/records/ownMedia.ts").then(({ readOwnMedia }) => readOwnMedia(media));
  }, [media]);
  const done = (): void => setWriting(null);
  return (
    <main className="thumb mx-auto max-w-[1200px] px-4 pb-16 sm:px-6">
      <FieldPages />
      <LiveNotice live={live} />
      <h1 className="mb-4 font-semibold text-[1.7rem] leading-tight">What is in the drawer</h1>
      <div className="grid gap-8 lg:grid-cols-2">
        <Panel title="Packs">
          {packs.length === 0 && (
            <p className="text-quiet">
              No pack noted. Note one, and loading counts it down. You are told when it runs low or has lain open long.
            </p>
          )}
          <div data-packs={packs.length}>
            <LongList
              items={packs}
              keyOf={({ id }) => id}
              estimate={130}
              entry={({ id }) => ({ className: ROW, "data-pack": id })}
            >
              {(pack) => <PackRow pack={pack} onEdit={() => setWriting({ pack })} />}
            </LongList>
          </div>
          {writing !== null && "pack" in writing ? (
            <PackForm key={writing.pack?.id ?? "new"} pack={writing.pack} onDone={done} />
          ) : (
            <Button className="mt-3 min-h-[3.3rem]" onClick={() => setWriting({ pack: null })}>
              Note a pack
            </Button>
          )}
        </Panel>
        <Panel title="Your own papers and films">
          {media.length === 0 && (
            <p className="text-quiet">
              {allMedia().length} classes ship with the app. If yours is another (another speed, tested; another curve;
              its maker’s long-time table), write it down: then it can be chosen everywhere.
            </p>
          )}
          <div data-media={media.length}>
            <LongList
              items={media}
              keyOf={({ id }) => id}
              estimate={110}
              entry={({ id }) => ({ className: ROW, "data-medium": id })}
            >
              {(medium) => <MediumRow medium={medium} onEdit={() => setWriting({ medium })} />}
            </LongList>
          </div>
          {writing !== null && "medium" in writing ? (
            <MediumForm key={writing.medium?.id ?? "new"} medium={writing.medium} onDone={done} />
          ) : (
            <Button className="mt-3 min-h-[3.3rem]" onClick={() => setWriting({ medium: null })}>
              Write down a medium
            </Button>
          )}
        </Panel>
      </div>
    </main>
  );
}
