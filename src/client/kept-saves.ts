"use client";

import { createStore, del, entries, set } from "idb-keyval";
import { newId } from "@/lib/new-id";
import { saveAthleteAction } from "@/server/actions/athletes";
import { saveGymAction } from "@/server/actions/gyms";
import { saveCustomContentAction } from "@/server/actions/library";
import { saveDraftAction, saveSessionAction } from "@/server/actions/sessions";

/** What stores each kind of draft. */
export const SENDERS = {
  athlete: saveAthleteAction,
  gym: saveGymAction,
  library: saveCustomContentAction,
  session: saveSessionAction,
  "warm-up": saveDraftAction,
} as const;
export type SaveKind = keyof typeof SENDERS;

/** A request to store a draft, made from a revision. */
export type SaveRequest<K extends SaveKind = SaveKind> = Parameters<(typeof SENDERS)[K]>[0];

/** What has not been answered yet: the save that was sent first, and what is wanted by now. */
export interface KeptSave {
  kind: SaveKind;
  /** As it was sent; sent again it is one save. */
  sent: { revision: number; draft: unknown; saveId: string; request: SaveRequest };
  wanted: { draft: unknown; request: SaveRequest };
  /** When it was last tried. Milliseconds since 1970. */
  at: number;
  /** The window that tries it; absent: of an earlier version. */
  window?: string;
  /** The page where it was changed, and what that is called. */
  page: string;
  title: string;
}

const inBrowser = typeof indexedDB !== "undefined";
const store = inBrowser ? createStore("iron-step", "saves") : undefined;

/** Writes follow each other, so that what is taken back never comes after what it takes back. */
let last: Promise<unknown> = Promise.resolve();
function after<T>(work: () => Promise<T>): Promise<T | undefined> {
  // Where the browser keeps nothing, pages work as before: what is not saved is said.
  const next = last.then(() => (store ? work() : undefined)).catch(() => undefined);
  last = next;
  return next;
}

/** Keeps a save in the browser until it has been answered, whatever becomes of the page. */
export function keepSave(name: string, save: KeptSave): void {
  void after(() => set(name, save, store));
}

export function dropSave(name: string): void {
  void after(() => del(name, store));
}

/** All that has not been answered, by the names of their drafts. */
export async function keptSaves(): Promise<Map<string, KeptSave>> {
  return new Map((await after(() => entries<string, KeptSave>(store))) ?? []);
}

const WINDOW = "iron-step window";

/** Which window this is, also after it was loaded anew. */
export function thisWindow(): string {
  const known = sessionStorage.getItem(WINDOW);
  if (known) return known;
  const id = newId();
  sessionStorage.setItem(WINDOW, id);
  return id;
}

/** A page that is open tries more often than this: what is older has been left. Milliseconds. */
export const LEFT_AFTER_MS = 8000;

/** Whether another window that is still open is about to have its answer. */
export const isOthers = (save: KeptSave): boolean =>
  save.window !== undefined && save.window !== thisWindow() && Date.now() - save.at < LEFT_AFTER_MS;

/** Whether the browser can keep anything. */
export const canKeep = inBrowser;

/** Drafts that pages of this window look after themselves. */
export const openDrafts = new Set<string>();
