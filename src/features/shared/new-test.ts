/** A test until the coach says more of it: cold, and again when all is done. */
export const NEW_TEST = { seconds: 20, looksFor: "", at: [{ kind: "first" }, { kind: "last" }] } as const;
