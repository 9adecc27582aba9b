"use client";

import { useState } from "react";
import type { Feels } from "@/core/follow-up";
import type { FollowUp } from "@/server/follow-ups/follow-ups";
import { FeelsQuestion, MOMENT_WORDS } from "./feels-question";

/** What an athlete is asked on the phone about what hurt in the session. */
export function PhoneFollowUps({ token, followUps }: { token: string; followUps: readonly FollowUp[] }) {
  const [answered, setAnswered] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const open = followUps.filter((f) => !answered.includes(f.about));
  const answer = async ({ about, moment }: FollowUp, feels: Feels, level: number) => {
    setProblem(null);
    const sent = await fetch(`/card/${token}/follow-up`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ about, moment, feels, level }),
    }).catch(() => null);
    if (sent?.ok) setAnswered((all) => [...all, about]);
    else setProblem("It was not sent. Try again when you are connected.");
  };
  if (followUps.length === 0) return null;
  return (
    <section aria-label="How is it now" className="mx-auto max-w-lg space-y-4 px-4 pt-5 text-base">
      <h2 className="text-xl font-bold tracking-tight">
        {open.length === 0 ? "Thank you: your coach has it." : "How is it now?"}
      </h2>
      {open.map((f) => (
        <div key={f.about}>
          <p className="mb-2 font-semibold">
            {f.name}, {MOMENT_WORDS[f.moment!]}
          </p>
          <FeelsQuestion name={f.name} large onAnswer={(feels, level) => void answer(f, feels, level)} />
        </div>
      ))}
      {problem && (
        <p role="alert" className="border-l-4 border-ember pl-3">
          {problem}
        </p>
      )}
      <p className="text-sm text-ink-soft">
        Pain that lasts, rises or is sharp, numbness or swelling: see a licensed clinician.
      </p>
    </section>
  );
}
