import { DEMANDS } from "@/core/demands";
import type { CoveredDemand } from "@/core/plan";

/** The scale of the bars: a limiter that a lift asks for most can reach this. */
const FULL = 6;
/** Served at least this share of what is asked counts as served. */
const ENOUGH_SHARE = 0.65;

/** What lift and limiters ask against what drills and ramp serve, demand by demand. */
export function Coverage({ coverage }: { coverage: readonly CoveredDemand[] }) {
  return (
    <section>
      <h2 className="section-title mb-1">Needs</h2>
      <ul>
        {coverage.map((c) => {
          const short = c.served < c.asked * ENOUGH_SHARE;
          return (
            <li key={c.demand} className="grid grid-cols-[minmax(0,1fr)_4.75rem] items-center gap-2 py-[3px]">
              <span className={`condensed leading-tight ${short ? "font-semibold" : ""}`}>
                {DEMANDS[c.demand].name}
                {c.limiter && <span className="text-ember"> · limiter</span>}
              </span>
              <span
                role="img"
                aria-label={`needs ${c.asked.toFixed(1)}, gets ${c.served.toFixed(1)}${short ? ", barely covered" : ""}`}
                className="relative block h-2.5 border-b border-line-strong"
              >
                <span
                  className="absolute bottom-0 left-0 h-1.5 bg-ink-soft"
                  style={{ width: `${Math.min(100, (c.served / FULL) * 100)}%` }}
                />
                <span
                  className={`absolute bottom-0 w-0.5 ${short ? "h-3 bg-ember" : "h-2.5 bg-ink"}`}
                  style={{ left: `${Math.min(100, (c.asked / FULL) * 100)}%` }}
                />
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-1.5 text-2xs text-ink-faint">Bar: what the plan gives. Mark: what is needed.</p>
    </section>
  );
}
