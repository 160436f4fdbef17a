import { experience } from "../../core/learning/index.ts";
import { inMm, testCamera } from "../../core/testing/cameras.ts";
import { cutOrder } from "./cutOrder.ts";
import { meterTable } from "./meterTable.ts";

test("f/22 → f/177 is × 64.7; a second on the meter is a minute and a little more (PHYSICS section 3)", () => {
  const { factor, rows, fNumber } = meterTable(177, { iso: 6, longTime: { kind: "none" } });
  expect([fNumber, factor]).toEqual(["f/22", "× 64.7"]);
  expect(rows.find(({ meter }) => meter === "1 s")?.time).toBe("65 s");
  expect(rows.find(({ meter }) => meter === "1/8 s")?.time).toBe("8.1 s");
});

test("what the log has taught of the camera is in the times", () => {
  const { rows, factor } = meterTable(177, { iso: 6, longTime: { kind: "none" } }, 1);
  expect(factor).toBe("× 64.7");
  expect(rows.find(({ meter }) => meter === "1 s")?.time).toBe("2.2 min");
});

test("what the medium loses in long times is in the times, not in the factor", () => {
  const plain = meterTable(177, { iso: 100, longTime: { kind: "none" } });
  const film = meterTable(177, { iso: 100, longTime: { kind: "power", exponent: 1.3 } });
  expect(film.factor).toBe(plain.factor);
  expect(film.rows.at(0)).toEqual(plain.rows.at(0));
  expect(film.rows.at(-1)?.time).not.toBe(plain.rows.at(-1)?.time);
});

test("the cards say what the log has taught of this camera, by how many shots; another camera’s teach it little", () => {
  const camera = testCamera("flat-box");
  const medium = camera.chambers[0].film.medium ?? "";
  const plain = cutOrder(camera, inMm, null);
  expect(plain.taughtBy).toBe(0);
  const shot = { camera: camera.id, medium, light: "sun", meteredSeconds: 10, usedSeconds: 10, correction: 4 };
  const log = { experience: experience([shot, shot, shot]), alike: new Map<string, string>() };
  const taught = cutOrder(camera, inMm, null, log);
  expect(taught.taughtBy).toBe(3);
  const sun = ({ times }: typeof plain) => times.find(({ light }) => light === "Full sun")?.time;
  expect(sun(taught)).not.toBe(sun(plain));
  expect(taught.metered.factor).toBe(plain.metered.factor);
  expect(taught.metered.rows).not.toEqual(plain.metered.rows);
  // One built alike shares what was taught.
  const twin = cutOrder({ ...camera, id: "twin" }, inMm, null, { ...log, alike: new Map([["twin", camera.id]]) });
  expect(twin.times).toEqual(taught.times);
});
