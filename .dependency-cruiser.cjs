/** The rooms of the core in the order in which they may lean on each other; formats and plan may lean on all. */
const rooms = [
  "quantities",
  "foods",
  "models",
  "process",
  "household",
  "calendar",
  "dish",
  "bite",
  "season",
  "bind",
  "schedule",
  "safety",
  "mend",
  "notebook",
  "swap",
  "recipe",
];

const upward = rooms.map((room, i) => ({
  name: `${room}-leans-upward`,
  severity: "error",
  comment: "A room imports only from rooms listed before it.",
  from: { path: `^src/core/${room}/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^src/core/(${[...rooms.slice(i + 1), "formats"].join("|")})/` },
}));

module.exports = {
  forbidden: [
    {
      name: "no-cycles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "core-stays-pure",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$|/__tests__/" },
      to: { path: "^src/(app|ui|data|workers|demo)/" },
    },
    ...upward,
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "(^|/)node_modules/|\\.next/" },
  },
};
