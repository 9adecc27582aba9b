import type { Approach, Catalog, Drill, Lift } from "@/core/catalog";
import { shipped } from "./shipped";

/** What a hall has of its own beside what ships. */
export interface CustomContent {
  drills: readonly Drill[];
  lifts: readonly Lift[];
  approaches: readonly Approach[];
}

export const NO_CUSTOM_CONTENT: CustomContent = { drills: [], lifts: [], approaches: [] };

interface Held {
  own: CustomContent;
  all: Catalog;
}

// On globalThis, since a server, a page and a worker each have it once, however often this module is loaded there.
const holder = globalThis as { ironStepCatalog?: Held };

function held(): Held {
  holder.ironStepCatalog ??= { own: NO_CUSTOM_CONTENT, all: shipped };
  return holder.ironStepCatalog;
}

/** All the content there is: what ships, and what this hall has of its own. */
export const catalog: Catalog = {
  get lifts() {
    return held().all.lifts;
  },
  get drills() {
    return held().all.drills;
  },
  get approaches() {
    return held().all.approaches;
  },
  get drillsAlone() {
    return held().all.drillsAlone;
  },
};

/** What this hall has of its own, as it was given last. */
export function customContent(): CustomContent {
  return held().own;
}

/** Puts a hall's own content beside what ships. */
export function takeCustomContent(own: CustomContent): void {
  if (held().own === own) return;
  holder.ironStepCatalog = {
    own,
    all: {
      lifts: [...shipped.lifts, ...own.lifts],
      drills: [...shipped.drills, ...own.drills],
      approaches: [...shipped.approaches, ...own.approaches],
      drillsAlone: shipped.drillsAlone,
    },
  };
}
