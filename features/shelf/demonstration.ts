import { addDemo, addDemoScans, type Demo, putDemoAway, takeDemoBack, whatFailed } from "../../storage/index.ts";
import { notify } from "../../ui/notices/notify.ts";

/** What the server has to show; `null`: it was started without, or can't be reached. */
async function askServer(): Promise<Demo | null> {
  const answer = await fetch("/api/demo").catch(() => null);
  return answer?.status === 200 ? ((await answer.json()) as Demo) : null;
}

/**
 * Puts the demonstration on the Shelf, where the server was started with it; its scans follow by themselves.
 *
 * @returns whether there was one
 */
export async function bringDemonstration(): Promise<boolean> {
  const demo = await askServer();
  if (demo === null) return false;
  try {
    if (await addDemo(demo)) void fetchScans(demo);
  } catch (error) {
    notify(`The demonstration cameras can’t be put on the Shelf. ${whatFailed(error).message}`, { urgent: true });
  }
  return true;
}

/** Goes on fetching scans where an earlier page was closed over it. */
export async function goOnFetching(): Promise<void> {
  const demo = await askServer();
  if (demo !== null) await fetchScans(demo);
}

async function fetchScans(demo: Demo): Promise<void> {
  // Where one can't be had or kept now, the next visit goes on from there.
  await addDemoScans(demo, async (file) => {
    const answer = await fetch(`/demo/${file}`).catch(() => null);
    return answer?.ok ? answer.blob() : null;
  }).catch(() => undefined);
}

/** An empty shelf to begin with: the demonstration goes, whatever the maker made or changed stays. */
export async function clearDemonstration(): Promise<void> {
  const demo = await askServer();
  if (demo === null) {
    notify("The demonstration can be put away while its server can be reached. Nothing was changed.", { urgent: true });
    return;
  }
  const away = await putDemoAway(demo);
  if (!away.ok) {
    notify(`The demonstration is still here. ${away.error.message}`, { urgent: true });
    return;
  }
  notify("The demonstration is put away. What you made or changed is still here.", {
    action: {
      name: "Undo",
      run: () =>
        void takeDemoBack(away.value).then((back) => {
          if (!back.ok) notify(`It is not back. ${back.error.message}`, { urgent: true });
        }),
    },
  });
}

/** Brings the demonstration back, beside what the maker has. */
export async function demonstrationBack(): Promise<void> {
  const there = await bringDemonstration();
  if (!there) notify("This server was started without the demonstration, or can’t be reached.", { urgent: true });
}
