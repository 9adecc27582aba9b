"use client";

import { Command } from "cmdk";
import { Check } from "lucide-react";
import { useMemo, useState } from "react";
import { type Entry, findEntries } from "./find-entries";
import { Sheet, SheetButtons } from "./sheet";

/** Before a heading: all under it. */
const ALL = "all of ";

const HEADED =
  "[&_[cmdk-group-heading]]:condensed [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-ink-faint";

/** Things to tick in a long list, one by one or all under a heading, found by typing. */
export function TickSheet({
  open,
  onOpenChange,
  title,
  ...list
}: TickListProps & { title: string; open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Sheet title={title} open={open} onOpenChange={onOpenChange} className="w-[30rem]">
      <TickList
        {...list}
        title={title}
        onTake={(ids) => {
          list.onTake(ids);
          onOpenChange(false);
        }}
        onQuick={(id) => {
          list.onQuick?.(id);
          onOpenChange(false);
        }}
      />
    </Sheet>
  );
}

interface TickListProps {
  placeholder: string;
  items: readonly Entry[];
  /** What is ticked to begin with. */
  ticked: readonly string[];
  /** What the button says, by how many are ticked. */
  action: (count: number) => string;
  /** Things that are taken at once instead of ticking others; they stand first. */
  quick?: readonly Entry[];
  onQuick?: (id: string) => void;
  /** Whether nothing at all may be ticked. */
  mayBeNone?: boolean;
  onTake: (ids: string[]) => void;
}

function TickList({
  placeholder,
  items,
  ticked,
  action,
  mayBeNone = false,
  quick = [],
  onQuick,
  onTake,
  title,
}: TickListProps & { title: string }) {
  const [search, setSearch] = useState("");
  const [on, setOn] = useState<ReadonlySet<string>>(() => new Set(ticked));
  const found = useMemo(() => findEntries(items, search), [items, search]);
  const foundQuick = useMemo(() => findEntries(quick, search), [quick, search]);
  const toggle = (ids: readonly string[]) =>
    setOn((before) => {
      const isAll = ids.every((id) => before.has(id));
      const next = new Set(before);
      for (const id of ids) {
        if (isAll) next.delete(id);
        else next.add(id);
      }
      return next;
    });
  const row = (id: string, label: string, isOn: boolean, ids: readonly string[], note?: string) => (
    <Command.Item
      key={id}
      value={id}
      aria-checked={isOn}
      onSelect={() => toggle(ids)}
      className="flex min-h-8 cursor-pointer items-center gap-3 rounded-xs px-2 font-medium data-[selected=true]:bg-chalk-deep"
    >
      <span
        aria-hidden
        className={`inline-flex size-5 shrink-0 items-center justify-center rounded-xs border ${isOn ? "border-ink bg-ink text-chalk" : "border-line-strong bg-field"}`}
      >
        {isOn && <Check className="size-3.5" />}
      </span>
      <span className="min-w-0 flex-1 truncate">
        {label}
        {isOn && <span className="sr-only">, selected</span>}
      </span>
      {note && <span className="condensed shrink-0 text-xs text-ink-soft">{note}</span>}
    </Command.Item>
  );
  const taken = items.filter((i) => on.has(i.id)).map((i) => i.id);
  return (
    <>
      <Command label={title} shouldFilter={false}>
        <Command.Input
          value={search}
          onValueChange={setSearch}
          placeholder={placeholder}
          className="min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm"
        />
        <Command.List className="mt-2 h-[min(20rem,50dvh)] overflow-y-auto">
          <Command.Empty className="py-3 text-ink-soft">Nobody found.</Command.Empty>
          {foundQuick.map(({ heading, entries }) => (
            <Command.Group key={heading} heading={heading} className={HEADED}>
              {entries.map((e) => (
                <Command.Item
                  key={e.id}
                  value={`quick ${e.id}`}
                  onSelect={() => onQuick?.(e.id)}
                  className="flex min-h-8 cursor-pointer items-center gap-3 rounded-xs px-2 font-bold data-[selected=true]:bg-chalk-deep"
                >
                  <span className="min-w-0 flex-1 truncate">{e.label}</span>
                  {e.note && <span className="condensed shrink-0 text-xs text-ink-soft">{e.note}</span>}
                </Command.Item>
              ))}
            </Command.Group>
          ))}
          {found.map(({ heading, entries }) => {
            const ids = entries.map((e) => e.id);
            return (
              <Command.Group key={heading} heading={heading} className={HEADED}>
                {ids.length > 1 &&
                  row(
                    ALL + heading,
                    `All ${ids.length} of ${heading}`,
                    ids.every((id) => on.has(id)),
                    ids,
                  )}
                {entries.map((e) => row(e.id, e.label, on.has(e.id), [e.id], e.note))}
              </Command.Group>
            );
          })}
        </Command.List>
      </Command>
      <p role="status" className="mt-2 text-ink-soft">
        {taken.length} selected
      </p>
      <SheetButtons
        action={action(taken.length)}
        disabled={taken.length === 0 && !mayBeNone}
        onAct={() => onTake(taken)}
      />
    </>
  );
}
