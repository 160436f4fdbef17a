import { whereabouts } from "./whereabouts.ts";

type Asked = Geolocation["getCurrentPosition"];

function browser(getCurrentPosition: Asked | undefined): void {
  const geolocation = getCurrentPosition && { getCurrentPosition };
  Object.defineProperty(globalThis, "navigator", { value: { geolocation }, configurable: true });
}

afterEach(() => jest.useRealTimers());

test("where this is, that it is refused, that the browser has no such thing: each is an answer", async () => {
  browser((found) => found({ coords: { latitude: 52.2, longitude: 0.1 } } as GeolocationPosition));
  expect(await whereabouts()).toEqual({ ok: true, value: { latitude: 52.2, longitude: 0.1 } });
  const refused = { ok: false, error: expect.stringMatching(/Type the place instead/) };
  browser((_, fail) => fail?.({} as GeolocationPositionError));
  expect(await whereabouts()).toEqual(refused);
  browser(undefined);
  expect(await whereabouts()).toEqual(refused);
});

test("a question of the browser that nobody answers is given up", async () => {
  jest.useFakeTimers();
  browser(() => {});
  const asked = whereabouts();
  jest.advanceTimersByTime(60_000);
  expect((await asked).ok).toBe(false);
});
