"use client";

import { createContext, type ReactNode, useContext, useMemo } from "react";
import { timeInWords } from "@/lib/time-in-words";

/** How times, weeks and lengths are said on the pages. */
export interface Conventions {
  clock: 12 | 24;
  /** The first day of the week, 0 for Sunday. */
  weekStart: 0 | 1 | 6;
  lengths: "cm" | "in";
}

const Context = createContext<Conventions>({ clock: 24, weekStart: 1, lengths: "cm" });

/** Gives the pages in it the conventions of the gym. */
export function ConventionsProvider({
  clock,
  weekStart,
  lengths,
  children,
}: Conventions & { children: ReactNode }) {
  const held = useMemo(() => ({ clock, weekStart, lengths }), [clock, weekStart, lengths]);
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function useConventions(): Conventions {
  return useContext(Context);
}

/** Says a clock time such as "18:30" as it is said here. */
export function useTimeInWords(): (time: string) => string {
  const { clock } = useContext(Context);
  return (time) => timeInWords(time, clock);
}
