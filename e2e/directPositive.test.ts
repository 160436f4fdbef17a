import { stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";

const { arrive } = stage(true);

test("a direct positive from load to picture: no negative in any sentence, nothing inverted, judged the right way round", async () => {
  const maker = await arrive();
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo("/dark?camera=thistle-biscuit-tin");
  await maker.choose("Paper or film", "direct-positive");
  await maker.sees("[data-lamp-words]", /red lamp only/i);
  await maker.press("It is loaded");
  await maker.press("Out into the light");
  await maker.press("Daylight");
  await maker.goTo("/field?camera=thistle-biscuit-tin");
  await maker.sees("main", /Direct-positive paper, ISO 3/);
  // Two stops too long, on purpose.
  await maker.press("Double");
  await maker.press("Double");
  await maker.sees("[data-effect]", /lighter on the direct positive/);
  await maker.press("Open the hole");
  await maker.press("Close the hole");
  await maker.type("Subject", "Scarecrow");
  await maker.press("Log this shot");
  await maker.sees("[role=status]", /Logged/);
  // The five sheets of the log: too much light is light.
  await maker.goTo("/log?camera=thistle-biscuit-tin");
  await maker.press("Judge");
  await maker.sees(
    "[data-judging]",
    /Hold the direct positive beside these[\s\S]*two stops too light[\s\S]*All white: a quarter next time/,
  );
  expect(await maker.text("[data-judging]")).not.toMatch(/negative/i);
  await maker.press("Leave it");

  await maker.goTo("/proof");
  await maker.press("Sheet on the made-up flatbed");
  await maker.page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>("[data-option]")]
      .find((each) => each.innerText.trim() === "Scarecrow")
      ?.focus(),
  );
  await maker.keys("Enter");
  await maker.press("Scan it");
  await maker.page.waitForSelector("[data-negative]", { timeout: PATIENCE });
  await maker.press("Judge");
  await maker.sees("[data-proposal]", /./);
  expect(await maker.text("[data-judged]")).not.toMatch(/negative/i);
  await maker.press("Positive");
  await maker.sees("main", /Right-reading/);
  const words = await maker.text("main");
  expect(words).not.toMatch(/contact print/i);
  expect(words).toMatch(/Hold to see the plain scan/);
});
