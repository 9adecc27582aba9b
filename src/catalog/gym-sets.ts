import type { GymSet, GymSetLoads } from "@/core/catalog";

const pairs = (sizes: readonly (readonly [weight: number, pairs: number])[]) =>
  sizes.map(([weight, count]) => ({ weight, pairs: count }));

const NO_PLATES: Pick<GymSetLoads, "sledge" | "stack"> = { sledge: null, stack: null };

/** Common kinds of gyms to start from; every number can be changed afterwards. */
export const gymSets: readonly GymSet[] = [
  {
    id: "hall",
    name: "A gym with racks",
    note: "Six racks, bumpers, dumbbells, machines and everything for drills.",
    bumpers: true,
    loads: {
      kg: {
        bar: 20,
        otherBars: [{ name: "Light bar", weight: 15 }],
        plates: pairs([
          [25, 8],
          [20, 12],
          [15, 6],
          [10, 8],
          [5, 8],
          [2.5, 8],
          [1.25, 6],
        ]),
        dumbbells: { from: 2.5, to: 50, step: 2.5 },
        sledge: 45,
        stack: { start: 5, step: 5, top: 100, addOns: [2.5] },
        help: { from: 10, to: 50, step: 10 },
      },
      lb: {
        bar: 45,
        otherBars: [{ name: "Light bar", weight: 35 }],
        plates: pairs([
          [45, 18],
          [35, 6],
          [25, 8],
          [10, 8],
          [5, 8],
          [2.5, 8],
        ]),
        dumbbells: { from: 5, to: 110, step: 5 },
        sledge: 100,
        stack: { start: 10, step: 10, top: 200, addOns: [5] },
        help: { from: 20, to: 100, step: 20 },
      },
    },
    equipment: {
      ...{ rower: 3, bike: 3, rope: 6, stick: 12, "band-light": 10, "band-medium": 8, "band-heavy": 4 },
      ...{ "mini-band": 12, bar: 8, rack: 6, bench: 6, box: 6, dumbbell: null, kettlebell: 10 },
      ...{ "light-plate": null, roller: 8, "medicine-ball": 6, "pull-up-bar": 6, cable: 2, towel: null },
    },
  },
  {
    id: "room",
    name: "A small room",
    note: "One rack, iron plates, a few dumbbells and bands.",
    bumpers: false,
    loads: {
      kg: {
        bar: 20,
        otherBars: [],
        plates: pairs([
          [25, 1],
          [20, 2],
          [15, 1],
          [10, 2],
          [5, 2],
          [2.5, 2],
          [1.25, 1],
        ]),
        dumbbells: { from: 5, to: 25, step: 2.5 },
        ...NO_PLATES,
        help: { from: 10, to: 30, step: 10 },
      },
      lb: {
        bar: 45,
        otherBars: [],
        plates: pairs([
          [45, 3],
          [35, 1],
          [25, 1],
          [10, 2],
          [5, 2],
          [2.5, 1],
        ]),
        dumbbells: { from: 10, to: 60, step: 5 },
        ...NO_PLATES,
        help: { from: 20, to: 60, step: 20 },
      },
    },
    equipment: {
      ...{ rope: 1, stick: 1, towel: null, "band-light": 2, "band-medium": 1, "mini-band": 2, bar: 1 },
      ...{ rack: 1, bench: 1, box: 1, dumbbell: null, kettlebell: 1, "light-plate": null, roller: 1 },
      ...{ "pull-up-bar": 1 },
    },
  },
  {
    id: "garage",
    name: "A garage",
    note: "A bar, bumpers on the floor, a rack and a bench.",
    bumpers: true,
    loads: {
      kg: {
        bar: 20,
        otherBars: [],
        plates: pairs([
          [20, 2],
          [15, 1],
          [10, 2],
          [5, 1],
          [2.5, 1],
          [1.25, 1],
        ]),
        dumbbells: null,
        ...NO_PLATES,
        help: { from: 10, to: 20, step: 10 },
      },
      lb: {
        bar: 45,
        otherBars: [],
        plates: pairs([
          [45, 2],
          [25, 1],
          [10, 2],
          [5, 1],
          [2.5, 1],
        ]),
        dumbbells: null,
        ...NO_PLATES,
        help: { from: 20, to: 40, step: 20 },
      },
    },
    equipment: {
      ...{ broom: null, towel: null, "band-light": 1, "band-medium": 1, bar: 1, rack: 1, bench: 1, box: 1 },
      ...{ "light-plate": null, "pull-up-bar": 1 },
    },
  },
  {
    id: "nothing",
    name: "Bar and plates alone",
    note: "For drills a towel and a broom handle do.",
    bumpers: false,
    loads: {
      kg: {
        bar: 20,
        otherBars: [],
        plates: pairs([
          [20, 2],
          [10, 1],
          [5, 1],
          [2.5, 1],
          [1.25, 1],
        ]),
        dumbbells: null,
        ...NO_PLATES,
        help: null,
      },
      lb: {
        bar: 45,
        otherBars: [],
        plates: pairs([
          [45, 2],
          [25, 1],
          [10, 1],
          [5, 1],
          [2.5, 1],
        ]),
        dumbbells: null,
        ...NO_PLATES,
        help: null,
      },
    },
    equipment: { broom: null, towel: null, bar: 1, "light-plate": null },
  },
];
