/** Which part of the sources may import which; `npm test` checks it, relative paths included. */
const TESTS = "\\.test\\.tsx?$|__tests__";

/** A rule: files of `from` import nothing of `to`. */
const never = (name, comment, from, to, { tests = false } = {}) => ({
  name,
  comment,
  severity: "error",
  from: { path: from, ...(!tests && { pathNot: TESTS }) },
  to,
});

module.exports = {
  forbidden: [
    never(
      "core-is-pure",
      "The core imports the core and lib, nothing else: no packages, no Node, no interface.",
      "^src/core/",
      {
        pathNot: "^src/(core|lib)/",
      },
    ),
    never("core-doors", "A core folder is entered through its index.ts only.", "^src/core/([^/]+)/", {
      path: "^src/core/[^/]+/",
      pathNot: ["^src/core/$1/", "^src/core/[^/]+/index\\.ts$"],
    }),
    never(
      "doors-from-outside",
      "A core folder is entered through its index.ts only.",
      "^(?!src/core/)",
      { path: "^src/core/[^/]+/", pathNot: "/index\\.ts$" },
      { tests: true },
    ),
    never("lib-knows-nothing", "lib is for any program: it knows nothing of this one.", "^src/lib/", {
      path: "^src/",
      pathNot: "^src/lib/",
    }),
    never(
      "catalog-is-content",
      "The catalog is content typed by the core; it knows nothing else.",
      "^src/catalog/",
      {
        path: "^src/",
        pathNot: "^src/(catalog|core|lib)/",
      },
    ),
    never("data-below-server", "The data layer knows no use case and no interface.", "^src/data/", {
      path: "^src/(server|app|features|ui|client|workers|demo)/|^node_modules/(next|react)/",
    }),
    never("server-below-interface", "Use cases know no interface.", "^src/server/", {
      path: "^src/(app|features|ui|client|workers)/|^node_modules/react/",
    }),
    never("ui-has-no-domain", "Pieces of ui know neither the domain nor the server.", "^src/ui/", {
      path: "^src/",
      pathNot: "^src/(ui|lib)/",
    }),
    never("client-below-features", "What pages keep and read knows no screen.", "^src/client/", {
      path: "^src/(app|features|data|workers|demo)/",
    }),
    never("workers-compute", "Workers answer from the core: no page, no server.", "^src/workers/", {
      path: "^src/(app|features|ui|data|server|demo)/",
    }),
    never(
      "features-below-app",
      "Screens know no route, and stored data only through the server.",
      "^src/features/",
      {
        path: "^src/(app|data|demo)/",
      },
    ),
    never("app-through-server", "Routes reach stored data through the server only.", "^src/app/", {
      path: "^src/(data|demo)/",
    }),
    never(
      "nobody-imports-app",
      "Nothing imports a route.",
      "^(?!src/app/)",
      { path: "^src/app/" },
      { tests: true },
    ),
    never("nobody-imports-demo", "The demo is for the demo and for tests.", "^src/(?!demo/)", {
      path: "^src/demo/",
    }),
    never(
      "demo-below-server",
      "The demo data is made of the core and stored by the data layer.",
      "^src/demo/",
      {
        path: "^src/(server|app|features|ui|client|workers)/",
      },
    ),
    never(
      "e2e-from-outside",
      "Interface tests know the app from outside only.",
      "^e2e/",
      { path: "^src/" },
      { tests: true },
    ),
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
  },
};
