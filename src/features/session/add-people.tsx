"use client";

import { Command } from "cmdk";
import { Plus } from "lucide-react";
import { useState } from "react";
import { newSessionChoicesAction } from "@/app/actions";
import type { Session, SessionEdit } from "@/core/session";
import type { NewSessionChoices } from "@/server/start-session";
import { Button } from "@/ui/button";
import { Sheet, SheetClose } from "@/ui/sheet";

/** Adds athletes to a session, found by typing. */
export function AddPeople({ session, onEdit }: { session: Session; onEdit: (edit: SessionEdit) => void }) {
  const [open, setOpen] = useState(false);
  const [athletes, setAthletes] = useState<NewSessionChoices["athletes"]>([]);
  const known = new Set(session.participants.map((p) => p.athleteId));
  const free = athletes.filter((a) => !known.has(a.id));
  const groups = [...new Set(free.map((a) => a.group))];
  const add = (athleteIds: readonly string[]) => onEdit({ kind: "add-participants", athleteIds });
  return (
    <div className="mt-2 print:hidden">
      <Button
        look="bare"
        className="-ml-3"
        onClick={async () => {
          setOpen(true);
          setAthletes((await newSessionChoicesAction()).athletes);
        }}
      >
        <Plus aria-hidden className="size-4" />
        Add people
      </Button>
      <Sheet title="Add people" open={open} onOpenChange={setOpen} className="w-[24rem]">
        <Command label="Add people">
          <Command.Input
            placeholder="Type a name or a group"
            className="min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm"
          />
          <Command.List className="mt-2 max-h-80 overflow-y-auto">
            <Command.Empty className="py-3 text-ink-soft">Nobody else is called that.</Command.Empty>
            {groups.map((group) => {
              const people = free.filter((a) => a.group === group);
              return (
                <Command.Group
                  key={group}
                  heading={group}
                  className="[&_[cmdk-group-heading]]:condensed [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-ink-faint"
                >
                  {people.length > 1 && (
                    <Command.Item
                      value={`${group} everybody`}
                      onSelect={() => add(people.map((a) => a.id))}
                      className={ITEM}
                    >
                      All {people.length} of {group}
                    </Command.Item>
                  )}
                  {people.map((a) => (
                    <Command.Item
                      key={a.id}
                      value={`${a.name} ${group} ${a.id}`}
                      onSelect={() => add([a.id])}
                      className={ITEM}
                    >
                      {a.name}
                    </Command.Item>
                  ))}
                </Command.Group>
              );
            })}
          </Command.List>
        </Command>
        <SheetClose asChild>
          <Button className="mt-4">Done</Button>
        </SheetClose>
      </Sheet>
    </div>
  );
}

const ITEM =
  "flex min-h-8 cursor-pointer items-center rounded-xs px-2 font-medium data-[selected=true]:bg-chalk-deep";
