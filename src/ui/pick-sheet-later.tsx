"use client";

import { later } from "./later";

/** A `PickSheet` whose code is loaded when it is opened for the first time. */
export const PickSheet = later(() => import("./pick-sheet").then((m) => m.PickSheet));
