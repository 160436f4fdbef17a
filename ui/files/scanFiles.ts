/** What is read everywhere, and what most browsers can draw; an iPhone makes a JPEG of what is not among them. */
export const SCAN_FILES =
  "image/png,image/jpeg,image/tiff,image/webp,image/avif,application/pdf,.png,.jpg,.jpeg,.tif,.tiff,.webp,.avif,.pdf";
/** The same, a phone's own kind among them: where the browser can't draw it, what to do is said. */
export const SCAN_FILES_AND_HEIC = `${SCAN_FILES},image/heic,.heic`;
