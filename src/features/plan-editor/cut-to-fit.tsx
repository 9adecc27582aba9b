import type { WarmUpEdit } from "@/core/draft";
import { arriveBy } from "@/core/session";
import { Button } from "@/ui/button";

/** What there is no time for, against what the approach usually does. */
export function CutToFit({ sentences, minutes }: { sentences: readonly string[]; minutes: number }) {
  if (sentences.length === 0) return null;
  return (
    <section>
      <h2 className="section-title mb-1">Cut to fit {minutes} min</h2>
      <p className="text-ink-soft">{sentences.join(" ")}</p>
    </section>
  );
}

/** Whole minutes that are left over before it is worth a word. */
const WORTH_SAYING = 2;

/** Says that the approach needs less than there is, and when that starts. */
export function MinutesLeft({
  seconds,
  minutes,
  time,
  onEdit,
}: {
  /** What the plan takes. */
  seconds: number;
  minutes: number;
  /** Of the first working set, if it is known. */
  time: string | null;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const needed = Math.ceil(seconds / 60);
  if (minutes - needed < WORTH_SAYING) return null;
  return (
    <section>
      <h2 className="section-title mb-1">Time left</h2>
      <p className="text-ink-soft">
        This takes {needed} of {minutes} minutes
        {time ? `: start at ${arriveBy(time, needed, seconds)}` : ""}. More drills would only fill the time.
      </p>
      <Button className="mt-2" onClick={() => onEdit({ kind: "frame", change: { minutes: needed } })}>
        Make it {needed} minutes
      </Button>
    </section>
  );
}
