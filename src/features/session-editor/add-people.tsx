"use client";

import { Plus } from "lucide-react";
import { useState } from "react";
import { useData } from "@/client/data";
import type { Session, SessionEdit } from "@/core/session";
import type { NewSessionChoices } from "@/server/sessions/start-session";
import { Button } from "@/ui/button";
import type { PickItem } from "@/ui/pick-sheet";
import { PickSheet } from "@/ui/pick-sheet-later";

/** Adds athletes to a session, one by one or all of a group, found by typing. */
export function AddPeople({ session, onEdit }: { session: Session; onEdit: (edit: SessionEdit) => void }) {
  const [open, setOpen] = useState(false);
  const { data } = useData<NewSessionChoices>("new-session", { enabled: open });
  const athletes = data?.athletes ?? [];
  const known = new Set(session.participants.map((p) => p.athleteId));
  const free = athletes.filter((a) => !known.has(a.id));
  const items = [...new Set(free.map((a) => a.group))].flatMap((group): PickItem[] => {
    const people = free.filter((a) => a.group === group);
    const all = { id: ALL + group, label: `All ${people.length} of ${group}`, heading: group };
    const each = people.map(({ id, name }) => ({
      id,
      label: name,
      heading: group,
      words: group,
    }));
    return people.length > 1 ? [all, ...each] : each;
  });
  const idsOf = (picked: string) =>
    picked.startsWith(ALL) ? free.filter((a) => ALL + a.group === picked).map((a) => a.id) : [picked];
  return (
    <div className="mt-2 print:hidden">
      <Button look="bare" className="-ml-3" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        Add people
      </Button>
      <PickSheet
        title="Add people"
        placeholder="Type a name or a group"
        nothing="Nobody found."
        items={items}
        open={open}
        onOpenChange={setOpen}
        onPick={(picked) => onEdit({ kind: "add-participants", athleteIds: idsOf(picked) })}
      />
    </div>
  );
}

/** Before a group's name: everybody in it. */
const ALL = "all of ";
