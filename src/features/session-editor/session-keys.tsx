"use client";

import { KeyList } from "@/ui/key-list";

const KEYS: readonly [keys: string, what: string][] = [
  ["Ctrl K", "Search or jump to…"],
  ["Tab", "From field to field"],
  ["↑ ↓", "In a number: more, less"],
  ["Space", "On a drill's handle: pick it up, ↑ ↓ to move it, Space to drop it"],
  ["A", "Add a shared drill"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["Alt T", "Go to a message with Undo"],
  ["?", "This list"],
];

export function SessionKeys({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return <KeyList keys={KEYS} open={open} onOpenChange={onOpenChange} />;
}
