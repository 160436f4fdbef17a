import { useState } from "react";
import { useNavigate } from "react-router";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { labelOfLink, readDesign } from "../../../workers/codecs/designLink.ts";

/** Where a label's link goes in that was scanned with another program, or printed by another machine. */
export function LabelLink() {
  const navigate = useNavigate();
  const [wrong, setWrong] = useState<string>();
  return (
    <TextEntry
      label="Or paste the link of a camera’s label"
      hint="What a phone reads from the code on somebody’s camera."
      error={wrong}
      onChange={({ target }) => {
        const path = labelOfLink(target.value);
        const read = readDesign(path?.split("#")[1] ?? "", "label", new Date().toISOString());
        const words =
          path === null
            ? "A label’s link has /label/ in it, and letters and digits after a #."
            : read.ok
              ? undefined
              : read.error;
        setWrong(target.value.trim() === "" ? undefined : words);
        if (path !== null && read.ok) void navigate(path);
      }}
    />
  );
}
