"use client";

import { CircleAlert, CloudCheck, CloudUpload, Redo2, Undo2 } from "lucide-react";
import { type DraftControls, useSaveState } from "@/client/use-saved-draft";
import { Button, IconButton } from "@/ui/button";

/** Undo and redo of one's own changes. */
export function UndoButtons({ controls }: { controls: DraftControls }) {
  const { canUndo, canRedo, undo, redo } = controls;
  return (
    <>
      <IconButton label="Undo" keys="Ctrl Z" disabled={!canUndo} onClick={undo}>
        <Undo2 aria-hidden className="size-4" />
      </IconButton>
      <IconButton label="Redo" keys="Ctrl Shift Z" disabled={!canRedo} onClick={redo}>
        <Redo2 aria-hidden className="size-4" />
      </IconButton>
    </>
  );
}

/** Whether what is on the screen is saved; if another window has saved since, what to do about it. */
export function SaveSign({ controls: { saver, settle } }: { controls: DraftControls }) {
  const save = useSaveState(saver);
  if (save.kind === "changed-elsewhere") {
    return (
      <span role="alert" className="flex items-center gap-2">
        <span className="font-semibold text-ember">Edited somewhere else.</span>
        <Button onClick={() => settle("theirs")}>Use theirs</Button>
        <Button onClick={() => settle("mine")}>Keep mine</Button>
      </span>
    );
  }
  const signs = {
    saved: { icon: CloudCheck, words: "Saved" },
    saving: { icon: CloudUpload, words: "Saving" },
    retrying: { icon: CircleAlert, words: "Not saved yet: no answer from the server, trying again" },
    refused: { icon: CircleAlert, words: save.kind === "refused" ? `Not saved. ${save.message}` : "" },
  };
  const { icon: Icon, words } = signs[save.kind];
  const bad = save.kind === "retrying" || save.kind === "refused";
  return (
    <span
      role="status"
      className={`flex items-center gap-1.5 ${bad ? "font-semibold text-ember" : "text-ink-faint"}`}
    >
      <Icon aria-hidden className="size-4" />
      {words}
    </span>
  );
}
