"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { changed, type History, historyText, keptHistory, redone, startHistory, undone } from "@/lib/history";
import { DraftSaver, type DraftStore, type SaveState, type Stored } from "./draft-saver";

/** How often a window that is looked at asks what others have saved. Milliseconds. */
const LOOK_EVERY_MS = 4000;

/**
 * A draft of anything with undo and redo, saved after every change as `DraftSaver` does. What another window has saved
 * is taken up at once in the same browser and within seconds in another, unless something here is not saved yet.
 * Undo outlives the page: its history is kept in the window for as long as nobody else has saved since.
 *
 * @param store see `DraftStore`, as for `load`. Both stay the same function from call to call.
 * @param name what the draft is, the same in every window.
 */
export function useSavedDraft<T>(
  opened: Stored<T>,
  store: DraftStore<T>["store"],
  load: DraftStore<T>["load"],
  name: string,
) {
  const [history, setHistory] = useState<History<T>>(() => startHistory(opened.draft));
  const [preview, setPreview] = useState<{ draft: T } | null>(null);
  const [save, setSave] = useState<SaveState<T>>({ kind: "saved" });
  const others = useRef<BroadcastChannel | null>(null);
  const [saver] = useState(
    () =>
      new DraftSaver(
        opened,
        { store, load },
        {
          onState: setSave,
          onSaved: (revision) => others.current?.postMessage(revision),
          onTakenUp: (draft) => setHistory(startHistory(draft)),
        },
      ),
  );

  useEffect(() => saver.want(history.present), [saver, history.present]);

  useEffect(() => {
    // Read at once: the effect below writes over it.
    const text = sessionStorage.getItem(name);
    setHistory((h) => keptHistory(text, saver.revision, h.present) ?? h);
  }, [name, saver]);

  useEffect(() => {
    if (save.kind !== "saved") return;
    try {
      sessionStorage.setItem(name, historyText(history, saver.revision));
    } catch {
      // No room, or none allowed: undo then ends with the page.
      sessionStorage.removeItem(name);
    }
  }, [name, saver, history, save]);

  useEffect(() => {
    const look = () => {
      if (document.visibilityState === "visible") void saver.look();
    };
    // Going back shows a page as it was left, so it looks once when it opens too.
    look();
    const channel = new BroadcastChannel(`iron-step ${name}`);
    channel.onmessage = look;
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
  }, [saver, name]);

  const unsaved = save.kind !== "saved";
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [unsaved]);

  const change = useCallback((to: (draft: T) => T) => {
    setPreview(null);
    setHistory((h) => changed(h, to(h.present)));
  }, []);
  const undo = useCallback(() => setHistory(undone), []);
  const redo = useCallback(() => setHistory(redone), []);

  /** Shows what a change would give without making it, for dragging; null ends it. */
  const tryOut = useCallback(
    (to: ((draft: T) => T) | null) => setPreview(to && { draft: to(history.present) }),
    [history.present],
  );

  /** After a change in another window: take that version (undo brings one's own back) or keep one's own. */
  const settle = useCallback(
    (choice: "theirs" | "mine") => {
      const theirs = saver.settle(choice);
      if (theirs !== null) change(() => theirs);
    },
    [saver, change],
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
