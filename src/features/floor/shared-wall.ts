"use client";

import { createContext, useContext } from "react";
import type { WallAddress } from "@/server/floor/wall-address";

const WallContext = createContext<WallAddress | null>(null);
export const WallProvider = WallContext.Provider;

/** Where the session's wall was when the page was opened, and what it shows; null: there was none. */
export const useSharedWall = () => useContext(WallContext);
