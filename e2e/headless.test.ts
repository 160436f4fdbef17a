import { solve } from "../core/solve/index.ts";
import { stage } from "./support/maker.ts";

const { address } = stage(false);

const REQUEST = {
  hole: { diameter: 0.3, plateThickness: 0.1, openingDiameter: 6.35, wall: 1, x: 0, y: 0 },
  film: { surface: "flat", distance: 60, width: 127, height: 101.6, x: 0, y: 0, tiltX: 0, tiltY: 0 },
  light: { wavelength: 550, iso: 6, contrast: 0.2, subjectDistance: null },
} as const;

function post(body: BodyInit): Promise<Response> {
  return fetch(`${address()}/api/solve`, { method: "POST", headers: { "Content-Type": "application/json" }, body });
}

describe("POST /api/solve", () => {
  test("answers with the core function’s own numbers", async () => {
    const answer = await post(JSON.stringify(REQUEST));
    expect(answer.status).toBe(200);
    expect(await answer.json()).toEqual(JSON.parse(JSON.stringify(solve(REQUEST))));
  });

  test("bad input is 422 with a JSON Pointer, broken JSON 400, over 1 MiB 413, other methods 405", async () => {
    const bad = await post(JSON.stringify({ ...REQUEST, hole: { diameter: "0.3" } }));
    expect(bad.status).toBe(422);
    expect(await bad.json()).toEqual({
      errors: [{ path: "/hole/diameter", message: expect.stringMatching(/above 0/) }],
    });
    const broken = await post("{");
    expect([broken.status, (await broken.json()).errors[0].path]).toEqual([400, ""]);
    const huge = await post(`{"x":"${"y".repeat(1024 * 1024)}"}`);
    expect([huge.status, (await huge.json()).errors[0].path]).toEqual([413, ""]);
    const get = await fetch(`${address()}/api/solve`);
    expect([get.status, get.headers.get("allow")]).toEqual([405, "POST"]);
    expect((await post("null")).status).toBe(422);
    expect((await post("")).status).toBe(400);
  });

  test("a body of just 1 MiB is still read, also when it is sent in pieces without a length", async () => {
    const filler = JSON.stringify({ ...REQUEST, note: "" });
    const whole = JSON.stringify({ ...REQUEST, note: "z".repeat(1024 * 1024 - filler.length) });
    expect(whole).toHaveLength(1024 * 1024);
    expect((await post(whole)).status).toBe(200);
    const pieces = new ReadableStream({
      start(controller) {
        for (let i = 0; i < 3; i++) controller.enqueue(new TextEncoder().encode("y".repeat(512 * 1024)));
        controller.close();
      },
    });
    const answer = await fetch(`${address()}/api/solve`, {
      method: "POST",
      body: pieces,
      duplex: "half",
    } as RequestInit);
    expect(answer.status).toBe(413);
  });

  test("the schemas are served", async () => {
    for (const name of ["solve", "camera", "film", "hole", "exposure", "archive"]) {
      const answer = await fetch(`${address()}/schema/${name}.schema.json`);
      expect(answer.status).toBe(200);
      expect((await answer.json()).$id).toBe(`${name}.schema.json`);
    }
    expect((await fetch(`${address()}/schema/other.schema.json`)).status).toBe(404);
  });
});
