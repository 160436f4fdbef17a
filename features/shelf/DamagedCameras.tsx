import { damagedRecord } from "../../storage/index.ts";
import { saveFile } from "../../ui/files/saveFile.ts";

/** Cameras whose records can’t be read: left where they are, each as a file to save. */
export default function DamagedCameras({ ids }: { readonly ids: readonly string[] }) {
  const several = ids.length > 1;
  return (
    <div role="alert" data-damaged className="mt-4 border-action border-l-4 bg-card p-3">
      <p>
        {ids.length} stored camera{several ? "s" : ""} can’t be read and {several ? "were" : "was"} left untouched. Save{" "}
        {several ? "their files" : "its file"} before you do anything else about it:
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-4">
        {ids.map((id) => (
          <li key={id}>
            <button type="button" className="underline underline-offset-4" onClick={() => void saveDamaged(id)}>
              {id}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

async function saveDamaged(id: string): Promise<void> {
  const text = JSON.stringify(await damagedRecord(id), null, 2);
  saveFile(`damaged-${id.replace(/[^\w-]+/g, "-").slice(0, 60)}.json`, text, "application/json");
}
