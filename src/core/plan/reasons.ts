import { joinWords } from "@/lib/join-words";
import { nameInSentence } from "../catalog";
import { DEMANDS, type DemandKind } from "../demands";
import type { AskedDemand, Candidate } from "../drills";
import { type KnownResponse, testNumber } from "../response";
import type { Part } from "./types";

const VERBS: Record<DemandKind, string> = {
  range: "Mobilises",
  activation: "Activates",
  pattern: "Rehearses",
  system: "Builds",
};

const WARMS = "Warms you up";

/** Most demands that a reason names. */
const MOST_NAMED = 2;

/** A demand's name inside a sentence. */
export function demandInSentence(demand: AskedDemand["demand"]): string {
  const { name, kind } = DEMANDS[demand];
  const words = name[0]!.toLowerCase() + name.slice(1);
  if (kind === "pattern" && !words.startsWith("receiving")) return `the ${words} pattern`;
  return words.startsWith("trunk") ? `the ${words}` : words;
}

/** That a drill has helped the athlete, in a sentence; null: it is not known to. */
function helpedWords(
  { drill, serves }: Candidate,
  demands: readonly AskedDemand[],
  responses: readonly KnownResponse[],
): string | null {
  const served = serves.map((s) => demands[s.demand]!.demand);
  const helped = responses.find((r) => r.drill === drill.id && r.helped && served.includes(r.demand))?.helped;
  if (!helped) return null;
  const gain = testNumber(helped, helped.perMinute);
  return `Has helped: ${helped.test.toLowerCase()} ${gain} better a minute in ${helped.trials} trials.`;
}

/**
 * Why a drill is in the plan: the demands that it serves most, for which lift or limiter, and whether it has helped.
 *
 * @param part what it is in a group's plan; absent: there is no group.
 * @param responses what is known of the athlete's responses; absent: nothing.
 */
export function reasonFor(
  candidate: Candidate,
  demands: readonly AskedDemand[],
  part?: Part,
  responses: readonly KnownResponse[] = [],
): string {
  const helped = helpedWords(candidate, demands, responses);
  const reason = neededFor(candidate, demands, part);
  return helped ? `${reason} ${helped}` : reason;
}

function neededFor(candidate: Candidate, demands: readonly AskedDemand[], part?: Part): string {
  const raises = candidate.phase === "raise";
  const served = candidate.serves
    .map((s) => ({
      asked: demands[s.demand]!,
      worth: demands[s.demand]!.weight * s.served,
      served: s.served,
    }))
    .filter((s) => s.worth > 0 && !(raises && s.asked.demand === "temperature"))
    .sort((a, b) => b.worth - a.worth || b.served - a.served)
    .slice(0, raises ? MOST_NAMED - 1 : MOST_NAMED);
  if (served.length === 0 && !raises) {
    const why = part === undefined || part === "personal" ? "Your choice" : "With the others";
    return `${why}: not needed for today's lift.`;
  }
  const named = (s: (typeof served)[number]) =>
    demandInSentence(s.asked.demand) + (s.asked.limiter ? " (limiter)" : "");
  const kinds = [...new Set(served.map((s) => DEMANDS[s.asked.demand].kind))];
  const clauses = kinds.map((kind) => {
    const same = served.filter((s) => DEMANDS[s.asked.demand].kind === kind);
    const warms = same.some((s) => s.asked.demand === "temperature");
    return warms ? WARMS : `${VERBS[kind]} ${joinWords(same.map(named))}`;
  });
  if (raises) clauses.unshift(WARMS);
  const [first, ...others] = clauses;
  const lift =
    served.map((s) => s.asked.askedBy).find((l) => l !== null) ??
    (raises ? demands.find((d) => d.demand === "temperature")?.askedBy : null);
  const sentence = [first!, ...others.map((c) => c.charAt(0).toLowerCase() + c.slice(1))].join(" and ");
  return `${sentence}${lift && !lift.kind ? ` for the ${nameInSentence(lift.name)}` : ""}.`;
}
