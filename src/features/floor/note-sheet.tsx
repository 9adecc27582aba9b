"use client";

import { useId, useState } from "react";
import type { FloorAthlete } from "@/core/floor";
import { Sheet, SheetClose } from "@/ui/sheet";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

/** Something to remember about one athlete, in a line or two. */
export function NoteSheet({
  athlete,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const id = useId();
  const act = useAct();
  const [text, setText] = useState("");
  const keep = () => {
    act(`Noted for ${athlete.name}`, [{ athlete: athlete.id, what: { kind: "note", text: text.trim() } }]);
    setText("");
    onOpenChange(false);
  };
  return (
    <Sheet title={`Note: ${athlete.name}`} open={open} onOpenChange={onOpenChange} className="w-[32rem]">
      <label htmlFor={id} className="sr-only">
        Note
      </label>
      <textarea
        id={id}
        value={text}
        maxLength={500}
        rows={3}
        onChange={(e) => setText(e.target.value)}
        className="w-full rounded-sm border border-line-strong bg-field p-3 text-base"
      />
      <div className="mt-3 flex gap-2">
        <FloorButton look="main" className="flex-1" disabled={text.trim() === ""} onClick={keep}>
          Note
        </FloorButton>
        <SheetClose asChild>
          <FloorButton>Cancel</FloorButton>
        </SheetClose>
      </div>
    </Sheet>
  );
}
