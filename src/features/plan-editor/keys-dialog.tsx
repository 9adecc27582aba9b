"use client";

import { KeyList } from "@/ui/key-list";

const KEYS: readonly [keys: string, what: string][] = [
  ["Ctrl K", "Search or jump to…"],
  ["← →", "Move along the stair"],
  ["↑ ↓", "Ramp set: heavier, lighter"],
  ["T", "Ramp set: done up to here, or not"],
  ["L", "Drill: longer"],
  ["K", "Drill: shorter"],
  ["Shift ← →", "Drill: earlier, later"],
  ["G", "Drill: superset with the next, or into its circuit"],
  ["Shift G", "Drill: out of its superset or circuit"],
  ["P", "Drill: pin or unpin"],
  ["D", "Drill: drop"],
  ["A", "Drill: add one"],
  ["E", "Test: add one"],
  ["S", "Drill: swap, go to the alternatives"],
  ["W", "Why: go to the reasons"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["1 to 6", "Go to a lift of the session"],
  ["C", "Compare approaches"],
  ["Alt T", "Go to a message with Undo"],
  ["?", "This list"],
];

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return <KeyList keys={KEYS} open={open} onOpenChange={onOpenChange} />;
}
