"use client";

import { memo } from "react";
import { useCatalog } from "@/client/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { drillById } from "@/core/catalog";
import type { WarmUpDraft, WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { Plan } from "@/core/plan";
import { Button } from "@/ui/button";
import { type Proof, useExactPlan } from "./use-exact-plan";

const percent = (share: number) => `${(100 * share).toFixed(share < 0.1 ? 1 : 0)} %`;

/** Whether the drills are the best there are for this time, or how much better others could be. */
export const ProofSign = memo(function ProofSign({
  draft,
  athlete,
  gym,
  plan,
  isUpToDate,
  onEdit,
}: {
  draft: WarmUpDraft;
  athlete: AthleteRecord;
  gym: GymKit;
  plan: Plan;
  /** Whether the draft is what the coach has entered last: a selection for an earlier one is not put in any more. */
  isUpToDate: boolean;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const found = useExactPlan(draft, athlete, gym, plan);
  const proof: Proof = isUpToDate ? found : { kind: "waiting" };
  if (proof.kind === "better")
    return <BetterPlan {...{ plan, onEdit, by: proof.by, drills: proof.drills }} />;
  const words = {
    waiting: "Looking for a better selection",
    working: proof.kind === "working" ? `At most ${percent(proof.gap)} under the best possible` : "",
    best: "The best selection for this time",
    failed: "A very good selection; it could not be proven best here",
  }[proof.kind];
  const isOpen = proof.kind === "waiting" || proof.kind === "working";
  return (
    <p role="status" className="flex items-center gap-2 text-ink-faint">
      <span
        aria-hidden
        className={`inline-block size-2 rotate-45 ${isOpen ? "border border-line-strong" : "bg-ink-soft"}`}
      />
      {words}
    </p>
  );
});

/** Names that are spelled out before the rest are counted. */
const NAMED = 2;

function some(names: readonly string[]): string {
  const more = names.length - NAMED;
  return more > 0 ? `${names.slice(0, NAMED).join(", ")} and ${more} more` : names.join(", ");
}

/** Offers a better choice with what it would change. */
function BetterPlan({
  by,
  drills,
  plan,
  onEdit,
}: {
  by: number;
  drills: (Proof & { kind: "better" })["drills"];
  plan: Plan;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const catalog = useCatalog();
  const now = new Set(plan.steps.filter((s) => s.block === 0).map((s) => s.drill.id));
  const next = new Set(drills.map((d) => d.drill));
  const name = (id: string) => drillById(catalog, id)?.name ?? id;
  const comes = [...next].filter((id) => !now.has(id)).map(name);
  const goes = [...now].filter((id) => !next.has(id)).map(name);
  return (
    <div role="status" className="flex flex-wrap items-center gap-x-3 gap-y-1 bg-ochre-wash px-2 py-1">
      <span className="font-semibold">{percent(by)} better:</span>
      <span className="min-w-0">
        {comes.length === 0 && goes.length === 0 && "other doses"}
        {comes.length > 0 && `${some(comes)} in`}
        {goes.length > 0 && `${comes.length > 0 ? "; " : ""}${some(goes)} out`}
      </span>
      <Button onClick={() => onEdit({ kind: "take-over", drills })}>Use this plan</Button>
    </div>
  );
}
