"use client";

import { useHotkeys } from "react-hotkeys-hook";
import { Button } from "./button";
import { Sheet, SheetClose } from "./sheet";

/** The keys of a page; `?` opens it. */
export function KeyList({
  keys,
  open,
  onOpenChange,
}: {
  keys: readonly (readonly [keys: string, what: string])[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  useHotkeys("shift+?, ?", () => onOpenChange(true), { preventDefault: true, useKey: true });
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
