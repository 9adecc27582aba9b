"use client";

import { type FloorStep, stepMoment, stepParts } from "@/core/floor";
import { clockDigits, sideWords } from "./clock-words";
import { useStepSounds } from "./floor-sounds";

/** What is said of the stretch that is on. */
function partWords(part: ReturnType<typeof stepParts>[number]): string {
  const set = part.rounds > 1 && part.kind !== "set-up" ? `${part.round} of ${part.rounds}` : "";
  return [part.says, sideWords(part.side), set].filter(Boolean).join(" · ");
}

/**
 * The time of what is on, in digits that can be read from across the room: what is left of the side, the interval or the rest, with
 * all stretches as a bar under it.
 */
export function StepTimer({
  step,
  into,
  size = "large",
  next = null,
  isPaused = false,
  sounds = false,
}: {
  step: FloorStep;
  /** Seconds since it began. */
  into: number;
  size?: "large" | "medium" | "small" | "wall";
  /** What comes after it, for whoever wants it called. */
  next?: string | null;
  isPaused?: boolean;
  /** Whether this timer is the one that is heard. */
  sounds?: boolean;
}) {
  const parts = stepParts(step);
  const moment = stepMoment(parts, into);
  const isOver = moment.left <= 0;
  const words = isPaused ? "Paused" : isOver ? "Over" : partWords(moment.part);
  useStepSounds(parts, into, next, sounds && !isPaused);
  const digits = {
    large: "text-[clamp(120px,21vw,200px)]",
    wall: "text-[min(30vh,17vw)]",
    medium: "text-[clamp(88px,11vw,130px)]",
    small: "text-3xl",
  }[size];
  const quiet = moment.part.kind === "rest" || moment.part.kind === "set-up" || isOver;
  return (
    <div role="timer" aria-label={`${step.name}: ${words}`}>
      <div className={size === "small" ? "flex flex-row-reverse items-baseline justify-end gap-2" : ""}>
        <p
          className={`condensed min-w-0 truncate font-extrabold ${size === "small" ? "text-sm" : size === "wall" ? "text-[3.4vw]" : "text-2xl"} ${quiet ? "text-ink-soft" : "text-ochre-deep"}`}
        >
          {words || "\u00a0"}
        </p>
        <p
          aria-hidden
          className={`condensed leading-[0.86] font-extrabold tracking-tight ${digits} ${quiet ? "text-ink-soft" : "text-ink"}`}
        >
          {isOver ? `+${clockDigits(-moment.left)}` : clockDigits(moment.partLeft)}
        </p>
      </div>
      <PartBar parts={parts} into={into} tall={size !== "small"} />
    </div>
  );
}

/** All stretches of a step side by side, as long as they last; what is over is filled. */
function PartBar({
  parts,
  into,
  tall,
}: {
  parts: ReturnType<typeof stepParts>;
  into: number;
  tall: boolean;
}) {
  let from = 0;
  return (
    <div aria-hidden className={`mt-3 flex gap-[3px] ${tall ? "h-3" : "h-1.5"}`}>
      {parts.map((part, i) => {
        const share = Math.min(1, Math.max(0, (into - from) / part.seconds));
        from += part.seconds;
        const colour = part.kind === "work" ? "bg-ember" : "bg-line-strong";
        return (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: a stretch is its place in the step
            key={i}
            className="relative min-w-[2px] overflow-hidden bg-chalk-deep"
            style={{ flexGrow: part.seconds, flexBasis: 0 }}
          >
            <span className={`absolute inset-y-0 left-0 ${colour}`} style={{ width: `${share * 100}%` }} />
          </span>
        );
      })}
    </div>
  );
}
