"use client";

import { AREAS } from "@/core/catalog";
import { FEELS_WORDS, MOMENT_WORDS } from "@/features/follow-ups/feels-question";
import type { Progress } from "@/server/progress/open-progress";
import { dayInWords } from "@/ui/day-in-words";

/** Entries that are shown. */
const SHOWN = 20;

/** Pain that was noted on the floor, the newest first. */
export function Pains({ progress: { pains, people } }: { progress: Progress }) {
  return (
    <section aria-label="Pain">
      <h2 className="section-title mb-1">Pain</h2>
      {pains.length === 0 && <p className="text-ink-soft">None was noted.</p>}
      <ul>
        {pains.slice(0, SHOWN).map(({ day, athlete, session, pain, answers }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two notes of a day may be alike
          <li key={i} className="flex min-h-8 flex-wrap items-center gap-x-4 border-t border-line py-1">
            <span className="w-24 text-ink-soft">{dayInWords(day)}</span>
            {people > 1 && <span className="font-semibold">{athlete}</span>}
            <span>
              {AREAS[pain.area]} {pain.level} of 10, {pain.quality}
            </span>
            <span className="text-ink-soft">{session}</span>
            {answers.map((a) => (
              <span key={a.moment} className="text-ink-soft">
                {MOMENT_WORDS[a.moment]}: {FEELS_WORDS[a.feels].toLowerCase()}
                {a.level > 0 && `, ${a.level} of 10`}
              </span>
            ))}
          </li>
        ))}
      </ul>
      {pains.length > SHOWN && <p className="text-ink-soft">And {pains.length - SHOWN} before.</p>}
    </section>
  );
}
