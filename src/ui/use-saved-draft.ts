"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { SaveOutcome } from "@/core/result";

/** How long a failed save waits before it is tried again. Milliseconds. */
const RETRY_MS = 2000;
const MOST_UNDO = 200;

export type SaveState<T> =
  | Exclude<SaveOutcome<T>, { kind: "saved" }>
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "retrying" };

interface History<T> {
  past: T[];
  present: T;
  future: T[];
}

/**
 * A draft of anything with undo and redo, saved after every change. One save runs at a time and carries the revision
 * it was made from, so a change made in another window is never written over unseen. What another window has saved
 * meanwhile is taken up whenever this one comes to the front, unless something here is not saved yet.
 *
 * @param store writes a draft that was made from a revision.
 * @param load reads what is stored now; null if it is no longer there. Both stay the same function from call to call.
 */
export function useSavedDraft<T>(
  opened: { revision: number; draft: T },
  store: (revision: number, draft: T) => Promise<SaveOutcome<T>>,
  load: () => Promise<{ revision: number; draft: T } | null>,
) {
  const [history, setHistory] = useState<History<T>>({ past: [], present: opened.draft, future: [] });
  const [preview, setPreview] = useState<{ draft: T } | null>(null);
  const [save, setSave] = useState<SaveState<T>>({ kind: "saved" });
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
        const outcome = await store(revision.current, draft);
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
  }, [store]);

  useEffect(() => {
    wanted.current = history.present;
    if (!conflict.current) void flush();
  }, [history.present, flush]);

  useEffect(() => {
    // Going back shows a page as it was left, so it looks once when it opens too.
    const look = async () => {
      const now = document.visibilityState === "visible" ? await load().catch(() => null) : null;
      const isUnsaved = running.current || wanted.current !== stored.current;
      if (!now || now.revision <= revision.current || isUnsaved) return;
      revision.current = now.revision;
      stored.current = now.draft;
      wanted.current = now.draft;
      setHistory({ past: [], present: now.draft, future: [] });
    };
    void look();
    window.addEventListener("focus", look);
    document.addEventListener("visibilitychange", look);
    return () => {
      window.removeEventListener("focus", look);
      document.removeEventListener("visibilitychange", look);
    };
  }, [load]);

  const unsaved = save.kind !== "saved";
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [unsaved]);

  const change = useCallback((to: (draft: T) => T) => {
    setPreview(null);
    setHistory((h) => ({
      past: [...h.past, h.present].slice(-MOST_UNDO),
      present: to(h.present),
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

  /** Shows what a change would give without making it, for dragging; null ends it. */
  const tryOut = useCallback(
    (to: ((draft: T) => T) | null) => setPreview(to && { draft: to(history.present) }),
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
        const { draft } = save;
        change(() => draft);
        setSave({ kind: "saved" });
      } else {
        void flush();
      }
    },
    [save, change, flush],
  );

  return useMemo(
    () => ({
      draft: preview?.draft ?? history.present,
      canUndo: history.past.length > 0,
      canRedo: history.future.length > 0,
      save,
      change,
      undo,
      redo,
      tryOut,
      settle,
    }),
    [preview, history, save, change, undo, redo, tryOut, settle],
  );
}

export type SavedDraft<T> = ReturnType<typeof useSavedDraft<T>>;
