export default {
  // No test is about time; this only ends one that hangs, on whatever machine.
  testTimeout: 60_000,
  testEnvironment: "node",
  roots: ["<rootDir>/src", "<rootDir>/scripts"],
  testMatch: ["**/*.test.ts"],
  transform: {
    "^.+\\.tsx?$": ["@swc/jest", { jsc: { target: "es2022", parser: { syntax: "typescript", tsx: true } } }],
  },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
};
