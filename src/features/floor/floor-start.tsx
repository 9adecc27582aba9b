"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { useAsk } from "@/client/use-ask";
import { startFloorAction } from "@/server/actions/floor";
import { useTimeInWords } from "@/ui/conventions";
import { Link } from "@/ui/link";
import { FloorButton } from "./floor-button";

/** Minutes between now and a session's time for which that time is taken for granted. */
const NEAR_MINUTES = 90;

/** What stands before a session that has not been started: who takes part, when they lift, and one button. */
export function FloorStart({
  session,
  names,
  readySeconds,
  due,
}: {
  session: { id: string; name: string; time: string | null };
  names: readonly string[];
  readySeconds: number;
  /** The session's time today, in milliseconds since 1970; null: it has none, or is of another day. */
  due: number | null;
}) {
  const router = useRouter();
  const inWords = useTimeInWords();
  const ask = useAsk();
  const [isBusy, startBusy] = useTransition();
  const [error, setError] = useState<string | null>(null);
  const minutes = Math.ceil(readySeconds / 60);
  const left = due === null ? null : Math.round((due - Date.now()) / 60_000);
  const isNear = left !== null && Math.abs(left - minutes) <= NEAR_MINUTES;
  const short = isNear ? minutes - left : 0;
  const start = (withDue: boolean) =>
    startBusy(async () => {
      const outcome = await ask(startFloorAction, { sessionId: session.id, due: withDue ? due : null });
      if (outcome.kind === "refused") setError(outcome.message);
      else router.refresh();
    });
  return (
    <main
      id="content"
      className="mx-auto flex w-full max-w-3xl flex-1 flex-col justify-center gap-6 px-6 py-10"
    >
      <div>
        <h1 className="text-5xl font-extrabold tracking-tight text-balance">{session.name}</h1>
        <p className="mt-2 text-xl text-ink-soft">
          {minutes} min to the first working set
          {session.time && `, lifting ${inWords(session.time)}`}.{" "}
          {names.length === 1 ? names[0] : `${names.length} athletes`}
        </p>
      </div>
      {names.length > 1 && <p className="text-lg">{names.join(", ")}</p>}
      {isNear && short > 1 && (
        <p className="border-l-4 border-ochre-deep pl-3 text-lg">
          {left! > 0 ? `There are ${left} minutes until then` : "The time has come"}: {short} min short. It
          can be shortened to be on time, or everybody lifts later.
        </p>
      )}
      {error && (
        <p role="alert" className="text-lg font-semibold text-ember">
          {error}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <FloorButton
          look="main"
          size="large"
          className="min-w-60"
          disabled={isBusy}
          onClick={() => start(isNear)}
        >
          {isBusy
            ? "Starting"
            : isNear && session.time
              ? `Start, lifting ${inWords(session.time)}`
              : "Start now"}
        </FloorButton>
        {isNear && (
          <FloorButton size="large" disabled={isBusy} onClick={() => start(false)}>
            Start, with the full {minutes} min
          </FloorButton>
        )}
        <Link
          href={`/session/${session.id}`}
          className="inline-flex min-h-16 items-center px-4 text-lg font-semibold text-ink-soft hover:text-ink"
        >
          Back to the session
        </Link>
      </div>
    </main>
  );
}
