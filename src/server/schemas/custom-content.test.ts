import { shippedCatalog as catalog } from "@/catalog";
import { CUSTOM_SCHEMAS } from "./custom-content";

test.each([
  ["drill", catalog.drills],
  ["lift", catalog.lifts.filter((l) => !l.kind)],
  ["approach", catalog.approaches],
] as const)(
  "every %s that ships, but for work without a weight, can be copied and stored as one's own",
  (kind, shipped) => {
    const refused = shipped.flatMap((item) => {
      const read = CUSTOM_SCHEMAS[kind].safeParse({ ...item, id: "own-copy", name: "Own copy" });
      return read.success
        ? []
        : [`${item.id}: ${read.error.issues[0]!.path.join(".")} ${read.error.issues[0]!.message}`];
    });
    expect(refused).toEqual([]);
  },
);
