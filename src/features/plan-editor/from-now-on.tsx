"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { AthleteRecord } from "@/core/athlete";
import { type Lift, nameInSentence } from "@/core/catalog";
import type { DraftLift } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { convertWeight, formatWeight } from "@/core/units";
import { noteWeightAction } from "@/server/actions/athletes";
import { Button } from "@/ui/button";

/** Where the working sets of a session are others than those on record: they count for it only, until the coach says more. */
export function FromNowOn({
  athlete,
  lift,
  planned: { weight, sets, reps, rir },
  gym,
  day,
}: {
  athlete: AthleteRecord;
  lift: Pick<Lift, "id" | "name">;
  planned: DraftLift;
  gym: GymKit;
  /** Of the session. */
  day: string;
}) {
  const router = useRouter();
  const known = athlete.workingWeights.find((w) => w.lift === lift.id);
  if (weight === null) return null;
  const own = convertWeight(weight, gym.unit, athlete.unit);
  const isKnown = known?.weight === own && known.sets === sets && known.reps === reps && known.rir === rir;
  if (isKnown) return null;
  const of = { athleteId: athlete.id, lift: lift.id };
  const note = async () => {
    const record = { weight: own, sets, reps, rir };
    const noted = await answered(noteWeightAction({ ...of, day, record }));
    if (noted.kind === "refused") return toast(noted.message);
    router.refresh();
    const said = `${athlete.name}: ${sets} × ${reps} × ${formatWeight(own)} ${athlete.unit} is on record for the ${nameInSentence(lift.name)}.`;
    toast(said, {
      action: {
        label: "Undo",
        onClick: async () => {
          const back = await answered(noteWeightAction({ ...of, day: noted.day, record: noted.before }));
          if (back.kind === "refused") return toast(back.message);
          router.refresh();
        },
      },
    });
  };
  return (
    <span className="flex items-center gap-1">
      For this session only.
      <Button
        look="bare"
        className="-ml-1 min-h-6 py-0 text-xs underline underline-offset-4"
        onClick={() => void note()}
      >
        Make it the working weight
      </Button>
    </span>
  );
}
