"use client";

import type { SavedDraft } from "@/client/use-saved-draft";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { SaveSign, UndoButtons } from "./save-sign";
import { SiteHeader } from "./site-header";

/** The head of a page that is saved as it is changed, with undo and redo by button and key. */
export function SavedHeader({
  at,
  state,
}: {
  at: Parameters<typeof SiteHeader>[0]["at"];
  state: Omit<SavedDraft<unknown>, "draft" | "change" | "tryOut">;
}) {
  useUndoKeys(state);
  return (
    <SiteHeader at={at}>
      <SaveSign state={state} />
      <span className="flex">
        <UndoButtons state={state} />
      </span>
    </SiteHeader>
  );
}
