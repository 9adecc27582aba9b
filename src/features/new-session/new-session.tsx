"use client";

import { Plus } from "lucide-react";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useOfferActions } from "@/client/palette-actions";
import { Button } from "@/ui/button";
import { later } from "@/ui/later";

/** Makes a session in a few steps: who is enough, everything else is as last time until it is changed. */
export const NewSessionSheet = later(() => import("./new-session-form").then((m) => m.NewSessionSheet));

/** The way to a new session from a page of the desk, by its button, by `N` and from the palette. */
export function NewSession({ day }: { day: string }) {
  const [open, setOpen] = useState(false);
  useHotkeys("n", () => setOpen(true), { preventDefault: true });
  useOfferActions(useMemo(() => [{ label: "New session", keys: "N", run: () => setOpen(true) }], []));
  return (
    <>
      <Button look="main" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        New session
      </Button>
      <NewSessionSheet day={day} time={null} open={open} onOpenChange={setOpen} />
    </>
  );
}
