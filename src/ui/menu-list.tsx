"use client";

import { DropdownMenu } from "radix-ui";
import { IconButton } from "./button";
import type { MenuProps } from "./menu";
import type { TakesOver } from "./stand-in";

/** What a menu lists, with the button that opens it. */
export function MenuList({
  label,
  Icon,
  entries,
  align = "end",
  className,
  ref,
  startsOpen,
  hasFocus,
}: MenuProps & TakesOver) {
  return (
    <DropdownMenu.Root defaultOpen={startsOpen}>
      <DropdownMenu.Trigger asChild>
        <IconButton {...{ label, className, ref }} autoFocus={hasFocus} disabled={entries.length === 0}>
          <Icon aria-hidden className="size-4" />
        </IconButton>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={6}
          className="z-50 min-w-56 rounded-sm border border-ink bg-field p-1 shadow-sheet"
        >
          {entries.map((entry, i) =>
            entry === "line" ? (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have nothing else to be told apart by
              <DropdownMenu.Separator key={i} className="my-1 h-px bg-line" />
            ) : (
              <DropdownMenu.Item
                key={entry.label}
                className="flex min-h-9 cursor-pointer items-center gap-2.5 rounded-xs px-2.5 outline-none data-[highlighted]:bg-chalk-deep"
                onSelect={entry.onSelect}
              >
                {entry.Icon && <entry.Icon aria-hidden className="size-4 text-ink-soft" />}
                {entry.label}
                {entry.note && <span className="condensed ml-auto pl-2 text-ink-faint">{entry.note}</span>}
              </DropdownMenu.Item>
            ),
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
