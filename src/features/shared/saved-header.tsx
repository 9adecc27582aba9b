"use client";

import type { DraftControls } from "@/client/use-saved-draft";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { SaveSign, UndoButtons } from "./save-sign";
import { SiteHeader } from "./site-header";

/** The head of a page that is saved as it is changed, with undo and redo by button and key. */
export function SavedHeader({
  at,
  controls,
}: {
  at: Parameters<typeof SiteHeader>[0]["at"];
  controls: DraftControls;
}) {
  useUndoKeys(controls);
  return (
    <SiteHeader at={at}>
      <SaveSign controls={controls} />
      <span className="flex">
        <UndoButtons controls={controls} />
      </span>
    </SiteHeader>
  );
}
