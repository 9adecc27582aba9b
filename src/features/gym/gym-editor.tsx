"use client";

import { Plus } from "lucide-react";
import { useCallback } from "react";
import { getData, useData, useStamp } from "@/client/data";
import type { Stored } from "@/client/draft-saver";
import { useOnSaved, useSavedDraft } from "@/client/use-saved-draft";
import { EQUIPMENT, EQUIPMENT_IDS, type EquipmentId } from "@/core/catalog";
import type { GymKit } from "@/core/gym";
import {
  formatWeight,
  formatWeights,
  parseWeight,
  parseWeights,
  type Weight,
  weight,
  weightStep,
} from "@/core/units";
import { BarFields, LIGHT_BAR } from "@/features/shared/bar-fields";
import { SavedHeader } from "@/features/shared/saved-header";
import { WeightStepper } from "@/features/shared/weight-stepper";
import { feetOf, metresOf } from "@/lib/lengths";
import { fail, ok } from "@/lib/result";
import { saveGymAction } from "@/server/actions/gyms";
import type { weightsNotHere } from "@/server/gyms/save-gym";
import { Button } from "@/ui/button";
import { Link } from "@/ui/link";
import { Stepper } from "@/ui/stepper";
import { parseName, TextField } from "@/ui/text-field";
import { Toggle } from "@/ui/toggle";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import { WholeStepper } from "@/ui/whole-stepper";
import { Clock } from "./clock";
import { GymSwitch } from "./gym-switch";
import { PlateRack } from "./plate-rack";

const MOST_COUNT = 200;
/** What a machine or stack starts with when it is put in, in kg and lb. */
const NEW_SLEDGE = { kg: 45, lb: 100 };
const NEW_STACK = {
  kg: { start: 5, step: 5, top: 100 },
  lb: { start: 10, step: 10, top: 200 },
};
type NotHere = Awaited<ReturnType<typeof weightsNotHere>>;

/** What the gym has: bar, plates, dumbbells, machines and the things that drills need. Saved as it is changed. */
export function GymEditor({
  opened,
  gyms,
}: {
  opened: { gym: GymKit; revision: number };
  gyms: readonly { id: string; name: string }[];
}) {
  const { id } = opened.gym;
  const store = useCallback(
    (revision: number, gym: GymKit, saveId: string) => saveGymAction({ revision, gym, saveId }),
    [],
  );
  const load = useCallback(() => getData<Stored<GymKit>>(`gyms/${id}`), [id]);
  const stamp = useStamp<{ revision: number }>("gym", id);
  const {
    draft: gym,
    change,
    controls,
  } = useSavedDraft(
    { revision: opened.revision, draft: opened.gym },
    store,
    load,
    `gym ${id}`,
    stamp?.revision,
    { kind: "gym", requestOf: (revision, gym, saveId) => ({ revision, gym, saveId }) },
  );
  const set = (to: Partial<GymKit>) => change((g) => ({ ...g, ...to }));

  const { data: notHere = [], refetch } = useData<NotHere>("weights-not-here");
  useOnSaved(controls.saver, () => void refetch());

  return (
    <div className="min-h-dvh">
      <SavedHeader at="/gym" controls={controls} />
      <main id="content" className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">{gym.name}</h1>
          <GymSwitch at={gym} gyms={gyms} />
        </div>
        <p className="text-sm text-ink-soft">
          Weights in {gym.unit === "kg" ? "kilograms" : "pounds"}. Every plan uses what is listed here.
        </p>
        <div role="status">
          {notHere && notHere.length > 0 && (
            <p className="mt-4 w-fit bg-ochre-wash px-3 py-2">
              These plates no longer make the working weight of{" "}
              {notHere.map((n, i) => (
                <span key={`${n.athleteId} ${n.lift}`}>
                  {i > 0 && ", "}
                  <Link
                    href={`/session/${n.sessionId}/${n.athleteId}`}
                    className="font-semibold underline underline-offset-4"
                  >
                    {n.name}
                  </Link>{" "}
                  ({n.lift.toLowerCase()})
                </span>
              ))}
              : their ramps go to the nearest lighter weight.
            </p>
          )}
        </div>
        <div className="mt-7 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
          <div className="space-y-10">
            <Bar gym={gym} set={set} />
            <PlateRack gym={gym} set={set} />
            <Clock gym={gym} set={set} />
          </div>
          <div className="space-y-10">
            <Loads gym={gym} set={set} />
            <Things gym={gym} set={set} />
          </div>
        </div>
      </main>
    </div>
  );
}

