"use client";

import { Command } from "cmdk";
import { type ReactNode, useMemo, useRef, useState } from "react";
import { Button } from "./button";
import { type Entry, findEntries } from "./find-entries";
import { Sheet, SheetClose } from "./sheet";

/** Something to pick from a list. */
export interface PickItem extends Entry {
  /** It is shown, with why in its note, but cannot be picked. */
  isBarred?: boolean;
  picture?: ReactNode;
}

/** Things to pick one after the other from a long list, found by typing. What is picked leaves the list. */
export function PickSheet({
  title,
  placeholder,
  nothing,
  items,
  open,
  onOpenChange,
  onPick,
  filters,
}: {
  title: string;
  placeholder: string;
  /** What is said where nothing is found. */
  nothing: string;
  items: readonly PickItem[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onPick: (id: string) => void;
  /** What narrows the list besides typing; absent: nothing. */
  filters?: ReactNode;
}) {
  return (
    <Sheet title={title} open={open} onOpenChange={onOpenChange} className="w-[32rem]">
      <PickList {...{ title, placeholder, nothing, items, onPick, filters }} />
      <SheetClose asChild>
        <Button className="mt-4">Done</Button>
      </SheetClose>
    </Sheet>
  );
}

function PickList({
  title,
  placeholder,
  nothing,
  items,
  onPick,
  filters,
}: {
  title: string;
  placeholder: string;
  nothing: string;
  items: readonly PickItem[];
  onPick: (id: string) => void;
  filters: ReactNode;
}) {
  const [search, setSearch] = useState("");
  const found = useMemo(() => findEntries(items, search), [items, search]);
  const list = useRef<HTMLDivElement>(null);
  return (
    <Command label={title} shouldFilter={false}>
      <Command.Input
        value={search}
        onValueChange={(text) => {
          setSearch(text);
          // What is found first is seen first.
          list.current?.scrollTo({ top: 0 });
        }}
        placeholder={placeholder}
        className="min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm"
      />
      {filters && (
        // biome-ignore lint/a11y/noStaticElementInteractions: its keys are its own, not the list's
        <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2" onKeyDown={(e) => e.stopPropagation()}>
          {filters}
        </div>
      )}
      <Command.List ref={list} className="mt-2 h-80 overflow-y-auto">
        <Command.Empty className="py-3 text-ink-soft">{nothing}</Command.Empty>
        {found.map(({ heading, entries }) => (
          <Command.Group
            key={heading}
            heading={heading}
            className="[&_[cmdk-group-heading]]:condensed [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-ink-faint"
          >
            {entries.map(({ id, label, note, isBarred, picture }) => (
              <Command.Item
                key={id}
                value={id}
                disabled={isBarred}
                onSelect={() => onPick(id)}
                className="flex min-h-8 cursor-pointer items-center gap-3 rounded-xs px-2 font-medium data-[disabled=true]:cursor-default data-[disabled=true]:text-ink-soft data-[selected=true]:bg-chalk-deep"
              >
                {picture}
                <span className="min-w-0 flex-1 truncate">{label}</span>
                {note && (
                  <span className="condensed max-w-[55%] shrink-0 truncate text-xs text-ink-soft">
                    {note}
                  </span>
                )}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}
