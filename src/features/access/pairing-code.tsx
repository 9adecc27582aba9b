"use client";

import QRCode from "qrcode";
import { useEffect, useState } from "react";
import { answered } from "@/client/use-ask";
import { formatClock } from "@/core/units";
import { showCodeAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { ROLE_SAYS } from "./role-words";

interface Shown {
  code: string;
  until: number;
  /** An SVG of the address with the code in it. */
  qr: string;
  address: string;
}

/** Asks for whom a device is, and shows the code that lets it in. */
export function PairingCode({
  athletes,
  onDone,
}: {
  athletes: readonly { id: string; name: string; group: string }[];
  onDone: () => void;
}) {
  const [who, setWho] = useState("coach");
  const [shown, setShown] = useState<Shown | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const show = async () => {
    setProblem(null);
    const asked =
      who === "coach" || who === "assistant" ? { role: who } : { role: "athlete" as const, athleteId: who };
    const outcome = await answered(showCodeAction(asked as Parameters<typeof showCodeAction>[0]));
    if (outcome.kind === "refused") return setProblem(outcome.message);
    const address = outcome.address ?? `${window.location.origin}/pair`;
    const qr = await QRCode.toString(`${address}?code=${outcome.code}`, { type: "svg", margin: 0 });
    setShown({ code: outcome.code, until: outcome.until, qr, address });
  };
  if (shown) return <Code shown={shown} onAgain={() => setShown(null)} onDone={onDone} />;
  const groups = [...new Set(athletes.map((a) => a.group))];
  return (
    <form
      className="space-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        void show();
      }}
    >
      <Field label="Who uses it" error={problem}>
        <select value={who} onChange={(e) => setWho(e.target.value)}>
          <option value="coach">A coach: {ROLE_SAYS.coach.toLowerCase()}</option>
          <option value="assistant">An assistant: {ROLE_SAYS.assistant.toLowerCase()}</option>
          {groups.map((group) => (
            <optgroup key={group} label={group}>
              {athletes
                .filter((a) => a.group === group)
                .map((a) => (
                  <option key={a.id} value={a.id}>
                    {a.name}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
      </Field>
      <p className="text-ink-soft">An athlete's phone shows {ROLE_SAYS.athlete.toLowerCase()}</p>
      <Button type="submit" look="main">
        Show a code
      </Button>
    </form>
  );
}

function Code({ shown, onAgain, onDone }: { shown: Shown; onAgain: () => void; onDone: () => void }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  const left = Math.max(0, Math.ceil((shown.until - now) / 1000));
  const { code, qr, address } = shown;
  return (
    <div>
      <div className="flex items-center gap-6">
        <span
          role="img"
          aria-label="Code to scan with the device"
          className="block size-36 shrink-0 bg-white p-2"
          // biome-ignore lint/security/noDangerouslySetInnerHtml: the code's own picture, made here
          dangerouslySetInnerHTML={{ __html: qr }}
        />
        <div>
          <p className="text-ink-soft">Scan it, or open</p>
          <p className="font-semibold break-all">{address}</p>
          <p className="mt-2 text-[2.5rem] leading-none font-extrabold tracking-[0.12em] tabular-nums">
            {code.slice(0, 3)} {code.slice(3)}
          </p>
          <p className="mt-2 text-ink-soft">
            {left > 0 ? `Works once, for ${formatClock(left)} min.` : "This code has ended."}
          </p>
        </div>
      </div>
      <p className="mt-4 text-ink-soft">
        A program sends it to <span className="font-semibold">/api/pair</span> and gets a token.
      </p>
      <div className="mt-5 flex gap-3">
        <Button look="main" onClick={onDone}>
          Done
        </Button>
        <Button onClick={onAgain}>Another device</Button>
      </div>
    </div>
  );
}
