"use client";

import { DropdownMenu } from "radix-ui";
import type { ComponentProps, ReactNode } from "react";

/** What opens under a button and lists what it can do. Stands inside a DropdownMenu.Root, after its trigger. */
export function MenuContent({
  children,
  align = "end",
}: {
  children: ReactNode;
  /** Which edges of the two are in line. */
  align?: "start" | "end";
}) {
  return (
    <DropdownMenu.Portal>
      <DropdownMenu.Content
        align={align}
        sideOffset={6}
        className="z-50 min-w-56 rounded-sm border border-ink bg-field p-1 shadow-sheet"
      >
        {children}
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  );
}

/** One thing of a menu. */
export function MenuItem({
  onSelect,
  children,
}: Pick<ComponentProps<typeof DropdownMenu.Item>, "onSelect" | "children">) {
  return (
    <DropdownMenu.Item
      className="flex min-h-9 cursor-pointer items-center gap-2.5 rounded-xs px-2.5 outline-none data-[highlighted]:bg-chalk-deep"
      onSelect={onSelect}
    >
      {children}
    </DropdownMenu.Item>
  );
}
