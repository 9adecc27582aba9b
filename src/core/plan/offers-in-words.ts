import { joinWords } from "@/lib/join-words";
import type { PlanStep } from "./types";

/** What may be done in place of a drill, as it stands beside it. */
export function offersInWords({ anyOf, condition }: Pick<PlanStep, "anyOf" | "condition">): string[] {
  const others = anyOf.map((d) => d.name);
  return [
    ...(others.length > 0 ? [`Or ${joinWords(others, "or")}, as you like.`] : []),
    ...(condition ? [`${condition.reached}: then ${condition.next.name}.`] : []),
  ];
}
