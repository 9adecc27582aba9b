"use client";

import { later } from "@/ui/later";

/** See `RaiseDialog`; its code is fetched when it is opened, or once the page has come to rest. */
export const RaiseDialog = later(() => import("./raise-dialog").then((m) => m.RaiseDialog));
