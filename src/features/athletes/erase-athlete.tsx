"use client";

import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { eraseAthleteAction } from "@/server/actions/athletes";
import { Button } from "@/ui/button";
import { NameDialog } from "@/ui/name-dialog-later";

const LINK = "font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember";

/** Takes out everything of an athlete, or erases it for good, once the name has been typed. */
export function EraseAthlete({ athlete }: { athlete: { id: string; name: string } }) {
  const router = useRouter();
  const ask = useAsk();
  const [open, setOpen] = useState(false);
  const home = useRef<HTMLDivElement>(null);
  return (
    <section aria-label="Take out or erase" ref={home} tabIndex={-1} className="border-t border-line pt-4">
      <p className="mb-3 flex flex-wrap gap-x-5">
        <span className="text-ink-soft">Everything of {athlete.name}, for them:</span>
        <a href={`/athletes/${athlete.id}/data.json`} download className={LINK}>
          JSON
        </a>
        <a href={`/athletes/${athlete.id}/report.pdf?period=all`} className={LINK}>
          Report as PDF
        </a>
      </p>
      <p className="mb-2 max-w-prose text-2xs text-ink-soft">
        Archive somebody who may come back. Erasing takes away everything that is stored: profile, tests,
        sessions, notes. It cannot be undone; backups made before still have it.
      </p>
      <Button onClick={() => setOpen(true)}>Erase {athlete.name}</Button>
      <NameDialog
        title={`Erase ${athlete.name}`}
        label="Type the name to erase"
        name=""
        note="Everything that is stored of this athlete goes, for good."
        action="Erase for good"
        open={open}
        home={home}
        onClose={() => setOpen(false)}
        onTake={async (name) => {
          const outcome = await ask(eraseAthleteAction, { athleteId: athlete.id, name });
          if (outcome.kind === "refused") return outcome.message;
          await toast(`Erased: ${outcome.name}`);
          router.push("/athletes");
          return null;
        }}
      />
    </section>
  );
}
