"use client";

import type { Plan } from "@/core/plan";
import type { KnownResponse } from "@/core/response";
import { Link } from "@/ui/link";

const LINK = "inline-flex min-h-6 items-center font-semibold underline underline-offset-4 hover:text-ember";

/** Says that a plan uses what has helped, and shows the plan without it. Nothing is stored: it is only looked at. */
export function LearntSign({
  athleteId,
  responses,
  plan,
  isWithout,
  onSwitch,
}: {
  athleteId: string;
  responses: readonly KnownResponse[] | undefined;
  plan: Plan;
  isWithout: boolean;
  onSwitch: () => void;
}) {
  const counts = responses?.some((r) => plan.steps.some((s) => s.drill.id === r.drill)) ?? false;
  if (!counts && !isWithout) return null;
  return (
    <p className="pb-1.5 text-ink-soft">
      {isWithout ? "The plan without what has helped" : "Counts what has helped"}:{" "}
      <button type="button" className={LINK} onClick={onSwitch}>
        {isWithout ? "back to the plan with it" : "see the plan without it"}
      </button>
      {" · "}
      <Link href={`/athletes/${athleteId}/tests`} className={LINK}>
        tests and trials
      </Link>
    </p>
  );
}
