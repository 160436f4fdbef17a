import { addDemo, whatFailed } from "../storage/index.ts";
import { notify } from "../ui/notices/notify.ts";

/** Puts the demonstration on the Shelf, where the server was started with it; offline or without a server it stays empty. */
export async function fetchDemonstration(): Promise<void> {
  const answer = await fetch("/api/demo").catch(() => null);
  if (answer?.status !== 200) return;
  const demo = (await answer.json()) as Parameters<typeof addDemo>[0];
  await addDemo(demo).catch((error: unknown) => {
    notify(`The demonstration cameras can’t be put on the Shelf. ${whatFailed(error).message}`, { urgent: true });
  });
}
