import { usePath } from "./usePath.ts";

/** The main heading of a page whose tabs say on the screen where one is: for those who hear the page. */
export function PageHeading({
  pages,
}: {
  readonly pages: readonly { readonly to: string; readonly heading?: string }[];
}) {
  const path = usePath();
  const heading = pages.find(({ to }) => to === path)?.heading;
  return heading === undefined ? null : <h1 className="sr-only">{heading}</h1>;
}
