"use client";

import { useRouter } from "next/navigation";
import { useRef } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { type Moment, moveMoment } from "@/core/session";
import { moveSessionAction } from "@/server/actions/sessions";
import type { CalendarSession } from "@/server/sessions/list-calendar";
import { dayInWords } from "@/ui/day-in-words";

type Step = Parameters<typeof moveMoment>[1];

/** What Shift with an arrow moves a session by. */
const STEPS: Readonly<Record<string, Step>> = {
  ArrowUp: { minutes: -15 },
  ArrowDown: { minutes: 15 },
  ArrowLeft: { days: -1 },
  ArrowRight: { days: 1 },
};

/** The keys that move a session, for screen readers. */
export const MOVE_KEYS = Object.keys(STEPS)
  .map((key) => `Shift+${key}`)
  .join(" ");

/**
 * Moves sessions of a calendar to other days and times, each with a way back.
 *
 * @param follow called where a session that was moved by keys may have left the days in view.
 */
export function useMoves(follow: (day: string) => void) {
  const router = useRouter();
  /** What was moved by keys last, as it is now. */
  const last = useRef<CalendarSession | null>(null);
  const queue = useRef(Promise.resolve());

  /** Stores where a session is now. Returns its revision, or null if it stays where it was. */
  const move = async (session: CalendarSession, to: Moment): Promise<number | null> => {
    const { id, name, revision, day, time } = session;
    const outcome = await answered(moveSessionAction({ id, revision, ...to }));
    if (outcome.kind === "saved") {
      const undo = async () => {
        const back = await answered(moveSessionAction({ id, revision: outcome.revision, day, time }));
        if (back.kind === "refused") toast(back.message);
        router.refresh();
      };
      // One message a session, which says where it is by now.
      toast(`${name} is on ${dayInWords(to.day)}${to.time ? ` at ${to.time}` : ""} now.`, {
        id,
        action: { label: "Undo", onClick: () => void undo() },
      });
    } else toast(outcome.message);
    router.refresh();
    return outcome.kind === "saved" ? outcome.revision : null;
  };

  /** One step of a key. A quick second one waits for the first and goes on from there. */
  const step = (listed: CalendarSession, by: Step) => {
    queue.current = queue.current.then(async () => {
      const before = last.current;
      const session = before?.id === listed.id && before.revision > listed.revision ? before : listed;
      const to = moveMoment(session, by);
      const revision = to && (await move(session, to));
      if (!to || revision === null) return;
      last.current = { ...session, ...to, revision };
      follow(to.day);
    });
  };

  return {
    move,
    /** Moves a session if the key does. Returns whether it does. */
    moveByKey: (session: CalendarSession, { key, shiftKey }: { key: string; shiftKey: boolean }): boolean => {
      const by = shiftKey ? STEPS[key] : undefined;
      if (by) step(session, by);
      return by !== undefined;
    },
    /** Gives what was moved by keys the focus back when it is drawn anew, at first hidden. */
    keepFocus: (id: string, drawn: HTMLElement) => {
      if (last.current?.id !== id) return;
      requestAnimationFrame(() => document.activeElement === document.body && drawn.focus());
    },
  };
}
