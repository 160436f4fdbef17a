import type { ComponentType } from "react";
import { data } from "react-router";
import { BuildPage } from "../../features/make/BuildPage.tsx";
import { HolePage } from "../../features/make/HolePage.tsx";
import { KitPage } from "../../features/make/KitPage.tsx";
import { LightTestPage } from "../../features/make/LightTestPage.tsx";
import { MakePage } from "../../features/make/MakePage.tsx";
import { type MakeData, type MakeEdit, makeAction, openMake } from "../../features/make/makeData.ts";
import { Toaster } from "../../ui/Toaster.tsx";
import type { Route } from "./+types/make";

/** Make's pages by the last part of their address. */
const PAGES = new Map<string, { readonly title: string; readonly Page: ComponentType<{ readonly data: MakeData }> }>([
  ["", { title: "Make", Page: MakePage }],
  ["hole", { title: "Hole", Page: HolePage }],
  ["build", { title: "Build", Page: BuildPage }],
  ["light-test", { title: "Light test", Page: LightTestPage }],
  ["kit", { title: "Group kit", Page: KitPage }],
]);

export const meta: Route.MetaFunction = ({ loaderData, params }) => {
  const title = PAGES.get(params.page ?? "")?.title ?? "Make";
  return [{ title: loaderData ? `${loaderData.camera.name} · ${title} · Still Box` : `${title} · Still Box` }];
};

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  if (!PAGES.has(params.page ?? "")) throw data("Make has no such page.", { status: 404 });
  const opened = await openMake(params.id);
  if (!("camera" in opened)) throw data(opened.message, { status: 404 });
  return opened;
}
clientLoader.hydrate = true as const;

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  return makeAction(params.id, (await request.json()) as MakeEdit);
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Drawing the parts.</p>;
}

export default function Make({ loaderData, params }: Route.ComponentProps) {
  const page = PAGES.get(params.page ?? "");
  if (page === undefined) return null;
  return (
    <Toaster>
      <page.Page key={loaderData.camera.id} data={loaderData} />
    </Toaster>
  );
}
