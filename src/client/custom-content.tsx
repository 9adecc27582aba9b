"use client";

import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import type { CustomContent } from "@/core/catalog";
import { isEqual } from "@/lib/equality";

interface Held {
  custom: CustomContent;
  setCustom: (custom: CustomContent) => void;
}

const Context = createContext<Held | null>(null);

/**
 * Gives the pages in it the gym's custom content: as the server read it, or as it has become by a save on this page
 * since. It stays the same value until something in it changes.
 */
export function CustomContentProvider({
  custom: read,
  children,
}: {
  custom: CustomContent;
  children: ReactNode;
}) {
  const [{ from, custom }, setState] = useState({ from: read, custom: read });
  if (from !== read) setState({ from: read, custom: isEqual(read, custom) ? custom : read });
  const held = useMemo(
    () => ({ custom, setCustom: (next: CustomContent) => setState((s) => ({ ...s, custom: next })) }),
    [custom],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function useCustomContent(): Held {
  const held = useContext(Context);
  if (!held) throw new Error("There is no CustomContentProvider above.");
  return held;
}
