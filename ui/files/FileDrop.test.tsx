/** @jest-environment ./scripts/jest-browser.cjs */
import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { FileDrop } from "./FileDrop.tsx";

const BEANS = new File(["beans"], "beans.json", { type: "application/json" });
const ROWS = new File(["rows"], "rows.zip", { type: "application/zip" });

function place(onFiles: (files: readonly File[]) => void, multiple = false) {
  return render(
    <FileDrop as="main" named="Files to open" accept=".json" multiple={multiple} className="card" onFiles={onFiles}>
      {(pick) => (
        <button type="button" onClick={pick}>
          Open a file
        </button>
      )}
    </FileDrop>,
  );
}

/** What a hand drags in. */
const carrying = (...files: File[]) => ({
  dataTransfer: {
    files,
    items: files.map((file) => ({ kind: "file", type: file.type, getAsFile: () => file })),
    types: ["Files"],
  },
});

describe("a place to drop files on", () => {
  test("takes also what is dropped before its entry is there, and the browser stays on the page", () => {
    const taken: string[] = [];
    place((files) => taken.push(...files.map(({ name }) => name)));
    const main = screen.getByRole("main");
    expect(fireEvent.dragOver(main, carrying(BEANS))).toBe(false);
    expect(fireEvent.drop(main, carrying(BEANS))).toBe(false);
    expect(taken).toEqual(["beans.json"]);
  });

  // Before others: later tests have been heard.
  test("fetches nothing before there is a sign of somebody; a press before its entry is there opens it then", async () => {
    const opened = jest.spyOn(HTMLInputElement.prototype, "click").mockImplementation(() => {});
    place(() => {});
    await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
    expect(screen.queryByLabelText("Files to open")).toBeNull();
    fireEvent.pointerDown(window);
    fireEvent.click(screen.getByText("Open a file"));
    await waitFor(() => expect(opened).toHaveBeenCalledTimes(1));
    fireEvent.click(screen.getByText("Open a file"));
    expect(opened).toHaveBeenCalledTimes(2);
    opened.mockRestore();
  });

  test("hands over what is picked, and the same file again when it is picked again", async () => {
    const taken: string[][] = [];
    place((files) => taken.push(files.map(({ name }) => name)), true);
    const entry = await screen.findByLabelText<HTMLInputElement>("Files to open");
    expect([entry.type, entry.accept, entry.multiple]).toEqual(["file", ".json", true]);
    fireEvent.change(entry, { target: { files: [BEANS, ROWS] } });
    await waitFor(() => expect(taken).toEqual([["beans.json", "rows.zip"]]));
    fireEvent.change(entry, { target: { files: [BEANS] } });
    await waitFor(() => expect(taken).toHaveLength(2));
  });

  test("shows that files hang over it, and takes what is dropped, of whatever kind: its reader says what is wrong", async () => {
    const taken: string[] = [];
    place((files) => taken.push(...files.map(({ name }) => name)));
    const main = screen.getByRole("main");
    await waitFor(() => expect(main.dataset.drop).toBe("ready"));
    fireEvent.dragEnter(main, carrying(ROWS));
    await waitFor(() => expect(main.className).toMatch("bg-kraft-pale"));
    fireEvent.dragLeave(main, carrying(ROWS));
    await waitFor(() => expect(main.className).not.toMatch("bg-kraft-pale"));
    fireEvent.drop(main, carrying(ROWS));
    await waitFor(() => expect(taken).toEqual(["rows.zip"]));
  });

  test("what is done with files is what the place was drawn with last", async () => {
    const taken: string[] = [];
    const { rerender } = place(() => taken.push("old"));
    rerender(
      <FileDrop as="main" named="Files to open" accept=".json" className="card" onFiles={() => taken.push("new")}>
        {() => null}
      </FileDrop>,
    );
    fireEvent.change(await screen.findByLabelText("Files to open"), { target: { files: [BEANS] } });
    await waitFor(() => expect(taken).toEqual(["new"]));
  });
});
