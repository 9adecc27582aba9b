"use client";

import dynamic from "next/dynamic";

/** What an athlete is asked on the phone, whose code comes only where something is asked. */
export const PhoneFollowUpsLater = dynamic(() => import("./phone-follow-ups").then((m) => m.PhoneFollowUps));
