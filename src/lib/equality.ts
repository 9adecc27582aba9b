import { createCustomEqual } from "fast-equals";

/** Whether a field is there; one that is there with nothing in it counts as missing, as in JSON. */
function fieldsOf(object: Record<string, unknown>): string[] {
  return Object.keys(object).filter((key) => object[key] !== undefined);
}

/**
 * Deep equality of plain data as JSON has it: the order of fields does not matter, that of lists does, and a field that
 * is undefined is the same as none.
 */
export const isEqual: (a: unknown, b: unknown) => boolean = createCustomEqual({
  createCustomConfig: () => ({
    areObjectsEqual: (a, b, state) => {
      const fields = fieldsOf(a);
      return (
        fields.length === fieldsOf(b).length &&
        fields.every((key) => state.equals(a[key], b[key], key, key, a, b, state))
      );
    },
  }),
});
