"use client";

import { Plus, X } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import {
  type Approach,
  type Drill,
  type DrillFilter,
  drillById,
  type FormatRule,
  PHASE_NAMES,
  PHASES,
} from "@/core/catalog";
import { FORMAT_LIMITS, SIGN_IDS, SIGNS, type SignId, VARIANT_KINDS, VARIANTS } from "@/core/dose";
import { CIRCUIT_LIMITS } from "@/core/drills";
import { WayList } from "@/features/shared/way-list";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { Toggle } from "@/ui/toggle";

type Rule = Approach["formats"][number];

const KINDS: Record<FormatRule["kind"], string> = {
  interval: "an interval each",
  variants: "each in another way",
  pieces: "time in pieces",
  surges: "surges",
};

/** What a rule of each kind begins with. Seconds. */
const NEW: { [K in FormatRule["kind"]]: FormatRule & { kind: K } } = {
  interval: { kind: "interval", off: 15 },
  variants: { kind: "variants", by: "tempo", ways: VARIANTS.tempo.ways.slice(0, 2) },
  pieces: { kind: "pieces", pieces: ["left", "right"] },
  surges: { kind: "surges", every: 90, on: 15, off: 30 },
};

/** Drills that a rule may be about, besides those that are named. */
const KNOWN: readonly { value: string; label: string; filter: DrillFilter }[] = [
  { value: "raise", label: "the raise", filter: { serves: ["temperature"] } },
  { value: "holds", label: "holds", filter: { stretch: true } },
];
const NAMED = "named";

/** The most seconds of time for drills that a rule may be bound to. */
const MOST_UNDER = 1800;

