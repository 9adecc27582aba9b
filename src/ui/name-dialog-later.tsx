"use client";

import { later } from "./later";

/** A `NameDialog` whose code is loaded when it is opened for the first time. */
export const NameDialog = later(() => import("./name-dialog").then((m) => m.NameDialog));
