"use client";

import { type RefObject, useRef } from "react";

/**
 * Handlers for a dialog, so that the focus goes back to where it was when the dialog closes.
 *
 * @param home where it goes if what had it is gone by then, such as an item of a menu.
 */
export function useReturnFocus(home?: RefObject<HTMLElement | null>) {
  const before = useRef<Element | null>(null);
  return {
    onOpenAutoFocus: () => {
      before.current = document.activeElement;
    },
    onCloseAutoFocus: (event: Event) => {
      event.preventDefault();
      const was = before.current;
      const isThere = was instanceof HTMLElement && was.isConnected && was !== document.body;
      const to = isThere ? was : home?.current;
      to?.focus();
    },
  };
}
