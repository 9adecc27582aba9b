"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { saveDraftAction } from "@/app/actions";
import { applyEdit, type WarmUpDraft, type WarmUpEdit } from "@/core/warm-up";

/** How long a failed save waits before it is tried again. Milliseconds. */
const RETRY_MS = 2000;
const MOST_UNDO = 200;

export type SaveState =
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "retrying" }
  | { kind: "refused"; message: string }
  | { kind: "changed-elsewhere"; draft: WarmUpDraft; revision: number };

interface History {
  past: WarmUpDraft[];
  present: WarmUpDraft;
  future: WarmUpDraft[];
}

/**
 * The draft of one warm-up with undo and redo, saved after every change. One save runs at a time and carries
 * the revision it was made from, so a change made in another window is never written over unseen.
 */
export function useWarmUp(opened: { id: string; revision: number; draft: WarmUpDraft }) {
  const [history, setHistory] = useState<History>({ past: [], present: opened.draft, future: [] });
  const [preview, setPreview] = useState<WarmUpDraft | null>(null);
  const [save, setSave] = useState<SaveState>({ kind: "saved" });
  const revision = useRef(opened.revision);
  const stored = useRef(opened.draft);
  const wanted = useRef(opened.draft);
  const running = useRef(false);
  /** While another window's change waits for the coach's word, nothing is saved. */
  const conflict = useRef(false);

  const flush = useCallback(async () => {
    if (running.current) return;
    running.current = true;
    try {
      while (wanted.current !== stored.current) {
        const draft = wanted.current;
        setSave({ kind: "saving" });
        const outcome = await saveDraftAction({ id: opened.id, revision: revision.current, draft });
        if (outcome.kind === "saved") {
          revision.current = outcome.revision;
          stored.current = draft;
          setSave({ kind: "saved" });
        } else {
          conflict.current = outcome.kind === "changed-elsewhere";
          setSave(outcome);
          return;
        }
      }
    } catch {
      setSave({ kind: "retrying" });
      setTimeout(() => void flush(), RETRY_MS);
    } finally {
      running.current = false;
    }
  }, [opened.id]);

  useEffect(() => {
    wanted.current = history.present;
    if (!conflict.current) void flush();
  }, [history.present, flush]);

  const unsaved = save.kind !== "saved";
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [unsaved]);

  const replace = useCallback((draft: WarmUpDraft) => {
    setPreview(null);
    setHistory((h) => ({ past: [...h.past, h.present].slice(-MOST_UNDO), present: draft, future: [] }));
  }, []);

  const edit = useCallback((change: WarmUpEdit) => {
    setPreview(null);
    setHistory((h) => ({
      past: [...h.past, h.present].slice(-MOST_UNDO),
      present: applyEdit(h.present, change),
      future: [],
    }));
  }, []);

  const undo = useCallback(() => {
    setHistory((h) => {
      const before = h.past.at(-1);
      return before ? { past: h.past.slice(0, -1), present: before, future: [h.present, ...h.future] } : h;
    });
  }, []);

  const redo = useCallback(() => {
    setHistory((h) => {
      const [after, ...future] = h.future;
      return after ? { past: [...h.past, h.present], present: after, future } : h;
    });
  }, []);

  /** Shows what an edit would give without making it, for dragging; null ends it. */
  const tryOut = useCallback(
    (change: WarmUpEdit | null) => setPreview(change && applyEdit(history.present, change)),
    [history.present],
  );

  /** After a change in another window: take that version (undo brings one's own back) or keep one's own. */
  const settle = useCallback(
    (choice: "theirs" | "mine") => {
      if (save.kind !== "changed-elsewhere") return;
      revision.current = save.revision;
      stored.current = save.draft;
      conflict.current = false;
      if (choice === "theirs") {
        replace(save.draft);
        setSave({ kind: "saved" });
      } else {
        void flush();
      }
    },
    [save, replace, flush],
  );

  return useMemo(
    () => ({
      draft: preview ?? history.present,
      canUndo: history.past.length > 0,
      canRedo: history.future.length > 0,
      save,
      edit,
      undo,
      redo,
      tryOut,
      settle,
    }),
    [preview, history, save, edit, undo, redo, tryOut, settle],
  );
}

export type WarmUpState = ReturnType<typeof useWarmUp>;
