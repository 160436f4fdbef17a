/** @jest-environment ./scripts/jest-browser.cjs */
import { act, renderHook } from "@testing-library/react";
import { UnitContext } from "../../../ui/format/UnitContext.ts";
import { useNewCamera } from "./useNewCamera.ts";

test("another kind, or another unit, keeps what the camera is called and what it is for", () => {
  let unit: "mm" | "in" = "mm";
  const { result, rerender } = renderHook(() => useNewCamera({}), {
    wrapper: ({ children }) => <UnitContext value={unit}>{children}</UnitContext>,
  });
  act(() => result.current.form.setValue("name", "Fence post", { shouldDirty: true }));
  act(() => result.current.form.setValue("purpose", "trail", { shouldDirty: true }));
  act(() => result.current.chooseKind("curled-can"));
  expect(result.current.typed).toMatchObject({ kind: "curled-can", name: "Fence post", purpose: "trail" });
  expect(result.current.lastGood?.purpose).toBe("trail");
  unit = "in";
  rerender();
  expect(result.current.typed).toMatchObject({ kind: "curled-can", name: "Fence post", purpose: "trail" });
  act(() => result.current.form.setValue("purpose", "picture", { shouldDirty: true }));
  act(() => result.current.chooseKind("flat-box"));
  expect(result.current.typed).toMatchObject({ kind: "flat-box", purpose: "picture" });
});
