"use client";

import { useRefreshWhile } from "@/client/refresh";
import { FloorProvider, useFloor, useFloorFeed, useNow } from "@/client/use-floor";
import { formatDose } from "@/core/dose";
import {
  type FloorAthlete,
  type FloorEvent,
  type FloorPlan,
  isPaused,
  type LiveRack,
  liftNow,
  presentIn,
  type SharedNow,
  secondsInto,
  secondsIntoShared,
  sharedNow,
  standingOf,
} from "@/core/floor";
import { describeChange } from "@/core/plates";
import { formatWeight } from "@/core/units";
import { DrillFigure } from "@/features/shared/figure";
import { PlateStrip } from "@/features/shared/plate-strip";
import { LiveStair } from "./athlete-look";
import { clockDigits } from "./clock-words";
import { useScreenOn } from "./floor-sounds";
import { StepTimer } from "./step-timer";
import { useLiveRacks } from "./use-live-racks";

/** Text that is read from eight metres: never below 36 px on a display of 1920. */
const SMALL = "text-[max(1.25rem,1.95vw)]";

export interface OpenWall {
  plan: FloorPlan;
  events: readonly FloorEvent[];
  seq: number;
  now: number;
  hasWeights: boolean;
}

/** A session on the wall: what everybody does, then the racks. No controls; it goes on by itself. */
export function Wall({ token, open: { hasWeights, ...open } }: { token: string; open: OpenWall }) {
  const floor = useFloorFeed(open, `/wall/${token}`, "wall");
  useScreenOn(true);
  return (
    <FloorProvider value={floor}>
      <WallNow hasWeights={hasWeights} />
    </FloorProvider>
  );
}

function WallNow({ hasWeights }: { hasWeights: boolean }) {
  const { plan, state } = useFloor();
  const shared = sharedNow(plan, state);
  const isLifting = presentIn(plan, state).some((a) => {
    const { now } = standingOf(a, state.people[a.id]!, state.startedAt);
    return now !== null && now.kind !== "step";
  });
  if (state.finished) return <WallWords title={plan.name} words="Finished" />;
  if (plan.isGroup && shared) return <WallTogether shared={shared} />;
  if (plan.racks.length > 0 && isLifting) return <WallRacks hasWeights={hasWeights} />;
  return <WallPeople hasWeights={hasWeights} />;
}

/** A few words, as before the start. */
function WallWords({ title, words }: { title: string; words: string }) {
  return (
    <main className="flex min-h-dvh flex-col justify-center px-[5vw]">
      <h1 className="text-[8vw] leading-none font-extrabold tracking-tight">{title}</h1>
      <p className="mt-[2vw] text-[4vw] text-ink-soft">{words}</p>
    </main>
  );
}

/** How often a wall looks whether its session has been started. Milliseconds. */
const LOOK_EVERY_MS = 4000;

/** The wall of a session that has not been started: it becomes the session as soon as it is. */
export function WallWaiting({ name, time }: { name: string; time: string | null }) {
  useRefreshWhile(() => true, LOOK_EVERY_MS);
  return <WallWords title={name} words={time ? `Lifting ${time}` : "Not started yet"} />;
}

function WallTogether({ shared }: { shared: SharedNow }) {
  const { plan, state } = useFloor();
  const now = useNow(100);
  const { step, next } = shared;
  const into = secondsIntoShared(shared, state, now);
  const others = ownDrills(presentIn(plan, state), state, shared);
  return (
    <main className="grid min-h-dvh grid-rows-[1fr_auto] gap-[1.5vw] px-[3vw] py-[2vw]">
      <div className="grid grid-cols-[34vw_minmax(0,1fr)] items-center gap-[4vw]">
        <DrillFigure
          drill={step.picture}
          moves="always"
          className="w-full max-w-[62vh] justify-self-center"
        />
        <div className="min-w-0">
          <h1 className="text-[5.2vw] leading-none font-extrabold tracking-tight text-balance">
            {step.name}
          </h1>
          <p className="condensed mt-[0.8vw] text-[3vw] leading-tight font-semibold text-ink-soft">
            {step.dose && formatDose(step.dose)}
          </p>
          <div className="mt-[1.5vw]">
            <StepTimer step={step} into={into} size="wall" isPaused={isPaused(state)} />
          </div>
          <p className={`mt-[1.5vw] ${SMALL}`}>
            <span className="text-ink-soft">Next </span>
            <span className="font-bold">{next ? next.name : "the bar"}</span>
          </p>
        </div>
      </div>
      <div>
        {others.length > 0 && (
          <p className={`mb-[0.8vw] truncate ${SMALL}`}>
            {others.map(({ name, drill }) => (
              <span key={name} className="mr-[2.5vw]">
                <span className="font-bold">{name}</span> <span className="text-ink-soft">{drill}</span>
              </span>
            ))}
          </p>
        )}
        <Leader now={now} />
      </div>
    </main>
  );
}

/** The stair of whoever takes longest: what all do is the same for all. */
function Leader({ now }: { now: number }) {
  const { plan, state } = useFloor();
  const [first] = presentIn(plan, state).toSorted((a, b) => b.seconds - a.seconds);
  return first ? <LiveStair athlete={first} now={now} height={70} /> : null;
}

