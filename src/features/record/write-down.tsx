"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { writeAsPlannedAction } from "@/server/actions/record";
import type { OpenRecord } from "@/server/record/open-record";
import { Button } from "@/ui/button";
import { Toggle } from "@/ui/toggle";

/** A session that was not run on the floor: one tap writes it down as planned, then what was different is put right. */
export function WriteDown({ opened }: { opened: OpenRecord & { kind: "not-written" } }) {
  const router = useRouter();
  const ask = useAsk();
  const [absent, setAbsent] = useState<readonly string[]>([]);
  if (opened.day > opened.today) {
    return (
      <p className="mt-6 text-ink-soft">This session is still to come: nothing can be written down yet.</p>
    );
  }
  if (opened.people.length === 0) return <p className="mt-6 text-ink-soft">Nobody took part.</p>;
  const write = async () => {
    const outcome = await ask(writeAsPlannedAction, { sessionId: opened.id, absent });
    if (outcome.kind === "refused") await toast(outcome.message);
    router.refresh();
  };
  return (
    <>
      <p className="mt-6 max-w-prose text-sm">
        Nothing was written down on the floor. Untick who was not there, and write the session down as
        planned; what was different can be put right afterwards.
      </p>
      <fieldset className="mt-3 grid max-w-3xl gap-x-8 sm:grid-cols-2">
        <legend className="section-title mb-1">Who was there</legend>
        {opened.people.map(({ id, name }) => (
          <div key={id} className="flex min-h-9 items-center border-t border-line">
            <Toggle
              label={name}
              isOn={!absent.includes(id)}
              onChange={(on) => setAbsent(on ? absent.filter((a) => a !== id) : [...absent, id])}
            />
          </div>
        ))}
      </fieldset>
      <Button
        look="main"
        className="mt-4"
        disabled={absent.length === opened.people.length}
        onClick={() => void write()}
      >
        It went as planned
      </Button>
    </>
  );
}
