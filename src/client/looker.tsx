"use client";

import { createContext, type ReactNode, useContext } from "react";
import type { Looker } from "@/server/access/actor";

const LookerContext = createContext<Looker>({ name: "", hasDesk: true, isSignedIn: false });

/** Tells the parts of a page who looks at it, so that they offer what that one may do. What may be done the server decides. */
export function LookerProvider({ looker, children }: { looker: Looker; children: ReactNode }) {
  return <LookerContext.Provider value={looker}>{children}</LookerContext.Provider>;
}

export function useLooker(): Looker {
  return useContext(LookerContext);
}
