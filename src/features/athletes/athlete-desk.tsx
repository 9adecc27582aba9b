"use client";

import { differenceInCalendarWeeks, format, parseISO } from "date-fns";
import { X } from "lucide-react";
import Link from "next/link";
import { useCallback, useState } from "react";
import { saveAthleteAction, startWarmUpAction, storedAthleteAction } from "@/app/actions";
import { catalog } from "@/catalog";
import { AREA_IDS, AREA_LEVELS, AREAS, type AreaId, type AreaLevel } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { fail, ok } from "@/core/result";
import { formatWeight, parseWeight, type Weight, weight } from "@/core/units";
import type { OpenAthlete } from "@/server/athletes";
import type { AthleteDraft } from "@/server/schemas/athlete";
import { Button, IconButton } from "@/ui/button";
import { Choice, type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { SavedHeader } from "@/ui/saved-header";
import { Stepper } from "@/ui/stepper";
import { parseName, TextField } from "@/ui/text-field";
import { useSavedDraft } from "@/ui/use-saved-draft";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import { OLD_AFTER_WEEKS } from "./old-weight";

const MOST_LIMITERS = 8;
const LEVELS: Record<AreaLevel, string> = {
  slow: "Slow to warm",
  "very-slow": "Very slow to warm",
  sore: "Sore",
  avoid: "To avoid",
};
const LEVEL_CHOICES: readonly ChoiceGroup[] = [
  { options: AREA_LEVELS.map((level) => ({ value: level, label: LEVELS[level] })) },
];
const EXPERIENCES: readonly ChoiceGroup[] = [
  {
    options: [
      { value: "beginner", label: "Beginner" },
      { value: "intermediate", label: "Intermediate" },
      { value: "advanced", label: "Advanced" },
    ],
  },
];
const LIFTS: readonly ChoiceGroup[] = [
  { options: catalog.lifts.filter((l) => !l.kind).map((l) => ({ value: l.id, label: l.name })) },
];
const liftName = (id: string) => catalog.lifts.find((l) => l.id === id)?.name ?? id;

interface Part {
  athlete: AthleteDraft;
  set: (to: Partial<AthleteDraft>) => void;
}

/** Everything that is known of an athlete. Saved as it is changed; every plan is worked out from it. */
export function AthleteDesk({ opened }: { opened: OpenAthlete }) {
  const store = useCallback(
    (revision: number, athlete: AthleteDraft) => saveAthleteAction({ revision, athlete }),
    [],
  );
  const { id } = opened.draft;
  const load = useCallback(() => storedAthleteAction(id), [id]);
  const state = useSavedDraft({ revision: opened.revision, draft: opened.draft }, store, load);
  const { draft: athlete, change } = state;
  const set = (to: Partial<AthleteDraft>) => change((a) => ({ ...a, ...to }));
  return (
    <div className="min-h-dvh">
      <SavedHeader at="/athletes" state={state} />
      <main className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <Link href="/athletes" className="text-ink-soft underline underline-offset-4 hover:text-ink">
              Athletes
            </Link>
            <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">{athlete.name}</h1>
          </div>
          <div className="flex gap-3">
            <Button onClick={() => set({ archived: !athlete.archived })}>
              {athlete.archived ? "Take out of the archive" : "Archive"}
            </Button>
            <form action={startWarmUpAction.bind(null, { athleteId: athlete.id })}>
              <Button type="submit" look="main">
                Today's warm-up
              </Button>
            </form>
          </div>
        </div>
        {athlete.archived && (
          <p className="mt-3 w-fit bg-ochre-wash px-3 py-2">
            In the archive: on no day's page and in no group until taken out again.
          </p>
        )}
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
          <div className="space-y-10">
            <Person athlete={athlete} set={set} groups={opened.groups} />
            <Limiters athlete={athlete} set={set} />
            <Areas athlete={athlete} set={set} />
          </div>
          <WorkingWeights athlete={athlete} set={set} day={opened.day} />
        </div>
      </main>
    </div>
  );
}

function Person({ athlete, set, groups }: Part & { groups: OpenAthlete["groups"] }) {
  const step = weight(athlete.unit === "kg" ? 0.5 : 1);
  return (
    <section>
      <h2 className="section-title mb-2">Person</h2>
      <TextField
        label="Name"
        value={athlete.name}
        format={String}
        parse={parseName}
        onChange={(name) => set({ name })}
      />
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <LabelledChoice
          label="Group"
          value={athlete.groupId}
          groups={[{ options: groups.map((g) => ({ value: g.id, label: g.name })) }]}
          onChange={(groupId) => set({ groupId })}
        />
        <LabelledChoice
          label="Experience"
          value={athlete.experience}
          groups={EXPERIENCES}
          onChange={(e) => set({ experience: e as AthleteDraft["experience"] })}
        />
        <Stepper<Weight | null>
          label="Body weight"
          value={athlete.bodyWeight}
          format={(w) => (w === null ? "" : formatWeight(w))}
          parse={(text) => (text.trim() === "" ? ok(null) : parseWeight(text))}
          next={(w, direction) => {
            if (w === null) return direction > 0 ? weight(athlete.unit === "kg" ? 70 : 155) : null;
            return w + direction * step > 0 ? ((w + direction * step) as Weight) : null;
          }}
          onChange={(bodyWeight) => set({ bodyWeight })}
          placeholder="not known"
          suffix={athlete.bodyWeight === null ? undefined : athlete.unit}
          width={athlete.bodyWeight === null ? "9ch" : "5ch"}
        />
        <Stepper<number | null>
          label="Born in"
          value={athlete.birthYear}
          format={(y) => (y === null ? "" : String(y))}
          parse={(text) => (text.trim() === "" ? ok(null) : parseWhole(1900, 2100)(text))}
          next={(y, direction) => (y === null ? 1990 : stepWhole(1900, 2100)(y, direction))}
          onChange={(birthYear) => set({ birthYear })}
          placeholder="not known"
          width={athlete.birthYear === null ? "9ch" : "5ch"}
        />
      </div>
      <TextField
        className="mt-3"
        label="Notes, on the coach's screens only"
        value={athlete.note}
        format={String}
        parse={(text) => (text.length > 2000 ? fail("Use at most 2000 characters.") : ok(text.trim()))}
        onChange={(note) => set({ note })}
        lines={3}
      />
    </section>
  );
}

/** What holds the athlete back, the most important first. */
function Limiters({ athlete, set }: Part) {
  const { limiters } = athlete;
  const free = DEMAND_IDS.filter((d) => !limiters.includes(d));
  return (
    <section>
      <h2 className="section-title">Limited by</h2>
      <p className="text-2xs text-ink-soft">Drills for these come first.</p>
      <ul className="my-2">
        {limiters.map((d) => (
          <li key={d} className="flex min-h-9 items-center justify-between border-t border-line">
            <span className="font-semibold">{DEMANDS[d].name}</span>
            <IconButton
              label={`Take out ${DEMANDS[d].name}`}
              onClick={() => set({ limiters: limiters.filter((o) => o !== d) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {limiters.length < MOST_LIMITERS && (
        <LabelledChoice
          label="Another limiter"
          value=""
          placeholder="Choose"
          groups={[{ options: free.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
          onChange={(d) => set({ limiters: [...limiters, d as DemandId] })}
        />
      )}
    </section>
  );
}

/** Parts of the body to look after, each with its level. */
function Areas({ athlete, set }: Part) {
  const { areas } = athlete;
  const free = AREA_IDS.filter((id) => !areas.some((a) => a.area === id));
  const put = (area: AreaId, level: AreaLevel) =>
    set({ areas: areas.map((a) => (a.area === area ? { area, level } : a)) });
  return (
    <section aria-label="To look after">
      <h2 className="section-title">To look after</h2>
      <p className="text-2xs text-ink-soft">
        Health notes: they stand on the coach's screens and the athlete's own card only.
      </p>
      <ul className="my-2">
        {areas.map(({ area, level }) => (
          <li key={area} className="flex min-h-9 items-center justify-between gap-3 border-t border-line">
            <span className="w-28 font-semibold">{AREAS[area]}</span>
            <Choice
              label={`${AREAS[area]}, how`}
              value={level}
              groups={LEVEL_CHOICES}
              onChange={(to) => put(area, to as AreaLevel)}
              triggerClassName="mr-auto min-h-6"
            />
            <IconButton
              label={`Take out ${AREAS[area]}`}
              onClick={() => set({ areas: areas.filter((a) => a.area !== area) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {free.length > 0 && (
        <LabelledChoice
          label="Another area"
          value=""
          placeholder="Choose"
          groups={[{ options: free.map((id) => ({ value: id, label: AREAS[id] })) }]}
          onChange={(id) => set({ areas: [...areas, { area: id as AreaId, level: "slow" }] })}
        />
      )}
    </section>
  );
}

/** Working weights with their history, the newest of each lift first; an old one is marked. */
function WorkingWeights({ athlete, set, day }: Part & { day: string }) {
  const [adding, setAdding] = useState<string | null>(null);
  const { weights, unit } = athlete;
  const lifts = [...new Set(weights.map((w) => w.lift))].sort((a, b) =>
    liftName(a).localeCompare(liftName(b)),
  );
  const put = (row: AthleteDraft["weights"][number]) =>
    set({ weights: [row, ...weights.filter((w) => w.lift !== row.lift || w.day !== row.day)] });
  return (
    <section aria-label="Working weights">
      <h2 className="section-title">Working weights</h2>
      <p className="text-2xs text-ink-soft">
        The newest of each lift is where a warm-up starts; what is entered today is today's.
      </p>
      {lifts.length === 0 && (
        <p className="mt-3 text-ink-soft">
          None yet. With one, a lift gets its ramp-up sets; until then its drills only.
        </p>
      )}
      {lifts.map((lift) => {
        const history = weights.filter((w) => w.lift === lift).toSorted((a, b) => b.day.localeCompare(a.day));
        const newest = history[0]!;
        const weeks = differenceInCalendarWeeks(parseISO(day), parseISO(newest.day));
        return (
          <div key={lift} className="mt-4 border-t border-line pt-2">
            <div className="flex flex-wrap items-baseline justify-between gap-3">
              <h3 className="text-base font-bold tracking-tight">{liftName(lift)}</h3>
              {weeks > OLD_AFTER_WEEKS && (
                <span className="font-semibold text-ochre-deep">{weeks} weeks old</span>
              )}
            </div>
            <WeightRow row={newest} unit={unit} onChange={(to) => put({ ...newest, ...to, day })} />
            <ul className="mt-1 text-ink-soft">
              {history.map((w) => (
                <li key={w.day} className="flex min-h-7 items-center gap-3">
                  <span className="w-24">{format(parseISO(w.day), "d MMM yyyy")}</span>
                  <span className="condensed text-sm">
                    {w.sets} × {w.reps} × {formatWeight(w.weight)} {unit}
                    {w.rir > 0 && `, ${w.rir} in reserve`}
                  </span>
                  <IconButton
                    className="ml-auto"
                    label={`Take out ${liftName(lift)} of ${format(parseISO(w.day), "d MMM yyyy")}`}
                    onClick={() => set({ weights: weights.filter((o) => o !== w) })}
                  >
                    <X aria-hidden className="size-4" />
                  </IconButton>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
      <div className="mt-5 border-t border-line pt-3">
        {adding === null ? (
          <LabelledChoice
            label="Another lift"
            value=""
            placeholder="Choose"
            groups={LIFTS}
            onChange={setAdding}
          />
        ) : (
          <TextField
            className="max-w-56"
            label={`${liftName(adding)}: working weight, ${unit}`}
            value=""
            format={String}
            parse={(text) => {
              const parsed = parseWeight(text);
              return parsed.ok ? ok(text) : parsed;
            }}
            onChange={(text) => {
              const parsed = parseWeight(text);
              if (parsed.ok) put({ lift: adding, day, weight: parsed.value, reps: 5, sets: 3, rir: 2 });
              setAdding(null);
            }}
            note="Enter puts it in, as 3 × 5 with 2 in reserve; both can be changed then."
          />
        )}
        {adding !== null && (
          <Button look="bare" className="-ml-3" onClick={() => setAdding(null)}>
            Leave it
          </Button>
        )}
      </div>
    </section>
  );
}

function WeightRow({
  row,
  unit,
  onChange,
}: {
  row: AthleteDraft["weights"][number];
  unit: AthleteDraft["unit"];
  onChange: (to: Partial<AthleteDraft["weights"][number]>) => void;
}) {
  const name = liftName(row.lift);
  const step = weight(unit === "kg" ? 2.5 : 5);
  const whole = (label: string, key: "sets" | "reps" | "rir", least: number, most: number) => (
    <Stepper
      label={label}
      value={row[key]}
      format={String}
      parse={parseWhole(least, most)}
      next={stepWhole(least, most)}
      onChange={(n) => onChange({ [key]: n })}
    />
  );
  return (
    <fieldset className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
      <legend className="sr-only">{name}, as of today</legend>
      <Stepper
        label="Weight"
        value={row.weight}
        format={formatWeight}
        parse={parseWeight}
        next={(w, direction) => (w + direction * step > 0 ? ((w + direction * step) as Weight) : null)}
        onChange={(w) => onChange({ weight: w })}
        suffix={unit}
        width="6ch"
      />
      {whole("Sets", "sets", 1, 20)}
      {whole("Reps", "reps", 1, 20)}
      {whole("In reserve", "rir", 0, 10)}
    </fieldset>
  );
}
