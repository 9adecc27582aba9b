"use client";

import { addWeeks, format, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { ToggleGroup } from "radix-ui";
import { type RefObject, useState } from "react";
import { toast } from "@/client/toast";
import { answered, useAsk } from "@/client/use-ask";
import {
  firstPercent,
  isBackOffWeek,
  MOST_NEW_SESSIONS,
  PROGRESSION_LIMITS,
  type Progression,
  percentInWeek,
  type Session,
  USUAL_PROGRESSION,
  weeksBetween,
} from "@/core/session";
import { isoDay } from "@/lib/iso-day";
import { daysAfter } from "@/lib/weekly-rule";
import { removeSeriesAction, repeatSessionAction } from "@/server/actions/sessions";
import { DayField } from "@/ui/day-field";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { Stepper } from "@/ui/stepper";
import { Toggle } from "@/ui/toggle";
import { WEEKDAYS } from "@/ui/weekdays";
import { parseNumber, parseWhole, stepWhole } from "@/ui/whole-number";

/** How far ahead a session is repeated until the coach says otherwise. Weeks. */
const USUAL_WEEKS = 8;

/** Makes a session come again every week on some days until a day, with its shares of the maximum week by week. */
export function RepeatDialog({
  open,
  onOpenChange,
  home,
  session,
}: {
  session: Session;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  home: RefObject<HTMLElement | null>;
}) {
  return (
    <Sheet
      home={home}
      title="Repeat every week"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[92dvh] w-[27rem] overflow-y-auto"
    >
      <RepeatForm session={session} onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

/** Of the week, 0 for Monday. */
const weekdayOf = (day: string) => (parseISO(day).getDay() + 6) % 7;

function RepeatForm({ session, onDone }: { session: Session; onDone: () => void }) {
  const router = useRouter();
  const ask = useAsk();
  const [weekdays, setWeekdays] = useState<number[]>([weekdayOf(session.day)]);
  const [until, setUntil] = useState(isoDay(addWeeks(parseISO(session.day), USUAL_WEEKS)));
  const percent = firstPercent(session);
  const [progression, setProgression] = useState<Progression | null>(
    percent === null ? null : USUAL_PROGRESSION,
  );
  const [message, setMessage] = useState<string | null>(null);
  const days = daysAfter(session.day, { weekdays, until }, MOST_NEW_SESSIONS + 1);
  const repeat = async () => {
    const outcome = await ask(repeatSessionAction, { id: session.id, weekdays, until, progression });
    if (outcome.kind === "refused") return setMessage(outcome.message);
    onDone();
    router.refresh();
    toast(
      `${session.name}: ${outcome.ids.length} more ${outcome.ids.length === 1 ? "session" : "sessions"}.`,
      {
        action: { label: "Show", onClick: () => router.push(`/calendar?day=${days[0]}`) },
        cancel: {
          label: "Undo",
          onClick: async () => {
            const removed = await answered(removeSeriesAction({ id: outcome.ids[0]!, which: "following" }));
            void toast(removed.kind === "refused" ? removed.message : "Undone.");
          },
        },
      },
    );
  };
  const last = days.at(-1);
  return (
    <>
      <p className="-mt-2 mb-3 text-ink-soft">
        Each is a session of its own, with the same people and their individual changes.
      </p>
      <ToggleGroup.Root
        type="multiple"
        aria-label="On"
        value={weekdays.map(String)}
        onValueChange={(on) => setWeekdays(on.map(Number).sort((a, b) => a - b))}
        className="flex gap-1"
      >
        {WEEKDAYS.map((name, i) => (
          <ToggleGroup.Item
            key={name}
            value={String(i)}
            aria-label={name}
            className="min-h-9 flex-1 rounded-xs border border-line-strong font-semibold hover:border-ink data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-chalk"
          >
            {name.slice(0, 2)}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <div className="mt-4 flex flex-wrap items-end gap-6">
        <DayField label="Until" value={until} onChange={setUntil} />
        <span role="status" className="pb-0.5 font-semibold">
          {days.length === 0 ? "No such day before it." : `${days.length} more`}
          {last && (
            <span className="font-normal text-ink-soft">
              , the last {format(parseISO(last), "EEE d MMM")}
            </span>
          )}
        </span>
      </div>
      {percent !== null && (
        <section aria-label="Per cent by week" className="mt-4 border-t border-line pt-3">
          <Toggle
            label="Per cent by week"
            note="For the lifts whose load is a share of the maximum."
            isOn={progression !== null}
            onChange={(on) => setProgression(on ? USUAL_PROGRESSION : null)}
          />
          {progression && (
            <>
              <ProgressionFields progression={progression} onChange={setProgression} />
              <Weeks {...{ session, percent, progression, days }} />
            </>
          )}
        </section>
      )}
      <p role="alert" className="mt-3 min-h-5 font-semibold text-ember">
        {message}
      </p>
      <SheetButtons action="Repeat" disabled={days.length === 0} onAct={() => void repeat()} />
    </>
  );
}

function ProgressionFields({
  progression,
  onChange,
}: {
  progression: Progression;
  onChange: (progression: Progression) => void;
}) {
  const points = (label: string, key: "step" | "backOff", by: number) => {
    const [least, most] = PROGRESSION_LIMITS[key];
    return (
      <Stepper
        label={label}
        value={progression[key]}
        format={String}
        parse={parseNumber(least, most)}
        next={stepWhole(least, most, by)}
        onChange={(to) => onChange({ ...progression, [key]: to })}
        suffix="%"
        width="3.5ch"
      />
    );
  };
  const { backOffEvery } = progression;
  const [least, most] = PROGRESSION_LIMITS.backOffEvery;
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
      {points("Up each week", "step", 2.5)}
      <Stepper<number | null>
        label="Back-off every, weeks"
        value={backOffEvery}
        format={(n) => (n === null ? "never" : String(n))}
        parse={(text) =>
          /^(never)?$/i.test(text.trim()) ? { ok: true, value: null } : parseWhole(least, most)(text)
        }
        next={(n, direction) => {
          if (n === null) return direction > 0 ? least : null;
          return n + direction < least ? null : stepWhole(least, most, 1)(n, direction);
        }}
        onChange={(to) => onChange({ ...progression, backOffEvery: to })}
        width="5ch"
      />
      {backOffEvery !== null && points("Back-off, less", "backOff", 2.5)}
    </div>
  );
}

/** What the first share of the maximum becomes, week by week. */
function Weeks({
  session,
  percent,
  progression,
  days,
}: {
  session: Session;
  percent: number;
  progression: Progression;
  days: readonly string[];
}) {
  const weeks = [...new Set([0, ...days.map((d) => weeksBetween(session.day, d))])];
  return (
    <ol aria-label="Weeks" className="condensed mt-3 flex flex-wrap gap-x-3 gap-y-1 text-sm">
      {weeks.map((week) => (
        <li key={week} className={isBackOffWeek(progression, week) ? "text-ink-faint" : "font-semibold"}>
          {percentInWeek(percent, progression, week)} %
        </li>
      ))}
    </ol>
  );
}
