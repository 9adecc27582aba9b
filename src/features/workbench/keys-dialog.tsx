"use client";

import { Button } from "@/ui/button";
import { Sheet, SheetClose } from "@/ui/sheet";

const KEYS: readonly [keys: string, what: string][] = [
  ["← →", "Step back and forth along the stair"],
  ["↑ ↓", "Ramp set: heavier, lighter"],
  ["T", "Ramp set: done up to here, or not"],
  ["L", "Drill: longer"],
  ["K", "Drill: shorter"],
  ["Shift ← →", "Drill: earlier, later"],
  ["P", "Drill: keep, or let go"],
  ["D", "Drill: drop"],
  ["S", "Drill: swap, go to what would do instead"],
  ["W", "Why: go to the reasons"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["1 to 6", "Go to a lift of the session"],
  ["C", "Compare approaches"],
  ["?", "This list"],
];

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Sheet title="Keys" open={open} onOpenChange={onOpenChange} className="w-[26rem]">
      <dl className="grid grid-cols-[7rem_1fr] gap-y-1.5">
        {KEYS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="condensed font-bold">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <SheetClose asChild>
        <Button className="mt-5">Close</Button>
      </SheetClose>
    </Sheet>
  );
}
