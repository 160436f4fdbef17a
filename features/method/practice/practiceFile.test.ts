import { type BegunSession, handedIn, practiceFile, resultOf } from "./practiceFile.ts";

const begun: BegunSession = {
  practised: { session: "leak", seed: 8 },
  standing: {
    goals: [
      { name: "found", reached: true },
      { name: "tight", reached: false },
      { name: "again", reached: true },
    ],
    reached: 2,
    spent: 2,
    allowed: 1,
    done: false,
  },
};
const file = (name: string, text: string) => ({ name, text: async () => text }) as unknown as File;

test("a file of practice says how far each session came, and comes back as it was", async () => {
  const made = practiceFile("  Ada ", [resultOf(begun)], "2026-12-01T12:00:00+00:00");
  expect(made.who).toBe("Ada");
  expect(made.sessions).toEqual([{ session: "leak", seed: 8, reached: 2, of: 3, spent: 2, allowed: 1, done: false }]);
  const { files, refused } = await handedIn([file("ada.json", JSON.stringify(made))]);
  expect([files, refused]).toEqual([[made], []]);
});

test("what is no such file is refused by name, and the others are read", async () => {
  const made = practiceFile("Ben", [], "2026-12-01T12:00:00+00:00");
  const { files, refused } = await handedIn([
    file("letter.txt", "Dear teacher"),
    file("other.json", JSON.stringify({ ...made, who: 7 })),
    file("ben.json", JSON.stringify(made)),
  ]);
  expect(files).toEqual([made]);
  expect(refused[0]).toMatch(/^letter.txt is not a file of practice/);
  expect(refused[1]).toMatch(/^other.json: \/who /);
});
