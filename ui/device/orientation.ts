/** Some phones ask before they tell how they are held. */
type Asking = typeof DeviceOrientationEvent & {
  readonly requestPermission?: () => Promise<"granted" | "denied" | "prompt">;
};

/** Whether the browser was told not to tell how the phone is held. Where it has not asked yet, or can’t say, the sensors themselves show it. */
export async function isRefused(): Promise<boolean> {
  try {
    return (await (DeviceOrientationEvent as Asking).requestPermission?.()) === "denied";
  } catch {
    return false;
  }
}
