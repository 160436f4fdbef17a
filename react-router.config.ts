import type { Config } from "@react-router/dev/config";

export default {
  ssr: true,
  // All routes are few and small: asking the server for them one by one would fail offline.
  routeDiscovery: { mode: "initial" },
} satisfies Config;
