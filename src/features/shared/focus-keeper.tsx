"use client";

import { useEffect } from "react";

const FOCUSABLE = "button:not(:disabled), a[href], input:not(:disabled), select, textarea, [tabindex]";

/** What can have the focus on the page itself, dialogs apart, in order. */
function focusables(): HTMLElement[] {
  const main = document.getElementById("content");
  return main
    ? [...main.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((e) => e.offsetParent !== null)
    : [];
}

/**
 * Keeps the focus where it was when what had it goes, as a row that is dropped does: its neighbour has it then. On another page
 * it begins anew.
 */
export function FocusKeeper() {
  useEffect(() => {
    let had: { element: Element; main: Element; at: number } | null = null;
    const onFocus = ({ target }: FocusEvent) => {
      const main = document.getElementById("content");
      if (!(target instanceof HTMLElement) || !main?.contains(target)) had = null;
      else had = { element: target, main, at: focusables().indexOf(target) };
    };
    const look = () => {
      const { activeElement: now } = document;
      const isLost = now === null || now === document.body;
      if (!had || !isLost || had.element.isConnected || !had.main.isConnected) return;
      const all = focusables();
      all[Math.min(had.at, all.length - 1)]?.focus();
    };
    // After whoever else gives the focus to something.
    const observer = new MutationObserver(() => {
      if (had && !had.element.isConnected) setTimeout(look, 0);
    });
    document.addEventListener("focusin", onFocus);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener("focusin", onFocus);
      observer.disconnect();
    };
  }, []);
  return null;
}
