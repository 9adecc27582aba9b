"use client";

import { later } from "./later";

/** See `TickSheet`; its code is fetched when it is opened, or once the page has come to rest. */
export const TickSheet = later(() => import("./tick-sheet").then((m) => m.TickSheet));
