/** The import rules of docs/architecture.md. */
const CORE_FOLDER = "^src/core/([^/]+)/";

module.exports = {
  forbidden: [
    {
      name: "core-is-pure",
      comment: "src/core computes from plain data: no packages, no Node, no other part of the app.",
      severity: "error",
      from: { path: "^src/core", pathNot: "\\.test\\.ts$" },
      to: { pathNot: "^src/core" },
    },
    {
      name: "core-folder-has-one-door",
      comment: "A core folder is entered through its index.ts only.",
      severity: "error",
      from: { path: CORE_FOLDER },
      to: { path: "^src/core/[^/]+/(?!index\\.ts$)", pathNot: "^src/core/$1/" },
    },
    {
      name: "core-door-from-outside",
      comment: "Everything outside the core enters a core folder through its index.ts only.",
      severity: "error",
      from: { pathNot: "^src/core" },
      to: { path: "^src/core/[^/]+/(?!index\\.ts$)" },
    },
    {
      name: "catalog-is-content",
      comment: "src/catalog is data typed by the core; it knows nothing else.",
      severity: "error",
      from: { path: "^src/catalog", pathNot: "\\.test\\.ts$" },
      to: { pathNot: ["^src/catalog", "^src/core"] },
    },
    {
      name: "data-knows-no-interface",
      severity: "error",
      from: { path: "^src/(data|server)" },
      to: { path: "^src/(app|features|ui)" },
    },
    {
      name: "data-knows-no-use-case",
      severity: "error",
      from: { path: "^src/data" },
      to: { path: "^src/server" },
    },
    {
      name: "interface-reaches-data-through-use-cases",
      comment: "Screens call src/server; only src/server and scripts talk to src/data.",
      severity: "error",
      from: { path: "^src/(app|features|ui)" },
      to: { path: "^src/data", pathNot: "^src/data/(records)\\.ts$" },
    },
    {
      name: "shared-pieces-know-no-screen",
      severity: "error",
      from: { path: "^src/ui" },
      to: { path: "^src/(app|features|server)" },
    },
    { name: "no-cycles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "no-orphans",
      severity: "error",
      from: { orphan: true, path: "^src", pathNot: ["\\.test\\.ts$", "\\.d\\.ts$", "^src/app/"] },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    parser: "swc",
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: [".ts", ".tsx", ".mts", ".js"] },
    webpackConfig: undefined,
    tsConfig: undefined,
    builtInModules: { add: [] },
  },
};
