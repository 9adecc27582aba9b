"use client";

import { Plus } from "lucide-react";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Button } from "@/ui/button";
import { later } from "@/ui/later";
import type { AddDrillProps } from "./add-drill-sheet";

const AddDrillSheet = later(() => import("./add-drill-sheet").then((m) => m.AddDrillSheet));

/** Puts in any drill of the library that the coach wants, found by typing; a key opens the list. */
export function AddDrill({ hotkey = "a", ...props }: AddDrillProps & { hotkey?: string }) {
  const [open, setOpen] = useState(false);
  useHotkeys(hotkey, () => setOpen(true), { preventDefault: true });
  return (
    <>
      <Button look="bare" className="-ml-3" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        {props.title ?? "Add a drill"}
      </Button>
      <AddDrillSheet {...props} open={open} onOpenChange={setOpen} />
    </>
  );
}
