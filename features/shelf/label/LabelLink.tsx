import { useState } from "react";
import { useNavigate } from "react-router";
import { TextEntry } from "../../../ui/TextEntry.tsx";
import { labelOfLink } from "../../../workers/designLink.ts";

/** Where a label's link goes in that was scanned with another program, or printed by another machine. */
export function LabelLink() {
  const navigate = useNavigate();
  const [wrong, setWrong] = useState(false);
  return (
    <TextEntry
      label="Or paste the link of a label"
      hint="What a phone reads from the code on somebody’s camera."
      error={wrong ? "A label’s link has /label/ in it, and letters and digits after a #." : undefined}
      onChange={({ target }) => {
        const path = labelOfLink(target.value);
        setWrong(path === null && target.value.trim() !== "");
        if (path !== null) void navigate(path);
      }}
    />
  );
}
