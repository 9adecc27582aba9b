import { daysBetween } from "@/lib/days-between";

/** When it is asked how something feels: hours after the session, and on the mornings after. */
export const FOLLOW_UP_MOMENTS = ["hours", "morning", "second-morning", "third-morning"] as const;
export type FollowUpMoment = (typeof FOLLOW_UP_MOMENTS)[number];

/** How it feels against what is usual for the athlete. */
export const FEELS = ["usual", "sore", "worse"] as const;
export type Feels = (typeof FEELS)[number];

/** What was answered. */
export interface FollowUpAnswer {
  moment: FollowUpMoment;
  feels: Feels;
  /** 0 to 10. */
  level: number;
}

/** Something that hurt, was sore or was stopped in a session. */
export interface FollowUpCause {
  /** ISO day of the session. */
  day: string;
  /** When it ended. Milliseconds since 1970. */
  endedAt: number;
  /** How strong it was then, 0 to 10; null: not said. */
  level: number | null;
}

/** Hours after the session from which the first question is asked. */
const HOURS_AFTER = 3;
/** A morning begins then. Hours. */
const MORNING_FROM = 5;
/** A question that was not answered is let go of after so many days. */
const ASKED_FOR_DAYS = 4;

const HOUR_MS = 3_600_000;

/** What is asked now; null: nothing, or all has been said. */
export function openMoment(
  { day, endedAt }: FollowUpCause,
  answers: readonly FollowUpAnswer[],
  /** Where and when it is: ISO day, hour of the day, and milliseconds since 1970. */
  now: { day: string; hour: number; at: number },
): FollowUpMoment | null {
  const nights = daysBetween(day, now.day);
  // Before dawn it is still the evening.
  const mornings = now.hour >= MORNING_FROM ? nights : nights - 1;
  if (mornings > ASKED_FOR_DAYS) return null;
  const answerOf = (moment: FollowUpMoment) => answers.find((a) => a.moment === moment);
  if (mornings <= 0) {
    const isDue = now.at - endedAt >= HOURS_AFTER * HOUR_MS && !answerOf("hours");
    return isDue ? "hours" : null;
  }
  const morning = answerOf("morning");
  if (!morning) return "morning";
  if (morning.feels === "usual") return null;
  if (mornings < 2) return null;
  const second = answerOf("second-morning");
  if (!second) return "second-morning";
  if (second.feels === "usual" || mornings < 3) return null;
  return answerOf("third-morning") ? null : "third-morning";
}

/** What the answers come to: nothing yet, back to usual, too much that time, or see a clinician. */
export type FollowUpVerdict = "open" | "fine" | "too-much" | "refer";

/** What the answers come to (docs/model.md, "Follow-ups"). Nothing is concluded about anybody's health. */
export function followUpVerdict(
  { level }: FollowUpCause,
  answers: readonly FollowUpAnswer[],
): FollowUpVerdict {
  const inOrder = FOLLOW_UP_MOMENTS.flatMap((m) => answers.find((a) => a.moment === m) ?? []);
  const last = inOrder.at(-1);
  if (!last) return "open";
  const lasts = last.moment === "third-morning" && last.feels !== "usual";
  const mornings = inOrder.filter((a) => a.moment !== "hours");
  const levels = [level, ...mornings.map((a) => a.level)].filter((l) => l !== null);
  const rises = mornings.length >= 2 && levels.every((l, i) => i === 0 || l > levels[i - 1]!);
  if (lasts || rises) return "refer";
  if (inOrder.some((a) => a.feels === "worse")) return "too-much";
  return last.feels === "usual" && last.moment !== "hours" ? "fine" : "open";
}
