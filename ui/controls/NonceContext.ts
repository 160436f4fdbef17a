import { setNonce } from "get-nonce";
import { createContext } from "react";

/**
 * The mark that the page's own scripts and styles bear, so that the browser runs no others. In the browser it is read from
 * the document: a page never sees it as text. Radix asks `get-nonce` for it when it holds the page still behind a dialog.
 */
export const NonceContext = createContext(ofDocument());

function ofDocument(): string {
  if (typeof document === "undefined") return "";
  const nonce = document.querySelector<HTMLElement>("[nonce]")?.nonce ?? "";
  setNonce(nonce);
  return nonce;
}