/** How an approach has drills done where it is not in sets one after the other, to be changed. */
export function ApproachFormats({
  approach: { formats, pairs },
  set,
}: {
  approach: Approach;
  set: (to: Partial<Approach>) => void;
}) {
  const catalog = useCatalog();
  const change = (at: number, to: Rule) => set({ formats: formats.with(at, to) });
  const [pair, ...rest] = pairs;
  return (
    <section>
      <h3 className="section-title mb-1">Formats and supersets</h3>
      <ul>
        {formats.map((rule, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a rule is its place; the first that fits counts
          <li key={i} className="flex items-start justify-between gap-4 border-t border-line py-3">
            <RuleFields rule={rule} drills={catalog.drills} onChange={(to) => change(i, to)} />
            <IconButton
              label={`Take format ${i + 1} out`}
              onClick={() => set({ formats: formats.toSpliced(i, 1) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <Button
        look="bare"
        className="-ml-3"
        onClick={() => set({ formats: [...formats, { drills: KNOWN[0]!.filter, until: "short-sentences" }] })}
      >
        <Plus aria-hidden className="size-4" />
        Add a format
      </Button>
      <div className="mt-2 flex flex-wrap items-end gap-x-7 gap-y-2 border-t border-line pt-3">
        <Toggle
          label="Holds that follow each other in turns"
          isOn={pair !== undefined}
          onChange={(on) =>
            set({ pairs: on ? [{ drills: { stretch: true }, restInside: 0, restBetween: 0 }] : rest })
          }
        />
        {pair &&
          (["restInside", "restBetween"] as const).map((field) => (
            <SecondsStepper
              key={field}
              label={field === "restInside" ? "Rest after each" : "Rest after a round"}
              value={pair[field]}
              range={CIRCUIT_LIMITS.rest}
              onChange={(seconds) => set({ pairs: [{ ...pair, [field]: seconds }, ...rest] })}
            />
          ))}
      </div>
    </section>
  );
}

/** One rule: which drills, in which format, and by which sign they end. */
function RuleFields({
  rule,
  drills,
  onChange,
}: {
  rule: Rule;
  drills: readonly Drill[];
  onChange: (rule: Rule) => void;
}) {
  const { drills: filter, format, until, under } = rule;
  const known = KNOWN.find(({ filter: f }) => JSON.stringify(f) === JSON.stringify(filter));
  const about = filter.ids ? NAMED : (known?.value ?? "");
  return (
    <div className="min-w-0 flex-1 space-y-2">
      <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
        <LabelledChoice
          label="Of"
          value={about}
          placeholder="as it was copied"
          groups={[{ options: [...KNOWN, { value: NAMED, label: "these drills" }] }]}
          onChange={(to) =>
            onChange({
              ...rule,
              drills: KNOWN.find((k) => k.value === to)?.filter ?? { ids: filter.ids ?? [drills[0]!.id] },
            })
          }
        />
        <OptionalChoice
          label="Work"
          none="in sets"
          value={format?.kind ?? null}
          groups={[{ options: Object.entries(KINDS).map(([value, label]) => ({ value, label })) }]}
          onChange={(kind) =>
            onChange({ ...rule, format: kind ? NEW[kind as FormatRule["kind"]] : undefined })
          }
        />
        {format && <FormatRuleFields format={format} onChange={(to) => onChange({ ...rule, format: to })} />}
        <OptionalChoice
          label="Ends"
          none="by the clock"
          value={until ?? null}
          groups={[{ options: SIGN_IDS.map((id) => ({ value: id, label: SIGNS[id] })) }]}
          onChange={(sign) => onChange({ ...rule, until: (sign as SignId | null) ?? undefined })}
        />
        <Toggle
          label="Only when time is short"
          isOn={under !== undefined}
          onChange={(on) => onChange({ ...rule, under: on ? 300 : undefined })}
        />
        {under !== undefined && (
          <SecondsStepper
            label="Drills under"
            step={30}
            value={under}
            range={[30, MOST_UNDER]}
            onChange={(to) => onChange({ ...rule, under: to })}
          />
        )}
      </div>
      {filter.ids && (
        <NamedDrills
          ids={filter.ids}
          drills={drills}
          onChange={(ids) => onChange({ ...rule, drills: { ids } })}
        />
      )}
    </div>
  );
}

/** The drills of a rule by their names. */
function NamedDrills({
  ids,
  drills,
  onChange,
}: {
  ids: readonly string[];
  drills: readonly Drill[];
  onChange: (ids: readonly string[]) => void;
}) {
  const catalog = useCatalog();
  const groups = PHASES.map((phase) => ({
    label: PHASE_NAMES[phase],
    options: drills
      .filter((d) => d.phases[0] === phase && !ids.includes(d.id))
      .map((d) => ({ value: d.id, label: d.name })),
  })).filter((g) => g.options.length > 0);
  return (
    <div className="flex flex-wrap items-center gap-x-4">
      {ids.map((id) => {
        const name = drillById(catalog, id)?.name ?? id;
        return (
          <span key={id} className="flex items-center font-medium">
            {name}
            <IconButton
              label={`Take ${name} out of the format`}
              disabled={ids.length === 1}
              onClick={() => onChange(ids.filter((o) => o !== id))}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </span>
        );
      })}
      <LabelledChoice
        label="Add a drill"
        value=""
        placeholder="Choose"
        groups={groups}
        onChange={(id) => onChange([...ids, id])}
      />
    </div>
  );
}

function FormatRuleFields({
  format,
  onChange,
}: {
  format: FormatRule;
  onChange: (format: FormatRule) => void;
}) {
  switch (format.kind) {
    case "interval":
      return (
        <SecondsStepper
          label="Off"
          value={format.off}
          range={FORMAT_LIMITS.off}
          onChange={(off) => onChange({ ...format, off })}
        />
      );
    case "surges":
      return (
        <>
          <SecondsStepper
            label="One for every"
            value={format.every}
            range={[10, 600]}
            onChange={(every) => onChange({ ...format, every })}
          />
          {(["on", "off"] as const).map((field) => (
            <SecondsStepper
              key={field}
              label={field === "on" ? "On" : "Easy after it"}
              value={format[field]}
              range={FORMAT_LIMITS[field]}
              onChange={(seconds) => onChange({ ...format, [field]: seconds })}
            />
          ))}
        </>
      );
    case "pieces":
      return (
        <WayList
          name="Piece"
          ways={format.pieces}
          suggestions={["left", "right", "both"]}
          most={FORMAT_LIMITS.pieces[1]}
          onChange={(pieces) => onChange({ ...format, pieces })}
        />
      );
    case "variants":
      return (
        <>
          <LabelledChoice
            label="By"
            value={format.by}
            groups={[
              { options: VARIANT_KINDS.map((v) => ({ value: v, label: VARIANTS[v].name.toLowerCase() })) },
            ]}
            onChange={(by) => {
              const kind = VARIANT_KINDS.find((v) => v === by)!;
              onChange({ ...format, by: kind, ways: VARIANTS[kind].ways.slice(0, format.ways.length) });
            }}
          />
          <Toggle
            label="A set alone is shared out"
            isOn={format.splits ?? false}
            onChange={(splits) => onChange({ ...format, splits: splits || undefined })}
          />
          <WayList
            name="Round"
            ways={format.ways}
            suggestions={VARIANTS[format.by].ways}
            most={FORMAT_LIMITS.ways[1]}
            onChange={(ways) => onChange({ ...format, ways })}
          />
        </>
      );
  }
}
