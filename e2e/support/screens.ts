/** Every screen of the app, with demonstration cameras of all manners. */
export const SCREENS = [
  "/",
  "/new",
  "/cameras/thistle-biscuit-tin",
  "/cameras/thistle-cocoa-tin",
  "/cameras/thistle-canister-one",
  "/cameras/thistle-hat-box",
  "/cameras/thistle-feed-drum",
  "/cameras/thistle-bean-carton",
  "/compare?one=thistle-cocoa-tin&other=thistle-hat-box",
  "/cameras/thistle-biscuit-tin/make",
  "/cameras/thistle-biscuit-tin/make/hole",
  "/cameras/thistle-cocoa-tin/make/build",
  "/cameras/thistle-biscuit-tin/make/light-test",
  "/cameras/thistle-cocoa-tin/make/kit",
  "/field",
  "/log",
  "/log?view=loads",
  "/log?view=says",
  "/stock",
  "/method",
] as const;

/** Those that are used on a phone. */
export const PHONE_SCREENS: ReadonlySet<string> = new Set([
  "/",
  "/new",
  "/cameras/thistle-biscuit-tin",
  "/field",
  "/log",
  "/log?view=says",
  "/stock",
]);