export interface GymPart {
  gym: GymKit;
  set: (to: Partial<GymKit>) => void;
}

/** Reads a weight that may be nothing. */
function parseWeightOrNone(text: string) {
  return text.trim() === "" || Number(text) === 0 ? ok(0 as Weight) : parseWeight(text);
}

function Bar({ gym, set }: GymPart) {
  const { bar, unit } = gym;
  return (
    <section>
      <h2 className="section-title mb-2">Gym and bar</h2>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the gym"
          value={gym.name}
          format={String}
          parse={parseName}
          onChange={(name) => set({ name })}
        />
        <TextField
          label="Name of the bar"
          value={bar.name}
          format={String}
          parse={parseName}
          onChange={(name) => set({ bar: { ...bar, name } })}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-x-6 gap-y-2">
        <WeightStepper
          label="Bar"
          value={bar.weight}
          unit={unit}
          onChange={(to) => set({ bar: { ...bar, weight: to } })}
        />
        <Stepper
          label="Each collar"
          value={bar.collar}
          format={formatWeight}
          parse={parseWeightOrNone}
          next={(w, direction) => (w + direction * 250 >= 0 ? ((w + direction * 250) as Weight) : null)}
          onChange={(w) => set({ bar: { ...bar, collar: w } })}
          suffix={unit}
          width="5ch"
        />
      </div>
      <OtherBars gym={gym} set={set} />
    </section>
  );
}

/** Bars that can be taken instead of the usual one, for one athlete's lift. */
function OtherBars({ gym, set }: GymPart) {
  const { otherBars, unit } = gym;
  const free = (n: number): string =>
    otherBars.some((b) => b.name === `Bar ${n}`) ? free(n + 1) : `Bar ${n}`;
  return (
    <div className="mt-4">
      <h3 className="condensed text-2xs text-ink-soft">Other bars</h3>
      <ul>
        {otherBars.map((bar, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a bar is its place; its name is being typed
          <li key={i} className="flex items-end gap-4 border-t border-line py-2">
            <BarFields
              label={`Name of other bar ${i + 1}`}
              bar={bar}
              unit={unit}
              taken={otherBars.filter((_, at) => at !== i).map((b) => b.name)}
              onChange={(to) => set({ otherBars: otherBars.with(i, to) })}
              onTakeOut={() => set({ otherBars: otherBars.toSpliced(i, 1) })}
            />
          </li>
        ))}
      </ul>
      <Button
        look="bare"
        className="-ml-3"
        onClick={() =>
          set({
            otherBars: [...otherBars, { name: free(otherBars.length + 2), weight: LIGHT_BAR[unit] }],
          })
        }
      >
        <Plus aria-hidden className="size-4" />
        Add bar
      </Button>
    </div>
  );
}

