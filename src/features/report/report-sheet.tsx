import { format, parseISO } from "date-fns";
import type { Report } from "@/server/progress/open-report";

const PERIOD_WORDS = {
  quarter: "the last three months",
  year: "the last twelve months",
  all: "all that is on record",
} as const;

/** A report to an athlete on one page, in plain words. */
export function ReportSheet({ report }: { report: Report }) {
  const { athlete, today, period, parts } = report;
  return (
    <article className="bg-field px-6 py-7 text-base sm:px-10 print:px-0 print:py-0">
      <header className="border-b-2 border-ink pb-2">
        <h1 className="text-3xl leading-tight font-extrabold tracking-tight">{athlete.name}</h1>
        <p className="text-ink-soft">
          {format(parseISO(today), "d MMMM yyyy")}, {PERIOD_WORDS[period]}
        </p>
      </header>
      {parts.length === 0 && <p className="mt-4">Nothing has been written down in this time.</p>}
      {parts.map(({ title, lines }) => (
        <section key={title} className="mt-5">
          <h2 className="text-lg font-bold tracking-tight">{title}</h2>
          <ul className="mt-1">
            {lines.map((line) => (
              <li key={line} className="border-t border-line py-1.5">
                {line}
              </li>
            ))}
          </ul>
        </section>
      ))}
      <p className="mt-6 text-sm text-ink-soft">
        This is what was measured and lifted, not medical advice. Pain that lasts or is sharp: see a licensed
        clinician.
      </p>
    </article>
  );
}
