/** In which the unit tests run by turns: what depends on the machine's zone does not stay unseen. */
const ZONES = ["UTC", "America/Los_Angeles", "Asia/Kolkata", "Pacific/Auckland"];

/** Those in which no midnight passes during a run. */
const byDay = ZONES.filter((timeZone) => {
  const hour = Number(new Intl.DateTimeFormat("en-GB", { timeZone, hour: "2-digit" }).format());
  return hour >= 2 && hour < 22;
});

// Random cases and the zone follow from one number, which is printed, so that a run can be had again.
process.env.SEED ??= String(Date.now() % 2 ** 31);
process.env.TZ ??= byDay[Number(process.env.SEED) % byDay.length];
console.log(`Random cases by SEED=${process.env.SEED}, time zone by TZ=${process.env.TZ}`);

/** Packages that are ES modules only. */
const MODULES = [
  ...[
    "uuid",
    "better-auth",
    "@better-auth",
    "better-call",
    "@better-fetch",
    "@noble",
    "jose",
    "nanostores",
    "defu",
  ],
  ...["rou3", "set-cookie-parser", "@simplewebauthn", "@levischuck", "@hexagon", "d3-array", "internmap"],
];

export default {
  // No test is about time; this only ends one that hangs, on whatever machine.
  testTimeout: process.env.LONG ? 3_600_000 : 60_000,
  maxWorkers: "100%",
  testEnvironment: "node",
  roots: ["<rootDir>/src"],
  testMatch: ["**/*.test.ts"],
  transform: {
    "^.+\\.tsx?$": [
      "@swc/jest",
      {
        jsc: {
          target: "es2022",
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
        },
      },
    ],
    "/node_modules/.+\\.m?js$": ["@swc/jest", { jsc: { target: "es2022" } }],
  },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES.join("|")})/)`],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
};
