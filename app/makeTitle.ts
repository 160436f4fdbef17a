import type { MetaDescriptor, MetaFunction } from "react-router";
import type { Camera } from "../core/camera/container/index.ts";

/** The title of a page of Make: the camera's name, the page's, ours. */
export function makeTitle(page: string): MetaFunction {
  return ({ matches }): MetaDescriptor[] => {
    const made = matches.find((match) => match?.id === "routes/make")?.loaderData as { camera?: Camera } | undefined;
    return [{ title: made?.camera ? `${made.camera.name} · ${page} · Still Box` : `${page} · Still Box` }];
  };
}
