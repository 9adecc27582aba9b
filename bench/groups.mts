import { shippedCatalog as catalog } from "@/catalog";
import { type GroupRequest, planGroup } from "@/core/group";
import { weight } from "@/core/units";
import { groups } from "@/demo/people";
import { ordinaryGym } from "./cases";
import { formatTimes, measure } from "./measure";

/** How the time of a group's plan grows with people: over the approaches, in a gym with too little of everything. */

const people = groups.flatMap((g) => g.athletes);
function groupOf(count: number, approach: string): GroupRequest {
  return {
    unit: "kg",
    minutes: 20,
    approach: catalog.approaches.find((a) => a.id === approach)!,
    room: "normal",
    equipment: null,
    own: [],
    dropped: [],
    drills: catalog.drills,
    counts: { rower: 3, bike: 2, stick: 6, kettlebell: 5, roller: 4, bench: 6, box: 4, "band-light": 8 },
    members: Array.from({ length: count }, (_, i) => {
      const { name, experience, limiters, areas } = people[i % people.length]!;
      return {
        id: String(i),
        name,
        athlete: { experience, limiters, areas: areas.map(([area, level]) => ({ area, level })) },
        lifts: [
          {
            lift: catalog.lifts[i % 3]!,
            kit: ordinaryGym,
            working: { weight: weight(60 + ((i * 10) % 100)), reps: 5, sets: 3, rir: 1 },
          },
        ],
      };
    }),
  };
}

for (const count of [4, 8, 14, 30, 60]) {
  const requests = catalog.approaches.map((a) => groupOf(count, a.id));
  const times = measure(requests.map((r) => () => planGroup(r)));
  console.log(formatTimes(`A group of ${count}, 20 min`, times));
}
