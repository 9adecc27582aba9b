"use client";

import { Dialog } from "radix-ui";
import { Button } from "@/ui/button";

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
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[26rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-sm border border-ink bg-chalk p-6"
        >
          <Dialog.Title className="mb-3 text-lg font-bold tracking-tight">Keys</Dialog.Title>
          <dl className="grid grid-cols-[7rem_1fr] gap-y-1.5">
            {KEYS.map(([keys, what]) => (
              <div key={keys} className="contents">
                <dt className="condensed font-bold">{keys}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close asChild>
            <Button className="mt-5">Close</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