function ownDrills(
  here: readonly FloorAthlete[],
  state: Parameters<typeof secondsInto>[1],
  { step }: SharedNow,
): { name: string; drill: string }[] {
  return here.flatMap((a) => {
    const { now } = standingOf(a, state.people[a.id]!, state.startedAt);
    const isOwn = now?.kind === "step" && now.step.key !== step.key;
    return isOwn ? [{ name: a.name, drill: now.step.name }] : [];
  });
}

function WallRacks({ hasWeights }: { hasWeights: boolean }) {
  const racks = useLiveRacks();
  const { plan } = useFloor();
  return (
    <main
      className="grid min-h-dvh gap-x-[3vw] px-[3vw] py-[2.5vw]"
      style={{ gridTemplateColumns: `repeat(${Math.min(4, Math.max(1, racks.length))}, minmax(0, 1fr))` }}
    >
      <h1 className="sr-only">{plan.name}</h1>
      {racks.map((rack) => (
        <WallRack key={rack.rack} rack={rack} hasWeights={hasWeights} />
      ))}
    </main>
  );
}

function WallRack({ rack, hasWeights }: { rack: LiveRack; hasWeights: boolean }) {
  const { plan, state } = useFloor();
  const named = (id: string) => plan.athletes.find((a) => a.id === id)!;
  const [turn, ...after] = rack.turns;
  const loadOf = (t: (typeof rack.turns)[number]) =>
    liftNow(named(t.athlete).lifts[0]!, state.people[t.athlete]!, 0).sets[t.rampSet]!;
  return (
    <section aria-label={`Rack ${rack.rack + 1}`} className="border-t-[0.4vw] border-ink pt-[1vw]">
      <h2 className={`text-ink-soft ${SMALL}`}>Rack {rack.rack + 1}</h2>
      {turn ? (
        <>
          <p className="truncate text-[4.4vw] leading-tight font-extrabold tracking-tight">
            {named(turn.athlete).name}
          </p>
          {hasWeights && (
            <p className="condensed text-[6.5vw] leading-none font-extrabold text-ember">
              {formatWeight(loadOf(turn).weight)}
              <span className="ml-[0.8vw] text-[3vw] text-ink">× {loadOf(turn).reps}</span>
            </p>
          )}
          {hasWeights && (
            <>
              <div className="mt-[1.2vw] flex min-h-[14.5vw] items-center gap-[1.5vw]">
                <PlateStrip plates={plan.plates} perSide={loadOf(turn).perSide} scale={0.6} />
              </div>
              <p className={SMALL}>
                {turn.add.length + turn.strip.length === 0
                  ? "As it is"
                  : describeChange(turn.add, turn.strip)}
              </p>
            </>
          )}
          <ol className="mt-[1.5vw]">
            {after.slice(0, 3).map((t) => (
              <li
                key={`${t.athlete} ${t.rampSet}`}
                className={`flex justify-between gap-[1vw] border-t border-line-strong py-[0.7vw] ${SMALL}`}
              >
                <span className="truncate font-semibold">{named(t.athlete).name}</span>
                {hasWeights && <span className="condensed font-bold">{formatWeight(loadOf(t).weight)}</span>}
              </li>
            ))}
          </ol>
        </>
      ) : (
        <p className="mt-[1vw] text-[3vw] font-bold">Ready</p>
      )}
    </section>
  );
}

/** Everybody with what is on: where each warms up alone, and once the racks are done. */
function WallPeople({ hasWeights }: { hasWeights: boolean }) {
  const { plan, state } = useFloor();
  const now = useNow(500);
  const here = presentIn(plan, state);
  const columns = here.length > 12 ? 4 : here.length > 6 ? 3 : 2;
  return (
    <main
      className="grid min-h-dvh auto-rows-fr gap-x-[3vw] gap-y-[1vw] px-[3vw] py-[2vw]"
      style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
    >
      <h1 className="sr-only">{plan.name}</h1>
      {here.map((a) => (
        <WallPerson key={a.id} athlete={a} now={now} hasWeights={hasWeights} />
      ))}
    </main>
  );
}

function WallPerson({
  athlete,
  now,
  hasWeights,
}: {
  athlete: FloorAthlete;
  now: number;
  hasWeights: boolean;
}) {
  const { state } = useFloor();
  const standing = standingOf(athlete, state.people[athlete.id]!, state.startedAt);
  const { now: item } = standing;
  const into = secondsInto(standing, state, now);
  return (
    <section aria-label={athlete.name} className="min-w-0 border-t-[0.25vw] border-ink pt-[0.5vw]">
      <p className="flex items-baseline justify-between gap-[1vw]">
        <span className="truncate text-[3.1vw] leading-tight font-extrabold tracking-tight">
          {athlete.name}
        </span>
        {item?.kind === "step" && (
          <span className="condensed text-[3.1vw] font-bold">
            {into < item.step.seconds ? clockDigits(item.step.seconds - into) : ""}
          </span>
        )}
      </p>
      <p className={`truncate ${SMALL}`}>
        {!item && "Ready"}
        {item?.kind === "step" && item.step.name}
        {item && item.kind !== "step" && (
          <>
            {athlete.lifts[item.lift]!.name}
            {hasWeights && (
              <span className={`ml-[0.8vw] font-bold ${item.kind === "work" ? "text-ember" : ""}`}>
                {formatWeight(item.load.weight)} × {item.load.reps}
              </span>
            )}
          </>
        )}
      </p>
    </section>
  );
}
