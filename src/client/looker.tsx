"use client";

import { createContext, type ReactNode, useContext } from "react";
import type { Role } from "@/server/access/rights";

/** Who looks at a page. */
export interface Looker {
  role: Role;
  name: string;
  /** Whether they have come in, and can leave; not on the one machine that nobody signs in on. */
  isSignedIn: boolean;
}

const LookerContext = createContext<Looker>({ role: "owner", name: "", isSignedIn: false });

/** Tells the parts of a page who looks at it, so that they offer what that one may do. What may be done the server decides. */
export function LookerProvider({ looker, children }: { looker: Looker; children: ReactNode }) {
  return <LookerContext.Provider value={looker}>{children}</LookerContext.Provider>;
}

export function useLooker(): Looker {
  return useContext(LookerContext);
}
