import { tests } from "@/catalog/tests";
import type { Catalog } from "@/core/catalog";
import {
  type KnownResponse,
  knownResponses,
  type Responses,
  responsesFrom,
  type Trial,
} from "@/core/response";
import { listTrials, type TrialRow, trialsStamp } from "@/data/trials";
import { gymSettings } from "../gyms/gym-kit";
import { openCatalog } from "../library/catalog";
import { today } from "../sessions/day";

/** A stored trial as the core knows one; what cannot be read shows nothing. */
export function trialOf({ athleteId, before, after, ...row }: TrialRow): Trial {
  return { ...row, athlete: athleteId, before: before as number[], after: after as number[] };
}

let known: { stamp: string; catalog: Catalog; responses: Responses } | null = null;

/** What helps whom, from all trials there are; worked out anew when there are others, or on another day. */
export async function openResponses(): Promise<Responses> {
  const [stamp, catalog] = await Promise.all([trialsStamp(), openCatalog()]);
  const now = `${today()} ${stamp}`;
  if (known?.stamp === now && known.catalog === catalog) return known.responses;
  const trials = (await listTrials()).map(trialOf);
  const responses = responsesFrom(trials, tests, catalog.drills, today());
  known = { stamp: now, catalog, responses };
  return responses;
}

/** What of it counts in the plans of an athlete, by the athlete's id; nothing where the gym has switched it off. */
export async function countedResponses(): Promise<
  (athleteId: string) => readonly KnownResponse[] | undefined
> {
  const [responses, settings] = await Promise.all([openResponses(), gymSettings()]);
  if (!settings.usesResponses) return () => undefined;
  return (athleteId) => {
    const of = knownResponses(responses, athleteId, tests);
    return of.length > 0 ? of : undefined;
  };
}
