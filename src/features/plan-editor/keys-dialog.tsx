"use client";

import { KeyList } from "@/ui/key-list";

const KEYS: readonly [keys: string, what: string][] = [
  ["Ctrl K", "Go to anything, do anything"],
  ["← →", "Step back and forth along the stair"],
  ["↑ ↓", "Ramp set: heavier, lighter"],
  ["T", "Ramp set: done up to here, or not"],
  ["L", "Drill: longer"],
  ["K", "Drill: shorter"],
  ["Shift ← →", "Drill: earlier, later"],
  ["P", "Drill: keep, or let go"],
  ["D", "Drill: drop"],
  ["A", "Drill: add one"],
  ["S", "Drill: swap, go to what would do instead"],
  ["W", "Why: go to the reasons"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["1 to 6", "Go to a lift of the session"],
  ["C", "Compare approaches"],
  ["Alt T", "Go to a message that offers a way back"],
  ["?", "This list"],
];

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return <KeyList keys={KEYS} open={open} onOpenChange={onOpenChange} />;
}
