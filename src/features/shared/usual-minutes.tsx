import type { Approach } from "@/core/catalog";
import { usualMinutes } from "@/core/session";

/** What an approach usually takes, beside the minutes there are; a click takes the nearest of it. */
export function UsualMinutes({
  approach,
  minutes,
  rampMinutes,
  onTake,
}: {
  approach: Pick<Approach, "typicalMinutes">;
  minutes: number;
  /** What the ramp takes, rounded up; 0: it is not known. */
  rampMinutes: number;
  onTake: (minutes: number) => void;
}) {
  const { from, to } = usualMinutes(approach, rampMinutes);
  const isUsual = from <= minutes && minutes <= to;
  const nearest = minutes < from ? from : to;
  const words = `${from} to ${to}`;
  return (
    <span className="flex flex-col">
      <span className="condensed text-2xs text-ink-faint">Usually</span>
      {isUsual ? (
        <span className="min-h-6 text-sm text-ink-soft">{words}</span>
      ) : (
        <button
          type="button"
          title={`${approach.typicalMinutes.from} to ${approach.typicalMinutes.to} min for drills, and the ramp`}
          aria-label={`Usually ${words} minutes: take ${nearest}`}
          onClick={() => onTake(nearest)}
          className="min-h-6 text-left text-sm font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember"
        >
          {words}
        </button>
      )}
    </span>
  );
}
