import { createContext } from "react";

/** Whether pages of this server are kept for use without a network. In the browser the document says so. */
export const OfflineContext = createContext(
  typeof document !== "undefined" && document.documentElement.dataset.offline !== undefined,
);
