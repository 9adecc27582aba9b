"use client";

import { CircleAlert } from "lucide-react";
import { useEffect, useState } from "react";
import { patientFetch } from "@/client/patient-fetch";
import { isServerThere } from "@/client/refresh";

/** How long it stays said that a file could not be had. Milliseconds. */
const SAID_MS = 8000;

/** The link of this app that a click would have the browser follow itself: a file, not a page. */
function fileLinkOf(event: MouseEvent): HTMLAnchorElement | null {
  const isPlain = event.button === 0 && !(event.metaKey || event.ctrlKey || event.shiftKey || event.altKey);
  const link = event.target instanceof Element ? event.target.closest("a") : null;
  if (event.defaultPrevented || !isPlain || !link || link.origin !== location.origin) return null;
  return link.getAttribute("href")?.startsWith("#") ? null : link;
}

/**
 * Keeps what is open on the screen while the server is away: a page that is asked for opens when the server is back, and a
 * file is not asked for before.
 */
export function ServerAway() {
  const [pages, setPages] = useState(0);
  const [hasNoFile, setHasNoFile] = useState(false);
  useEffect(() => {
    if (!hasNoFile) return;
    const timer = setTimeout(() => setHasNoFile(false), SAID_MS);
    return () => clearTimeout(timer);
  }, [hasNoFile]);
  useEffect(() => {
    const { fetch } = window;
    window.fetch = patientFetch(fetch, setPages);
    const seen = new WeakSet<HTMLAnchorElement>();
    const onClick = async (event: MouseEvent) => {
      const link = fileLinkOf(event);
      if (!link || seen.delete(link)) return;
      event.preventDefault();
      const isThere = await isServerThere(fetch);
      setHasNoFile(!isThere);
      if (!isThere) return;
      seen.add(link);
      link.click();
    };
    window.addEventListener("click", onClick);
    return () => {
      window.fetch = fetch;
      window.removeEventListener("click", onClick);
    };
  }, []);
  if (pages === 0 && !hasNoFile) return null;
  return (
    <div
      role="status"
      className="fixed top-2 left-1/2 z-50 flex max-w-[calc(100vw-2rem)] -translate-x-1/2 items-center gap-2 rounded-sm border border-ember bg-field px-4 py-2 font-semibold text-ember shadow-sheet print:hidden"
    >
      <CircleAlert aria-hidden className="size-4 shrink-0" />
      The server does not answer.{" "}
      {pages > 0 ? "The page opens as soon as it does." : "Try again when it does."}
    </div>
  );
}
