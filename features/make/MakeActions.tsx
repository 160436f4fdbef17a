import type { ReactNode } from "react";
import { createPortal } from "react-dom";
import { useOutletContext } from "react-router";
import type { MakeInHand } from "./makeData.ts";

/** What a page of Make offers as a whole, beside the camera's name. */
export function MakeActions({ children }: { readonly children: ReactNode }) {
  const { actions } = useOutletContext<MakeInHand>();
  return actions === null ? null : createPortal(children, actions);
}
