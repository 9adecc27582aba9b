"use client";

import { KeyList } from "@/ui/key-list";

const KEYS: readonly [keys: string, what: string][] = [
  ["Ctrl K", "Go to anything, do anything"],
  ["Tab", "From field to field"],
  ["↑ ↓", "In a number: more, less"],
  ["Space", "On a drill's handle: take it, then ↑ ↓ to move it, Space to put it down"],
  ["A", "Add a drill that all do"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["Alt T", "Go to a message that offers a way back"],
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
