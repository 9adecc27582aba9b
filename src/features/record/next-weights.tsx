"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { formatWeight } from "@/core/units";
import { noteWeightAction } from "@/server/actions/athletes";
import type { NextOfLift, RecordOfAthlete } from "@/server/record/open-record";
import { Button } from "@/ui/button";

/** What to work with the next time, by how the sets went; taken by the coach, never by itself. */
export function NextWeights({ of, today: day }: { of: RecordOfAthlete; today: string }) {
  const router = useRouter();
  const ask = useAsk();
  if (of.next.length === 0) return null;
  const take = async ({ lift, weight, sets, reps, rir, name, unit }: NextOfLift) => {
    const record = { weight, sets, reps, rir, source: "coach" as const };
    const outcome = await ask(noteWeightAction, { athleteId: of.athlete, lift, day, record });
    if (outcome.kind === "refused") return toast(outcome.message);
    router.refresh();
    const undo = async () => {
      await ask(noteWeightAction, { athleteId: of.athlete, lift, day: outcome.day, record: outcome.before });
      router.refresh();
    };
    return toast(`${name} from now on: ${formatWeight(weight)} ${unit}`, {
      action: { label: "Undo", onClick: () => void undo() },
    });
  };
  return (
    <section aria-label={`Next time for ${of.name}`}>
      <h2 className="section-title mb-1">Next time</h2>
      <ul>
        {of.next.map((n) => (
          <li key={n.lift} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-1">
            <span className="min-w-0 flex-1">
              <span className="font-semibold">
                {n.name} {formatWeight(n.weight)} {n.unit}
              </span>
              <span className="text-ink-soft">: {n.reason}</span>
            </span>
            {n.current === n.weight ? (
              <span className="text-ink-soft">as on record</span>
            ) : (
              <Button onClick={() => void take(n)}>Use from now on</Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
