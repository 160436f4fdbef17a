import { data, redirect } from "react-router";
import { NewCameraPage } from "../../features/shelf/newCamera/NewCameraPage.tsx";
import { makeCamera } from "../../features/shelf/newCamera/newCameraAction.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/new";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "New camera",
  "Measure a box, can or canister with a ruler and see the picture it will make.",
);

export async function clientAction({ request }: Route.ClientActionArgs) {
  const made = await makeCamera(await request.json().catch(() => null));
  if (made === null) throw data("This is no form for a new camera.", { status: 400 });
  return "id" in made ? redirect(`/cameras/${encodeURIComponent(made.id)}`) : data(made, { status: 422 });
}

export default function NewCamera({ actionData }: Route.ComponentProps) {
  return (
    <>
      {actionData?.failed && (
        <p role="alert" className="bg-action px-6 py-2 text-on-action">
          {actionData.failed.message}
        </p>
      )}
      <NewCameraPage refused={actionData?.errors ?? {}} />
    </>
  );
}
