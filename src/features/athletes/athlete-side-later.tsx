"use client";

import { later } from "@/ui/later";

/** See `AthleteSide`; its code is fetched when it is opened, or once the page has come to rest. */
export const AthleteSide = later(() => import("./athlete-side").then((m) => m.AthleteSide));
