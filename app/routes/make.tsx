import { data } from "react-router";
import { MakePage } from "../../features/make/MakePage.tsx";
import { getCamera, rememberCamera } from "../../storage/index.ts";
import { Toaster } from "../../ui/Toaster.tsx";
import type { Route } from "./+types/make";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.camera.name} · Make · Still Box` : "Make · Still Box" },
];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const found = await getCamera(params.id);
  if (!found.ok) throw data(found.error.message, { status: 404 });
  await rememberCamera(params.id);
  return { camera: found.value, today: new Date().toISOString() };
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Drawing the parts.</p>;
}

export default function Make({ loaderData }: Route.ComponentProps) {
  return (
    <Toaster>
      <MakePage camera={loaderData.camera} today={loaderData.today} />
    </Toaster>
  );
}
