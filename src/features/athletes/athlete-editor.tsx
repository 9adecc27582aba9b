"use client";

import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { formatWeight, parseWeight, type Weight, weight } from "@/core/units";
import { AthleteHead } from "@/features/shared/athlete-head";
import { SavedHeader } from "@/features/shared/saved-header";
import { ok } from "@/lib/result";
import { startAloneAction } from "@/server/actions/sessions";
import type { OpenAthlete } from "@/server/athletes/athletes";
import type { AthleteDraft } from "@/server/schemas/athlete";
import { Button } from "@/ui/button";
import { type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { useTimeInWords } from "@/ui/conventions";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";
import { Stepper } from "@/ui/stepper";
import { parseName, TextField } from "@/ui/text-field";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import { Areas, Limiters, Note } from "./athlete-health";
import type { AthletePart } from "./athlete-part";
import { EraseAthlete } from "./erase-athlete";
import { Habits } from "./habits";
import { useAthlete } from "./use-athlete";
import { WeightsOnRecord } from "./weights-on-record";

const EXPERIENCES: readonly ChoiceGroup[] = [
  {
    options: [
      { value: "beginner", label: "Beginner" },
      { value: "intermediate", label: "Intermediate" },
      { value: "advanced", label: "Advanced" },
    ],
  },
];

/** Everything that is known of an athlete. Saved as it is changed; every plan is worked out from it. */
export function AthleteEditor({ opened, back }: { opened: OpenAthlete; back: string | null }) {
  const { athlete, set, controls } = useAthlete(opened);
  const startAlone = async () => {
    const outcome = await answered(startAloneAction({ athleteId: athlete.id }));
    if (outcome.kind === "refused") void toast(outcome.message);
  };
  return (
    <div className="min-h-dvh">
      <SavedHeader at="/athletes" controls={controls} />
      <main id="content" className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
        <AthleteHead athlete={athlete} at="profile" back={back}>
          <Button onClick={() => set({ archived: !athlete.archived })}>
            {athlete.archived ? "Make active" : "Archive"}
          </Button>
          <form action={startAlone}>
            <Button type="submit" look="main">
              Today's warm-up
            </Button>
          </form>
        </AthleteHead>
        {athlete.archived && (
          <p className="mt-3 w-fit bg-ochre-wash px-3 py-2">
            Archived: not shown on any day or in any group until active again.
          </p>
        )}
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
          <div className="space-y-10">
            <Person athlete={athlete} set={set} groups={opened.groups} />
            <Limiters athlete={athlete} set={set} />
            <Areas athlete={athlete} set={set} />
          </div>
          <div className="space-y-10">
            <WeightsOnRecord athlete={athlete} set={set} day={opened.day} />
            <Habits athlete={athlete} set={set} />
            <Sessions athleteId={athlete.id} sessions={opened.sessions} today={opened.day} />
            <EraseAthlete athlete={athlete} />
          </div>
        </div>
      </main>
    </div>
  );
}

/** The newest sessions that the athlete is in, those to come first. */
function Sessions({
  athleteId,
  sessions,
  today,
}: {
  athleteId: string;
  sessions: OpenAthlete["sessions"];
  today: string;
}) {
  const inWords = useTimeInWords();
  return (
    <section aria-label="Sessions">
      <h2 className="section-title mb-1">Sessions</h2>
      {sessions.length === 0 && <p className="text-ink-soft">No sessions yet.</p>}
      <ul>
        {sessions.map((s) => (
          <li key={s.id} className="flex min-h-9 items-center gap-4 border-t border-line">
            <span className={`w-28 ${s.day >= today ? "font-semibold" : "text-ink-soft"}`}>
              {dayInWords(s.day)}
            </span>
            <span className="condensed w-16 text-ink-soft">{s.time && inWords(s.time)}</span>
            <Link
              href={`/session/${s.id}/${athleteId}`}
              className="inline-flex min-h-6 items-center font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember"
            >
              {s.name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Person({ athlete, set, groups }: AthletePart & { groups: OpenAthlete["groups"] }) {
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
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
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
      <Note athlete={athlete} set={set} className="mt-3" />
    </section>
  );
}
