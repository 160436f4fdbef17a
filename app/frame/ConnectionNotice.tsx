import type { ConnectionTrouble } from "../../storage/index.ts";

const WORDS: Readonly<Record<ConnectionTrouble, string>> = {
  outdated:
    "A newer Still Box is open in another tab and has taken the data over. This page stores nothing more: reload it.",
  blocked: "An older Still Box is open in another tab and holds the data. Close that tab, then reload this one.",
  newer: "A newer Still Box made the data in this browser: here they can be looked at, and nothing is stored.",
  emptied:
    "What Still Box had stored in this browser was cleared while this page was open. What you see is still in this page, and nothing is stored any more: write down what you need, then reload. A backup file brings the rest back.",
  memory:
    "Nothing is kept in this browser: it lets us store nothing (a private window, perhaps), or has no room. All works until this page is closed: save files before.",
};

/** Says when this page and another tab of another version can't share the database. */
export default function ConnectionNotice({ trouble }: { readonly trouble: ConnectionTrouble }) {
  return (
    <p role="alert" data-connection={trouble} className="bg-action px-6 py-2 text-on-action">
      {WORDS[trouble]} {/* What lies in memory would be gone. */}
      {trouble !== "memory" && (
        <button type="button" className="ml-2 underline underline-offset-4" onClick={() => window.location.reload()}>
          Reload
        </button>
      )}
    </p>
  );
}
