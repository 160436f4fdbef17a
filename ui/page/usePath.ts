import { useLocation } from "react-router";

/** Where one is, without the slash at its end that a host of plain files leads to: `/log/` is `/log`. */
export function usePath(): string {
  return useLocation().pathname.replace(/(.)\/$/, "$1");
}
