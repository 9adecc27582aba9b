"use client";

import { useState } from "react";
import { FEELS, type Feels, type FollowUpMoment } from "@/core/follow-up";
import { Button } from "@/ui/button";

/** How it feels, as it is said. */
export const FEELS_WORDS: Record<Feels, string> = {
  usual: "As usual",
  sore: "A bit sore",
  worse: "Worse than before",
};

/** When something is asked, in a question. */
export const MOMENT_WORDS: Record<FollowUpMoment, string> = {
  hours: "some hours later",
  morning: "this morning",
  "second-morning": "on the second morning",
  "third-morning": "on the third morning",
};

const LEVELS = Array.from({ length: 11 }, (_, i) => i);

/** How something feels, in one tap, and how strong it is. */
export function FeelsQuestion({
  name,
  large = false,
  onAnswer,
}: {
  /** What it is about. */
  name: string;
  /** For a thumb. */
  large?: boolean;
  onAnswer: (feels: Feels, level: number) => void;
}) {
  const [feels, setFeels] = useState<Feels | null>(null);
  const size = large ? "min-h-12 text-base" : "";
  if (feels === null) {
    return (
      <fieldset className="flex flex-wrap gap-2">
        <legend className="sr-only">{name}</legend>
        {FEELS.map((f) => (
          <Button key={f} className={size} onClick={() => (f === "usual" ? onAnswer(f, 0) : setFeels(f))}>
            {FEELS_WORDS[f]}
          </Button>
        ))}
      </fieldset>
    );
  }
  return (
    <fieldset className="flex flex-wrap items-center gap-1">
      <legend className="mb-1 text-ink-soft">{FEELS_WORDS[feels]}: how strong, 0 to 10</legend>
      {LEVELS.map((level) => (
        <Button
          key={level}
          className={large ? "min-h-12 min-w-12 text-base" : "min-w-8"}
          onClick={() => onAnswer(feels, level)}
        >
          {level}
        </Button>
      ))}
      <Button look="bare" className={size} onClick={() => setFeels(null)}>
        Back
      </Button>
    </fieldset>
  );
}
