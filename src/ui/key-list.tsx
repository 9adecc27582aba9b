"use client";

import { useHotkeys } from "react-hotkeys-hook";
import { later } from "./later";

const KeySheet = later(() => import("./key-sheet").then((m) => m.KeySheet));

/** A key, or several, and what they do. */
export type KeyLine = readonly [keys: string, what: string];

/** The keys of a page; `?` opens the list. */
export function KeyList(props: {
  keys: readonly KeyLine[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { onOpenChange } = props;
  useHotkeys("shift+?, ?", () => onOpenChange(true), { preventDefault: true, useKey: true });
  return <KeySheet {...props} />;
}
