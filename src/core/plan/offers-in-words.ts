import { joinWords } from "@/lib/join-words";
import type { Drill } from "../catalog";

type Named = Pick<Drill, "name">;

/** What may be done in place of a drill, as it stands beside it. */
export function offersInWords({
  anyOf,
  condition,
  insteadOf,
}: {
  anyOf: readonly Named[];
  condition: { reached: string; next: Named } | null;
  insteadOf: { drill: Named; why: string } | null;
}): string[] {
  const others = anyOf.map((d) => d.name);
  return [
    ...(others.length > 0 ? [`Or ${joinWords(others, "or")}, as you like.`] : []),
    ...(condition ? [`${condition.reached}: then ${condition.next.name}.`] : []),
    ...(insteadOf ? [`In place of ${insteadOf.drill.name}, ${insteadOf.why}.`] : []),
  ];
}
