"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { SaveOutcome } from "@/core/result";

/** How long a failed save waits before it is tried again. Milliseconds. */
const RETRY_MS = 2000;
const MOST_UNDO = 200;
/** How often a window that is looked at asks what others have saved. Milliseconds. */
const LOOK_EVERY_MS = 4000;
/** Changes that can still be undone after the page was left or loaded again. */
const MOST_KEPT = 40;

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

/** What is kept of a history while the page is away, with the revision that it belongs to. */
interface KeptHistory<T> extends History<T> {
  revision: number;
}

function keepHistory<T>(name: string, revision: number, { past, present, future }: History<T>): void {
  const kept: KeptHistory<T> = {
    revision,
    present,
    past: past.slice(-MOST_KEPT),
    future: future.slice(0, MOST_KEPT),
  };
  try {
    sessionStorage.setItem(name, JSON.stringify(kept));
  } catch {
    // No room, or none allowed: undo then ends with the page.
    sessionStorage.removeItem(name);
  }
}

/** The history of what is shown, if it was kept and nothing has been saved elsewhere since. */
function keptHistory<T>(name: string, revision: number, draft: T): History<T> | null {
  const text = sessionStorage.getItem(name);
  if (!text) return null;
  const kept = JSON.parse(text) as KeptHistory<T>;
  if (kept.past.length + kept.future.length === 0) return null;
  const isSame = kept.revision === revision && JSON.stringify(kept.present) === JSON.stringify(draft);
  return isSame ? { past: kept.past, present: draft, future: kept.future } : null;
}

/**
 * A draft of anything with undo and redo, saved after every change. One save runs at a time and carries the revision
 * it was made from, so a change made in another window is never written over unseen. What another window has saved
 * is taken up at once in the same browser and within seconds in another, unless something here is not saved yet.
 * Undo outlives the page: its history is kept in the window for as long as nobody else has saved since.
 *
 * @param store writes a draft that was made from a revision.
 * @param load reads what is stored now; null if it is no longer there. Both stay the same function from call to call.
 * @param name what the draft is, the same in every window.
 */
export function useSavedDraft<T>(
  opened: { revision: number; draft: T },
  store: (revision: number, draft: T) => Promise<SaveOutcome<T>>,
  load: () => Promise<{ revision: number; draft: T } | null>,
  name: string,
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
  const others = useRef<BroadcastChannel | null>(null);

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
          others.current?.postMessage(outcome.revision);
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
    const kept = keptHistory(name, revision.current, stored.current);
    if (kept) setHistory((h) => (h.present === stored.current ? kept : h));
  }, [name]);

  useEffect(() => {
    if (save.kind === "saved") keepHistory(name, revision.current, history);
  }, [name, history, save]);

  useEffect(() => {
    // Going back shows a page as it was left, so it looks once when it opens too.
    let isLooking = false;
    const look = async () => {
      if (isLooking) return;
      isLooking = true;
      const now = document.visibilityState === "visible" ? await load().catch(() => null) : null;
      isLooking = false;
      const isUnsaved = running.current || wanted.current !== stored.current;
      if (!now || now.revision <= revision.current || isUnsaved) return;
      revision.current = now.revision;
      stored.current = now.draft;
      wanted.current = now.draft;
      setHistory({ past: [], present: now.draft, future: [] });
    };
    void look();
    const channel = new BroadcastChannel(`iron-step ${name}`);
    channel.onmessage = () => void look();
    others.current = channel;
    const timer = setInterval(look, LOOK_EVERY_MS);
    window.addEventListener("focus", look);
    document.addEventListener("visibilitychange", look);
    return () => {
      channel.close();
      others.current = null;
      clearInterval(timer);
      window.removeEventListener("focus", look);
      document.removeEventListener("visibilitychange", look);
    };
  }, [load, name]);

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
