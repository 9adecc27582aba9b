"use client";

import { PhoneFollowUps } from "@/features/follow-ups/phone-follow-ups";
import { Wordmark } from "@/features/shared/wordmark";
import type { OwnPage as Own } from "@/server/access/own";
import { signOutAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";

const LINE =
  "flex min-h-14 items-center justify-between gap-4 border-t border-line py-2 text-base hover:text-ember";

/** An athlete's own page on their phone: what is asked of them, their sessions, their report, their data. */
export function OwnPage({ own: { name, today, sessions, asked } }: { own: Own }) {
  const isNow = (day: string) => day >= today;
  const lists = [
    { title: "Sessions", rows: sessions.filter((s) => isNow(s.day)), none: "None in the next week." },
    { title: "Last week", rows: sessions.filter((s) => !isNow(s.day)).toReversed(), none: null },
  ];
  return (
    <main id="content" className="mx-auto max-w-lg px-4 pt-5 pb-16">
      <Wordmark />
      <h1 className="mt-5 text-[2.125rem] leading-tight font-extrabold tracking-tight">{name}</h1>
      {asked.map(({ card, followUps }) => (
        <div key={card} className="-mx-4">
          <PhoneFollowUps token={card} followUps={followUps} />
        </div>
      ))}
      {lists.map(
        ({ title, rows, none }) =>
          (rows.length > 0 || none) && (
            <section key={title} aria-label={title} className="mt-8">
              <h2 className="section-title mb-1">{title}</h2>
              {rows.length === 0 && (
                <p className="border-t border-line pt-2 text-base text-ink-soft">{none}</p>
              )}
              <ul>
                {rows.map((s) => (
                  <li key={s.id}>
                    <Link href={`/me/card/${encodeURIComponent(s.id)}`} className={LINE}>
                      <span className="font-semibold">{s.name}</span>
                      <span className="text-ink-soft">
                        {s.day === today ? "today" : dayInWords(s.day)}
                        {s.time ? `, ${s.time}` : ""}
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
      <section aria-label="About you" className="mt-8">
        <h2 className="section-title mb-1">About you</h2>
        <Link href="/me/report" className={LINE}>
          <span className="font-semibold">Your report</span>
        </Link>
        <a href="/me/report.pdf" className={LINE}>
          <span className="font-semibold">Your report as PDF</span>
        </a>
        <a href="/me/data.json" download className={LINE}>
          <span className="font-semibold">Everything that is stored of you</span>
          <span className="text-ink-soft">JSON</span>
        </a>
      </section>
      <Button className="mt-10 min-h-12" onClick={() => void signOutAction({})}>
        Forget this phone
      </Button>
    </main>
  );
}
