"use client";

import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { changed, type History, historyText, keptHistory, redone, startHistory, undone } from "@/lib/history";
import { STAMPS } from "./data";
import { DraftSaver, type DraftStore, type SaveState, type Stored } from "./draft-saver";
import {
  canKeep,
  dropSave,
  isOthers,
  keepSave,
  keptSaves,
  LEFT_AFTER_MS,
  openDrafts,
  type SaveKind,
  type SaveRequest,
  thisWindow,
} from "./kept-saves";

/** What of a saver a page has to do with. */
export type Saver = Pick<DraftSaver<unknown>, "subscribe" | "state" | "revision">;

/** The state of a saver, for whoever shows it. */
export function useSaveState(saver: Saver): SaveState<unknown> {
  const state = () => saver.state;
  return useSyncExternalStore(saver.subscribe, state, state);
}

/** Calls back whenever everything that was changed has been stored. */
export function useOnSaved(saver: Saver, onSaved: () => void): void {
  const latest = useRef(onSaved);
  latest.current = onSaved;
  useEffect(() => saver.subscribe(() => saver.state.kind === "saved" && latest.current()), [saver]);
}

/** What was last stored or loaded in this window, by the draft's name: pages gone back to are as old as their visit. */
const newest = new Map<string, Stored<unknown>>();

function newestOf<T>(name: string, opened: Stored<T>): Stored<T> {
  const known = newest.get(name) as Stored<T> | undefined;
  return known && known.revision > opened.revision ? known : opened;
}

/** How a draft is stored, for whoever has to send it when its page is gone. */
export interface SaveWay<T> {
  kind: SaveKind;
  requestOf: (revision: number, draft: T, saveId: string) => SaveRequest;
}

/**
 * A draft of anything with undo and redo, saved after every change as `DraftSaver` does. What has been saved elsewhere is
 * loaded at once in the same browser and within seconds from another, unless something here is not saved yet.
 * Undo outlives the page: its history is kept in the window for as long as nobody else has saved since.
 *
 * The page that holds the draft is drawn again when the draft changes, not while it is saved: see `useSaveState`.
 *
 * What has not been answered is kept in the browser and sent again when the page is opened anew, or by any other page.
 *
 * @param store see `DraftStore`, as for `load`. Both stay the same function from call to call.
 * @param name what the draft is, the same in every window.
 * @param revision that is stored now as far as its stamp tells; undefined: not known yet.
 */
export function useSavedDraft<T>(
  opened: Stored<T>,
  store: DraftStore<T>["store"],
  load: DraftStore<T>["load"],
  name: string,
  revision: number | undefined,
  { kind, requestOf }: SaveWay<T>,
) {
  const [start] = useState(() => newestOf(name, opened));
  const [history, setHistory] = useState<History<T>>(() => startHistory(start.draft));
  const [preview, setPreview] = useState<{ draft: T } | null>(null);
  const queries = useQueryClient();
  const others = useRef<BroadcastChannel | null>(null);
  const requestNow = useRef(requestOf);
  requestNow.current = requestOf;
  const [saver] = useState(
    () =>
      new DraftSaver(
        start,
        { store, load },
        {
          onSaved: (saved) => {
            newest.set(name, saved);
            others.current?.postMessage(saved.revision);
          },
          onLoaded: (loaded) => {
            newest.set(name, loaded);
            setHistory(startHistory(loaded.draft));
          },
          onUnderWay: (sent, wanted) => {
            if (!sent) return dropSave(name);
            const { revision: from, draft, saveId } = sent;
            keepSave(name, {
              kind,
              sent: { ...sent, request: requestNow.current(from, draft, saveId) },
              wanted: { draft: wanted, request: requestNow.current(from, wanted, saveId) },
              at: Date.now(),
              window: thisWindow(),
              page: location.pathname,
              title: document.title,
            });
          },
        },
      ),
  );

  useEffect(() => {
    openDrafts.add(name);
    let isGone = false;
    let again: ReturnType<typeof setTimeout> | undefined;
    const look = async () => {
      const save = (await keptSaves()).get(name);
      if (isGone || !save) return;
      if (isOthers(save)) {
        again = setTimeout(() => void look(), LEFT_AFTER_MS);
        return;
      }
      const { revision: from, draft, saveId } = save.sent;
      const wanted = save.wanted.draft as T;
      if (saver.resume({ revision: from, draft: draft as T, saveId }, wanted))
        setHistory((h) => changed(h, wanted));
    };
    void look();
    return () => {
      isGone = true;
      clearTimeout(again);
      openDrafts.delete(name);
    };
  }, [name, saver]);

  useEffect(() => saver.want(history.present), [saver, history.present]);

  useEffect(() => {
    if (revision !== undefined && revision > saver.revision) void saver.look();
  }, [saver, revision]);

  const historyNow = useRef(history);
  historyNow.current = history;
  useEffect(() => {
    // Read at once: what is kept from now on is written over it.
    const text = sessionStorage.getItem(name);
    setHistory((h) => keptHistory(text, saver.revision, h.present) ?? h);
    const keep = () => keepHistory(name, historyNow.current, saver.revision);
    const warn = (event: BeforeUnloadEvent) => {
      if (saver.state.kind !== "saved" && !canKeep) event.preventDefault();
    };
    const unsubscribe = saver.subscribe(keep);
    window.addEventListener("beforeunload", warn);
    return () => {
      unsubscribe();
      window.removeEventListener("beforeunload", warn);
    };
  }, [name, saver]);

  // Also before it is saved: the page may be loaded again meanwhile.
  useEffect(() => keepHistory(name, history, saver.revision), [name, saver, history]);

  useEffect(() => {
    const channel = new BroadcastChannel(`iron-step ${name}`);
    channel.onmessage = () => {
      if (document.visibilityState === "visible") void queries.invalidateQueries({ queryKey: STAMPS });
    };
    others.current = channel;
    return () => {
      channel.close();
      others.current = null;
    };
  }, [name, queries]);

  const change = useCallback((to: (draft: T) => T) => {
    setPreview(null);
    setHistory((h) => changed(h, to(h.present)));
  }, []);
  const undo = useCallback(() => setHistory(undone), []);
  const redo = useCallback(() => setHistory(redone), []);

  /** Shows what a change would give without making it, for dragging; null ends it. */
  const tryOut = useCallback(
    (to: ((draft: T) => T) | null) => setPreview(to && { draft: to(historyNow.current.present) }),
    [],
  );

  /** After a change made elsewhere: use that version (undo brings one's own back) or keep one's own. */
  const settle = useCallback(
    (choice: "theirs" | "mine") => {
      const theirs = saver.settle(choice);
      if (theirs !== null) change(() => theirs);
    },
    [saver, change],
  );

  const canUndo = history.past.length > 0;
  const canRedo = history.future.length > 0;
  /** What the head of a page needs; it does not change with the draft. */
  const controls = useMemo(
    () => ({ saver: saver as Saver, canUndo, canRedo, undo, redo, settle }),
    [saver, canUndo, canRedo, undo, redo, settle],
  );
  return { draft: preview?.draft ?? history.present, change, tryOut, controls };
}

/** Keeps what can be undone for when the page is loaded again. */
function keepHistory(name: string, history: History<unknown>, revision: number): void {
  if (history.past.length + history.future.length === 0) return;
  try {
    sessionStorage.setItem(name, historyText(history, revision));
  } catch {
    // No room, or none allowed: undo then ends with the page.
    sessionStorage.removeItem(name);
  }
}

export type SavedDraft<T> = ReturnType<typeof useSavedDraft<T>>;
export type DraftControls = SavedDraft<unknown>["controls"];
