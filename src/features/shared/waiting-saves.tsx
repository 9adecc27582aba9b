"use client";

import { CircleAlert } from "lucide-react";
import { useEffect, useState } from "react";
import {
  dropSave,
  type KeptSave,
  keepSave,
  keptSaves,
  LEFT_AFTER_MS,
  openDrafts,
  type SaveRequest,
  SENDERS,
} from "@/client/kept-saves";
import { toast } from "@/client/toast";
import { counted } from "@/core/units";
import { isEqual } from "@/lib/equality";
import { newId } from "@/lib/new-id";
import type { SaveOutcome } from "@/lib/save-outcome";
import { Link } from "@/ui/link";

/** How often it is tried. Milliseconds. */
const EVERY_MS = 4000;

const send = (kind: KeptSave["kind"], request: SaveRequest) =>
  (SENDERS[kind] as (request: SaveRequest) => Promise<SaveOutcome<unknown>>)(request);

/** Sends a save that no page looks after any more: first as it was sent, then what was wanted after it. */
async function sendKept(name: string, save: KeptSave): Promise<void> {
  const first = await send(save.kind, save.sent.request);
  if (first.kind === "refused") {
    dropSave(name);
    return toast(`${save.title}: a change was not saved. ${first.message}`);
  }
  if (first.kind !== "saved") return;
  if (isEqual(save.wanted.draft, save.sent.draft)) return dropSave(name);
  const { revision } = first;
  const saveId = newId();
  const request = { ...save.wanted.request, revision, saveId } as SaveRequest;
  const sent = { revision, saveId, request, draft: save.wanted.draft };
  keepSave(name, { ...save, sent, wanted: { draft: sent.draft, request } });
  if ((await send(save.kind, request)).kind === "saved") dropSave(name);
}

/**
 * Sends what was changed while the server was away and its page has been left; says how much waits. What has been changed
 * elsewhere meanwhile is settled on its page.
 */
export function WaitingSaves() {
  const [waiting, setWaiting] = useState<KeptSave[]>([]);
  useEffect(() => {
    let isGone = false;
    const look = async () => {
      const isLeft = ([name, save]: [string, KeptSave]) =>
        !openDrafts.has(name) && Date.now() - save.at > LEFT_AFTER_MS;
      const others = async () => [...(await keptSaves())].filter(isLeft);
      for (const [name, save] of await others()) await sendKept(name, save).catch(() => undefined);
      if (!isGone) setWaiting((await others()).map(([, save]) => save));
    };
    void look();
    const timer = setInterval(() => void look(), EVERY_MS);
    return () => {
      isGone = true;
      clearInterval(timer);
    };
  }, []);
  if (waiting.length === 0) return null;
  return (
    <div
      role="status"
      className="fixed bottom-4 left-4 z-30 flex max-w-[calc(100vw-2rem)] flex-wrap items-center gap-x-2 rounded-sm border border-ember bg-field px-3 py-2 shadow-sheet print:hidden"
    >
      <CircleAlert aria-hidden className="size-4 text-ember" />
      <span className="font-semibold text-ember">{counted(waiting.length, "change")} not saved yet:</span>
      {waiting.map((w) => (
        <Link key={w.page} href={w.page} className="font-semibold underline underline-offset-4">
          {w.title}
        </Link>
      ))}
    </div>
  );
}
