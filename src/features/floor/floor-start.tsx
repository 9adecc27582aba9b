"use client";

import { useFloor, useNow } from "@/client/use-floor";
import { useTimeInWords } from "@/ui/conventions";
import { Link } from "@/ui/link";
import { FloorButton } from "./floor-button";
import { WallLink } from "./wall-link";

/** Minutes between now and a session's time for which that time is taken for granted. */
const NEAR_MINUTES = 90;

/** What stands before a session that has not been started: who takes part, when they lift, and one button. */
export function FloorStart({
  due,
}: {
  /** The session's time today, in milliseconds since 1970; null: it has none, or is of another day. */
  due: number | null;
}) {
  const { plan, say, unsent } = useFloor();
  const inWords = useTimeInWords();
  const now = useNow(10_000);
  const { name, time, athletes } = plan;
  const minutes = Math.ceil(plan.readySeconds / 60);
  const left = due === null ? null : Math.round((due - now) / 60_000);
  const isNear = left !== null && Math.abs(left - minutes) <= NEAR_MINUTES;
  const short = isNear ? minutes - left : 0;
  const start = (withDue: boolean) => say(null, { kind: "started", due: withDue ? due : null });
  return (
    <main
      id="content"
      className="mx-auto flex w-full max-w-3xl flex-1 flex-col justify-center gap-6 px-6 py-10"
    >
      <div>
        <h1 className="text-5xl font-extrabold tracking-tight text-balance">{name}</h1>
        <p className="mt-2 text-xl text-ink-soft">
          {minutes} min to the first working set
          {time && `, lifting ${inWords(time)}`}.{" "}
          {athletes.length === 1 ? athletes[0]!.name : `${athletes.length} athletes`}
        </p>
      </div>
      {athletes.length > 1 && <p className="text-lg">{athletes.map((a) => a.name).join(", ")}</p>}
      {isNear && short > 1 && (
        <p className="border-l-4 border-ochre-deep pl-3 text-lg">
          {left! > 0 ? `There are ${left} minutes until then` : "The time has come"}: {short} min short. It
          can be shortened to be on time, or everybody lifts later.
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <FloorButton
          look="main"
          size="large"
          className="min-w-60"
          disabled={unsent > 0}
          onClick={() => start(isNear)}
        >
          {isNear && time ? `Start, lifting ${inWords(time)}` : "Start now"}
        </FloorButton>
        {isNear && (
          <FloorButton size="large" onClick={() => start(false)}>
            Start, with the full {minutes} min
          </FloorButton>
        )}
        <Link
          href={`/session/${plan.sessionId}`}
          className="inline-flex min-h-16 items-center px-4 text-lg font-semibold text-ink-soft hover:text-ink"
        >
          Back to the session
        </Link>
      </div>
      <div className="border-t border-line pt-4 text-base">
        <WallLink />
      </div>
    </main>
  );
}
