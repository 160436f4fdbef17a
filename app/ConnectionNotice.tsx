import { useEffect, useState } from "react";
import { type ConnectionTrouble, onConnectionTrouble } from "../storage/index.ts";

const WORDS: Readonly<Record<ConnectionTrouble, string>> = {
  outdated:
    "A newer Still Box is open in another tab and has taken the data over. This page stores nothing more: reload it.",
  blocked: "An older Still Box is open in another tab and holds the data. Close that tab, then reload this one.",
};

/** Says when this page and another tab of another version can't share the database. */
export function ConnectionNotice() {
  const [trouble, setTrouble] = useState<ConnectionTrouble | null>(null);
  useEffect(() => onConnectionTrouble(setTrouble), []);
  if (trouble === null) return null;
  return (
    <p role="alert" data-connection={trouble} className="bg-action px-6 py-2 text-on-action">
      {WORDS[trouble]}{" "}
      <button type="button" className="ml-2 underline underline-offset-4" onClick={() => window.location.reload()}>
        Reload
      </button>
    </p>
  );
}