function Loads({ gym, set }: GymPart) {
  const { unit, stack, sledge } = gym;
  const weights = (
    label: string,
    value: readonly Weight[],
    onChange: (to: Weight[]) => void,
    note: string,
  ) => (
    <TextField
      label={label}
      value={value}
      format={formatWeights}
      parse={parseWeights}
      onChange={(to) => onChange([...to])}
      note={note}
    />
  );
  const stackStepper = (label: string, key: "start" | "step" | "top") =>
    stack && (
      <Stepper
        label={label}
        value={stack[key]}
        format={formatWeight}
        parse={(text) => {
          const parsed = parseWeight(text);
          if (!parsed.ok) return parsed;
          const next = { ...stack, [key]: parsed.value };
          return next.top >= next.start ? parsed : fail("The top must be at least the start.");
        }}
        next={(w, direction) => {
          const to = (w + direction * weightStep(unit)) as Weight;
          const next = { ...stack, [key]: to };
          return to > 0 && next.top >= next.start ? to : null;
        }}
        onChange={(w) => set({ stack: { ...stack, [key]: w } })}
        suffix={unit}
        width="5ch"
      />
    );
  const fresh = NEW_STACK[unit];
  return (
    <section>
      <h2 className="section-title mb-2">Dumbbells and machines</h2>
      <div className="space-y-3">
        {weights(
          `Dumbbells, one of each pair, ${unit}`,
          gym.dumbbells,
          (dumbbells) => set({ dumbbells }),
          "For example 2.5–30 by 2.5, 35, 40. Leave empty if there are none.",
        )}
        {weights(
          `Assistance, ${unit}`,
          gym.help,
          (help) => set({ help }),
          "What a machine or bands take off the body weight.",
        )}
        <Toggle
          label="Stack machine"
          isOn={stack !== null}
          onChange={(on) =>
            set({
              stack: on
                ? {
                    start: weight(fresh.start),
                    step: weight(fresh.step),
                    top: weight(fresh.top),
                    addOns: [],
                  }
                : null,
            })
          }
        />
        {stack && (
          <div className="ml-8 space-y-2">
            <div className="flex flex-wrap gap-x-6 gap-y-2">
              {stackStepper("Start", "start")}
              {stackStepper("Step", "step")}
              {stackStepper("Top", "top")}
            </div>
            {weights(
              `Add-on weights, ${unit}`,
              stack.addOns,
              (addOns) => set({ stack: { ...stack, addOns: addOns.slice(0, 6) } }),
              "Small weights laid on the stack.",
            )}
          </div>
        )}
        <Toggle
          label="Plate machine"
          isOn={sledge !== null}
          onChange={(on) => set({ sledge: on ? weight(NEW_SLEDGE[unit]) : null })}
        />
        {sledge !== null && (
          <div className="ml-8">
            <Stepper
              label="Empty weight"
              value={sledge}
              format={formatWeight}
              parse={parseWeight}
              next={(w, direction) => (w + direction * 5000 > 0 ? ((w + direction * 5000) as Weight) : null)}
              onChange={(w) => set({ sledge: w })}
              suffix={unit}
              width="5ch"
            />
          </div>
        )}
      </div>
    </section>
  );
}

/** Metres of free floor in a line in a small room, until the coach says otherwise. */
const SMALL_FLOOR = 4;

/** What drills need; things that one person uses at a time may be counted. */
function Things({ gym, set }: GymPart) {
  const inFeet = gym.settings?.lengths === "in";
  const counts = gym.counts ?? {};
  const toggle = (id: EquipmentId, on: boolean) => {
    const { [id]: _, ...rest } = counts;
    set({
      equipment: on ? [...gym.equipment, id] : gym.equipment.filter((e) => e !== id),
      counts: on ? counts : rest,
    });
  };
  const count = (id: EquipmentId, to: number | null) => {
    const { [id]: _, ...rest } = counts;
    set({ counts: to === null ? rest : { ...rest, [id]: to } });
  };
  return (
    <section>
      <h2 className="section-title">For drills</h2>
      <p className="mb-2 text-2xs text-ink-soft">
        Say how many there are: it matters for groups. Empty means enough for everybody.
      </p>
      <div className="mb-3 flex items-center gap-4">
        <Toggle
          label="Little clear floor"
          isOn={gym.clearFloor != null}
          onChange={(on) => set({ clearFloor: on ? SMALL_FLOOR : null })}
        />
        {gym.clearFloor != null && (
          <WholeStepper
            label="In a line"
            value={inFeet ? feetOf(gym.clearFloor) : gym.clearFloor}
            range={inFeet ? [3, 328] : [1, 100]}
            suffix={inFeet ? "ft" : "m"}
            onChange={(n) => set({ clearFloor: inFeet ? metresOf(n) : n })}
          />
        )}
      </div>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {EQUIPMENT_IDS.map((id) => (
          <li key={id} className="flex min-h-10 items-center justify-between border-t border-line">
            <Toggle
              label={EQUIPMENT[id]}
              isOn={gym.equipment.includes(id)}
              onChange={(on) => toggle(id, on)}
            />
            {gym.equipment.includes(id) && (
              <Stepper<number | null>
                label={`${EQUIPMENT[id]}, how many`}
                hideLabel
                value={counts[id] ?? null}
                format={(n) => (n === null ? "" : String(n))}
                parse={(text) => (text.trim() === "" ? ok(null) : parseWhole(1, MOST_COUNT)(text))}
                next={(n, direction) => {
                  if (n === null) return direction > 0 ? 1 : null;
                  return stepWhole(1, MOST_COUNT)(n, direction);
                }}
                onChange={(n) => count(id, n)}
                placeholder="all"
                width="3.5ch"
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
