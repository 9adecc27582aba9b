"use client";

import { Check } from "lucide-react";
import { useFloor } from "@/client/use-floor";
import { type LiveRack, type LiveTurn, liftNow, openCheck } from "@/core/floor";
import { describeChange } from "@/core/plates";
import { formatWeight } from "@/core/units";
import { PlateStrip } from "@/features/shared/plate-strip";
import { useAct } from "./acts";
import { clockDigits } from "./clock-words";
import { FloorButton } from "./floor-button";
import { useLiveRacks } from "./use-live-racks";

/** Each rack with who lifts, what stands on its bar, and who is next; the order is worked out from what is on the bar. */
export function RacksLook({ onOpen }: { onOpen: (id: string) => void }) {
  const racks = useLiveRacks();
  if (racks.length === 0)
    return (
      <p className="mt-6 text-xl text-ink-soft">
        Nobody shares a bar in this session. Open an athlete to tick sets.
      </p>
    );
  return (
    <section
      aria-label="Racks"
      className={`grid gap-x-6 gap-y-8 sm:grid-cols-2 ${racks.length > 2 ? "lg:grid-cols-3" : ""}`}
    >
      {racks.map((rack) => (
        <Rack key={rack.rack} rack={rack} onOpen={onOpen} />
      ))}
    </section>
  );
}

function Rack({ rack, onOpen }: { rack: LiveRack; onOpen: (id: string) => void }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const [turn, ...after] = rack.turns;
  const named = (id: string) => plan.athletes.find((a) => a.id === id)!;
  const loadOf = (t: LiveTurn) =>
    liftNow(named(t.athlete).lifts[0]!, state.people[t.athlete]!, 0).sets[t.rampSet]!;
  return (
    <article aria-label={`Rack ${rack.rack + 1}`} className="flex flex-col border-t-2 border-ink pt-3">
      <h2 className="flex items-baseline justify-between text-lg font-bold">
        Rack {rack.rack + 1}
        {!rack.isProven && <span className="text-sm font-medium text-ink-soft">working out the order</span>}
      </h2>
      {turn ? (
        <>
          <button
            type="button"
            onClick={() => onOpen(turn.athlete)}
            className="mt-1 min-h-12 text-left text-3xl font-extrabold tracking-tight hover:text-ember"
          >
            {named(turn.athlete).name}
          </button>
          <p className="condensed text-[4rem] leading-none font-extrabold">
            {formatWeight(loadOf(turn).weight)}
            <span className="ml-2 text-2xl">
              {plan.unit} × {loadOf(turn).reps}
            </span>
          </p>
          <div className="mt-3 flex min-h-24 items-center gap-4">
            <PlateStrip plates={plan.plates} perSide={loadOf(turn).perSide} scale={0.2} />
            <p className="text-lg">
              {turn.add.length + turn.strip.length === 0 ? "As it is" : describeChange(turn.add, turn.strip)}
            </p>
          </div>
          <p className="mt-1 text-base text-ink-soft">
            {turn.startsAt > 20 ? `in ${clockDigits(turn.startsAt)}` : "now"}
          </p>
          <div className="mt-3 grid grid-cols-2 gap-2">
            <FloorButton
              look="main"
              size="large"
              className="col-span-2"
              onClick={() => {
                const { weight, reps } = loadOf(turn);
                act(`${named(turn.athlete).name}: ${formatWeight(weight)} × ${reps}`, [
                  {
                    athlete: turn.athlete,
                    what: {
                      kind: "set-done",
                      lift: 0,
                      set: turn.rampSet,
                      isWork: false,
                      weight,
                      reps,
                      felt: null,
                    },
                  },
                ]);
              }}
            >
              <Check aria-hidden className="size-6" />
              Done
            </FloorButton>
            <FloorButton
              size="large"
              onClick={() =>
                act(`${named(turn.athlete).name} later`, [
                  { athlete: turn.athlete, what: { kind: "turn-passed", lift: 0, set: turn.rampSet } },
                ])
              }
            >
              Later
            </FloorButton>
            <FloorButton
              size="large"
              onClick={() =>
                act(`${named(turn.athlete).name}: not here`, [
                  { athlete: turn.athlete, what: { kind: "left" } },
                ])
              }
            >
              Not here
            </FloorButton>
          </div>
          <ol aria-label={`Next on rack ${rack.rack + 1}`} className="mt-3">
            {after.slice(0, 4).map((t) => (
              <li key={`${t.athlete} ${t.rampSet}`} className="border-t border-line py-2">
                <p className="flex items-baseline justify-between gap-3 text-base">
                  <span className="min-w-0 truncate font-semibold">{named(t.athlete).name}</span>
                  <span className="condensed shrink-0 text-lg font-bold">
                    {formatWeight(loadOf(t).weight)} × {loadOf(t).reps}
                  </span>
                </p>
                <p className="text-sm text-ink-soft">
                  {t.add.length + t.strip.length === 0 ? "As it is" : describeChange(t.add, t.strip)}
                </p>
              </li>
            ))}
          </ol>
        </>
      ) : (
        <p className="mt-3 text-xl">
          {rack.later.length > 0 ? "Waiting for the next shift." : "All ramp sets are done here."}
        </p>
      )}
      <RackChecks rack={rack} onOpen={onOpen} />
      {rack.later.length > 0 && (
        <p className="mt-2 text-sm text-ink-soft">
          After them: {rack.later.map((id) => named(id).name).join(", ")}
        </p>
      )}
    </article>
  );
}

/** Whose first loaded set on this rack has not been asked about yet. */
function RackChecks({ rack, onOpen }: { rack: LiveRack; onOpen: (id: string) => void }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const ids = new Set(plan.racks.filter((r) => r.rack === rack.rack).flatMap((r) => r.athletes));
  const open = plan.athletes.flatMap((a) => {
    const lift = ids.has(a.id) ? openCheck(a, state.people[a.id]!) : null;
    return lift === null ? [] : [{ athlete: a, lift }];
  });
  if (open.length === 0) return null;
  return (
    <ul
      aria-label={`First loaded sets on rack ${rack.rack + 1}`}
      className="mt-3 border-t-2 border-ochre-deep"
    >
      {open.map(({ athlete, lift }) => (
        <li key={athlete.id} className="flex flex-wrap items-center gap-2 py-2 text-base">
          <span className="min-w-0 flex-1">
            <span className="font-semibold">{athlete.name}</span>, first loaded set?
          </span>
          <FloorButton
            onClick={() =>
              act(`${athlete.name}: all well`, [
                { athlete: athlete.id, what: { kind: "checked", lift, answer: "well" } },
              ])
            }
          >
            All well
          </FloorButton>
          <FloorButton look="bare" onClick={() => onOpen(athlete.id)}>
            Other
          </FloorButton>
        </li>
      ))}
    </ul>
  );
}
