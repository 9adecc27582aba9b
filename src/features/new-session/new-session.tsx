"use client";

import { Plus } from "lucide-react";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useOfferActions } from "@/client/palette-actions";
import { Button } from "@/ui/button";
import { Sheet } from "@/ui/sheet";

const NewSessionForm = dynamic(() => import("./new-session-form").then((m) => m.NewSessionForm), {
  ssr: false,
});

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

/** Makes a session in a few steps: who is enough, everything else is as last time until it is changed. */
export function NewSessionSheet({
  open,
  onOpenChange,
  ...at
}: {
  day: string;
  /** Of the first working set; null: as last time. */
  time: string | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet title="New session" open={open} onOpenChange={onOpenChange} className="w-[34rem]">
      <NewSessionForm {...at} />
    </Sheet>
  );
}
