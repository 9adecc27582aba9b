"use client";

import { Plus } from "lucide-react";
import { useState } from "react";
import { useData } from "@/client/data";
import type { Session, SessionEdit } from "@/core/session";
import { counted } from "@/core/units";
import type { NewSessionChoices } from "@/server/sessions/start-session";
import { Button } from "@/ui/button";
import { TickSheet } from "@/ui/tick-sheet-later";

/** Adds athletes of any group to a session, ticked in a list that is searched by typing. */
export function AddPeople({ session, onEdit }: { session: Session; onEdit: (edit: SessionEdit) => void }) {
  const [open, setOpen] = useState(false);
  const { data } = useData<NewSessionChoices>("new-session", { enabled: open });
  const known = new Set(session.participants.map((p) => p.athleteId));
  const free = (data?.athletes ?? []).filter((a) => !known.has(a.id));
  return (
    <div className="mt-2 print:hidden">
      <Button look="bare" className="-ml-3" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        Add people
      </Button>
      <TickSheet
        title="Add people"
        placeholder="Type a name or a group"
        items={free.map(({ id, name, group }) => ({ id, label: name, heading: group, words: group }))}
        ticked={[]}
        action={(count) => (count === 0 ? "Add" : `Add ${counted(count, "athlete")}`)}
        open={open}
        onOpenChange={setOpen}
        onTake={(athleteIds) => onEdit({ kind: "add-participants", athleteIds })}
      />
    </div>
  );
}
