"use client";

import dynamic from "next/dynamic";

/** The live card of a phone, whose code comes only with a session that runs. */
export const PhoneLiveLater = dynamic(() => import("./phone-live").then((m) => m.PhoneLive));
