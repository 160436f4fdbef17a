import { index, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  index("routes/shelf.tsx"),
  route("new", "routes/new.tsx"),
  route("cameras/:id", "routes/bench.tsx"),
  route("cameras/:id/edits", "routes/edits.ts"),
  route("cameras/:id/make", "routes/make.tsx", [
    index("routes/make.index.tsx"),
    route("hole", "routes/make.hole.tsx"),
    route("build", "routes/make.build.tsx"),
    route("light-test", "routes/make.light-test.tsx"),
    route("kit", "routes/make.kit.tsx"),
  ]),
  route("compare", "routes/compare.tsx"),
  route("field", "routes/field.tsx"),
  route("log", "routes/log.tsx"),
  route("stock", "routes/stock.tsx"),
  route("method", "routes/method.tsx"),
  route("api/solve", "routes/api.solve.ts"),
  route("api/expose", "routes/api.expose.ts"),
  route("api/hole", "routes/api.hole.ts"),
  route("api/demo", "routes/api.demo.ts"),
  route("schema/:name", "routes/schema.ts"),
] satisfies RouteConfig;
