"use client";

import { useMemo, useState } from "react";
import type { FetchedOnce } from "@/lib/fetched-once";
import { useFetched } from "./later";

/** Keys that open a list or a menu; a button is clicked by the others that do. */
const OPENS = new Set(["ArrowDown", "ArrowUp"]);

/** What takes the place of a stand-in. */
export interface TakesOver {
  /** Whether it was asked for meanwhile: it starts opened. */
  startsOpen: boolean;
  /** Whether the stand-in had the focus. */
  hasFocus: boolean;
}

/**
 * A button that stands in for one that opens something, until the code of that is there: the code is fetched once the page
 * has come to rest, or as soon as somebody comes near. Nothing changes places while a pointer is down on it.
 *
 * @returns what has been fetched, null until then; how it begins; and what the button that stands in does.
 */
export function useStandIn<T>(code: FetchedOnce<T>) {
  const [isWanted, setWanted] = useState(false);
  const [isNear, setNear] = useState(false);
  const [isHeld, setHeld] = useState(false);
  const [hasFocus, setHasFocus] = useState(false);
  const fetched = useFetched(code, isWanted || isNear);
  const standIn = useMemo(() => {
    const open = () => {
      setHeld(false);
      setWanted(true);
    };
    return {
      onPointerEnter: () => setNear(true),
      onPointerDown: () => setHeld(true),
      onPointerLeave: () => setHeld(false),
      onPointerCancel: () => setHeld(false),
      onFocus: () => {
        setNear(true);
        setHasFocus(true);
      },
      onBlur: () => setHasFocus(false),
      onClick: open,
      onKeyDown: ({ key }: { key: string }) => OPENS.has(key) && open(),
    };
  }, []);
  const takesOver: TakesOver = { startsOpen: isWanted, hasFocus };
  return { fetched: isHeld ? null : fetched, takesOver, standIn };
}
