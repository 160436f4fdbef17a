import type { ReactNode } from "react";
import { type Asked, Question } from "./Question.tsx";

/** A control that asks before it takes something away. */
export function ConfirmDialog({ children, ...asked }: Asked & { readonly children: ReactNode }) {
  return <Question {...asked} trigger={children} />;
}
