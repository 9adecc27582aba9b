"use client";

import { Button } from "./button";
import type { KeyLine } from "./key-list";
import { Sheet, SheetClose } from "./sheet";

/** A sheet with keys and what they do. */
export function KeySheet({
  keys,
  open,
  onOpenChange,
}: {
  keys: readonly KeyLine[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet title="Keys" open={open} onOpenChange={onOpenChange} className="w-[26rem]">
      <dl className="grid grid-cols-[7rem_1fr] gap-y-1.5">
        {keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="condensed font-bold">{key}</dt>
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
