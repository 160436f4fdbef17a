import type { MetaDescriptor, MetaFunction } from "react-router";
import type { Camera } from "../core/camera/container/index.ts";

/** Title and description of a page: a route's own take the place of the root's, so that each says both. */
export function pageMeta(title: string, description: string): MetaFunction {
  return () => tags(title, description);
}

/** The same of a page of Make: the camera's name stands before the page's. */
export function makeMeta(page: string, description: string): MetaFunction {
  return ({ matches }) => {
    const made = matches.find((match) => match?.id === "routes/make")?.loaderData as { camera?: Camera } | undefined;
    return tags(made?.camera ? `${made.camera.name} · ${page}` : page, description);
  };
}

/** The tags themselves, for a page whose title its data tell. */
export function tags(title: string, description: string): MetaDescriptor[] {
  return [{ title: `${title} · Still Box` }, { name: "description", content: description }];
}
