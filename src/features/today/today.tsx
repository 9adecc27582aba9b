import { format, parseISO } from "date-fns";
import { TriangleAlert } from "lucide-react";
import Link from "next/link";
import { startWarmUpAction } from "@/app/actions";
import { catalog } from "@/catalog";
import { formatClock, formatWeight } from "@/core/units";
import type { TodayLine } from "@/server/list-today";
import { SiteHeader } from "@/ui/site-header";
import { SmallStair } from "@/ui/small-stair";

/** Every small stair stands for at least this many minutes, so that they compare. */
const LEAST_MINUTES = 15;

/** The day's warm-ups by group, each with its small stair and what needs attention. */
export function Today({
  day,
  groups,
}: {
  day: string;
  groups: readonly { id: string; name: string; lines: readonly TodayLine[] }[];
}) {
  const lines = groups.flatMap((g) => g.lines);
  const minutes = Math.max(
    LEAST_MINUTES,
    ...lines.map((l) => (l.warmUp ? Math.ceil(l.warmUp.stair.seconds / 60) + 1 : 0)),
  );
  const planned = lines.filter((l) => l.warmUp).length;
  const attention = lines.filter((l) => l.warmUp && l.warmUp.attention.length > 0).length;
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/" />
      <main className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
        <div className="flex flex-wrap items-baseline gap-x-5">
          <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">
            {format(parseISO(day), "EEEE d MMMM")}
          </h1>
          <p className="text-sm text-ink-soft">
            {planned === 1 ? "1 warm-up" : `${planned} warm-ups`}
            {attention > 0 && `, ${attention} to look at`}
          </p>
        </div>
        {groups.length === 0 && (
          <p className="mt-8 text-sm text-ink-soft">
            Nobody trains here now.{" "}
            <Link href="/athletes" className="font-semibold text-ink underline underline-offset-4">
              Add athletes
            </Link>{" "}
            or take some out of the archive, and their warm-ups stand here.
          </p>
        )}
        {groups.map((group) => (
          <section key={group.id} className="mt-8">
            <div className="mb-1 flex items-baseline gap-4">
              <h2 className="text-base font-bold tracking-tight">{group.name}</h2>
              {group.lines.length > 1 && (
                <Link
                  href={`/group/${group.id}`}
                  className="inline-flex min-h-6 items-center text-ink-soft underline decoration-line-strong underline-offset-4 hover:text-ink"
                >
                  Warm up together<span className="sr-only">: {group.name}</span>
                </Link>
              )}
            </div>
            <ul className="grid gap-x-8 lg:grid-cols-2">
              {group.lines.map((line) => (
                <li key={line.athlete.id} className="border-t border-line">
                  {line.warmUp ? (
                    <Planned name={line.athlete.name} warmUp={line.warmUp} minutes={minutes} />
                  ) : (
                    <form
                      action={startWarmUpAction.bind(null, { athleteId: line.athlete.id })}
                      className="flex min-h-[4.75rem] items-center justify-between gap-4"
                    >
                      <span className="text-sm font-semibold">{line.athlete.name}</span>
                      <button
                        type="submit"
                        className="min-h-8 rounded-sm border border-line-strong px-3 font-semibold hover:border-ink"
                      >
                        Plan a warm-up<span className="sr-only"> for {line.athlete.name}</span>
                      </button>
                    </form>
                  )}
                </li>
              ))}
            </ul>
          </section>
        ))}
      </main>
    </div>
  );
}

function Planned({
  name,
  warmUp,
  minutes,
}: {
  name: string;
  warmUp: NonNullable<TodayLine["warmUp"]>;
  minutes: number;
}) {
  const { draft, stair, attention } = warmUp;
  const first = draft.lifts[0]!;
  const approach = catalog.approaches.find((a) => a.id === draft.approach)?.name;
  return (
    <Link
      href={`/warm-up/${warmUp.id}`}
      className="grid min-h-[4.75rem] grid-cols-[minmax(0,1fr)_15rem] items-end gap-4 py-2 hover:bg-white"
    >
      <span className="min-w-0 self-center">
        <span className="block truncate text-sm font-semibold">{name}</span>
        <span className="block truncate text-ink-soft">
          {warmUp.lifts.slice(0, 1)} · {first.sets} × {first.reps}
          {first.weight !== null && (
            <>
              {" × "}
              <span className="font-semibold text-ink">{formatWeight(first.weight)}</span>
            </>
          )}
          {warmUp.lifts.length > 1 && `, then ${warmUp.lifts.slice(1).join(", ").toLowerCase()}`}
        </span>
        <span className="condensed block truncate text-ink-faint">
          {attention.length > 0 ? (
            <span className="inline-flex items-center gap-1 font-semibold text-ember">
              <TriangleAlert aria-hidden className="size-3" />
              <span className="truncate" title={attention[0]!.message}>
                {attention[0]!.message.split(". ")[0]}
              </span>
            </span>
          ) : (
            `${approach} · ${formatClock(stair.seconds)} of ${draft.minutes} min`
          )}
        </span>
      </span>
      <SmallStair
        stair={stair}
        width={240}
        height={54}
        minutes={minutes}
        label={`${formatClock(stair.seconds)} of ${draft.minutes} minutes`}
      />
    </Link>
  );
}
