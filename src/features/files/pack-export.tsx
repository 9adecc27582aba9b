"use client";

import { PackageOpen } from "lucide-react";
import { useState } from "react";
import type { PackItem } from "@/server/files/pack";
import { Button } from "@/ui/button";
import { TickSheet } from "@/ui/tick-sheet-later";

const HEADINGS: Record<PackItem["kind"], string> = {
  drill: "Drills",
  lift: "Lifts",
  approach: "Approaches",
  template: "Templates",
  film: "Films",
};

/** Gives chosen drills, lifts, approaches and templates to another gym, as one small file. */
export function PackExport({ items }: { items: readonly PackItem[] }) {
  const [open, setOpen] = useState(false);
  const kinds = Object.keys(HEADINGS);
  const sorted = items.toSorted((a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind));
  const download = (ids: readonly string[]) => {
    const link = document.createElement("a");
    link.href = `/export/pack.json?of=${ids.map(encodeURIComponent).join(",")}`;
    link.download = "pack.json";
    link.click();
  };
  return (
    <>
      <h2 className="section-title mt-10 mb-1">Pack for another gym</h2>
      <div className="border-t border-line pt-2.5">
        <p className="mb-2 text-ink-soft">
          Drills, lifts, approaches and templates of your own as one small file, without people. Another gym
          imports it like a backup, and sees first what is new and what it replaces.
        </p>
        <Button disabled={items.length === 0} onClick={() => setOpen(true)}>
          <PackageOpen aria-hidden className="size-4" />
          Make a pack
        </Button>
        {items.length === 0 && (
          <p className="mt-2 text-ink-soft">
            Nothing of your own yet: make a version of a drill or save a template.
          </p>
        )}
      </div>
      <TickSheet
        title="Make a pack"
        placeholder="Type a name"
        items={sorted.map(({ id, kind, name }) => ({ id, label: name, heading: HEADINGS[kind] }))}
        ticked={[]}
        action={() => "Download"}
        open={open}
        onOpenChange={setOpen}
        onTake={download}
      />
    </>
  );
}
