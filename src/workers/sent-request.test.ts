import { shippedCatalog } from "@/catalog";
import { sentRequest, taken } from "./sent-request";

const { drills } = shippedCatalog;
const request = (of: readonly (typeof drills)[number][]) => ({ minutes: 15, drills: of });

test("a request goes without its drills and comes back with those that may be used, as the worker has them", () => {
  const some = drills.filter((_, i) => i % 3 === 0);
  for (const wanted of [drills, some, []]) {
    const sent = structuredClone(sentRequest(request(wanted), drills));
    expect(sent).not.toHaveProperty("drills");
    expect(taken<ReturnType<typeof request>>(sent, drills)).toEqual(request(wanted));
  }
});

test("all of them are not named one by one", () => {
  expect(sentRequest(request(drills), drills)).toEqual({ minutes: 15, only: null });
});
