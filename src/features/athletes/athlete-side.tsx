"use client";

import { useRouter } from "next/navigation";
import { useData } from "@/client/data";
import type { Stored } from "@/client/draft-saver";
import { useOnSaved } from "@/client/use-saved-draft";
import { SaveSign, UndoButtons } from "@/features/shared/save-sign";
import type { AthleteDraft } from "@/server/schemas/athlete";
import { Link } from "@/ui/link";
import { SideSheet } from "@/ui/side-sheet";
import { Areas, Limiters, Note } from "./athlete-health";
import { useAthlete } from "./use-athlete";
import { WeightsOnRecord } from "./weights-on-record";

/** What is known of an athlete, to be looked at and changed beside a session. */
export function AthleteSide({
  of,
  day,
  back,
  open,
  onOpenChange,
}: {
  of: { id: string; name: string };
  /** Today, ISO. */
  day: string;
  /** The page it is opened on, which the athlete's own page leads back to. */
  back: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { data } = useData<Stored<AthleteDraft>>(`athletes/${of.id}`, { enabled: open });
  return (
    <SideSheet title={of.name} open={open} onOpenChange={onOpenChange}>
      {data ? (
        <Known key={`${of.id} ${data.revision}`} stored={data} day={day} back={back} />
      ) : (
        <p className="text-ink-soft">Loading</p>
      )}
    </SideSheet>
  );
}

function Known({ stored, day, back }: { stored: Stored<AthleteDraft>; day: string; back: string }) {
  const router = useRouter();
  const { athlete, set, controls } = useAthlete(stored);
  // The session behind it is planned by what is known now.
  useOnSaved(controls.saver, () => router.refresh());
  return (
    <>
      <div className="flex items-center justify-between">
        <Link
          href={`/athletes/${athlete.id}?back=${encodeURIComponent(back)}`}
          className="inline-flex min-h-6 items-center font-semibold underline underline-offset-4 hover:text-ember"
        >
          Open the athlete's page
        </Link>
        <span className="flex items-center gap-2">
          <SaveSign controls={controls} />
          <UndoButtons controls={controls} />
        </span>
      </div>
      <Limiters athlete={athlete} set={set} />
      <Areas athlete={athlete} set={set} />
      <Note athlete={athlete} set={set} />
      <WeightsOnRecord athlete={athlete} set={set} day={day} />
    </>
  );
}
