"use client";

import { type OwnContent, takeOwnContent } from "@/catalog";

/** Gives the page the hall's own content before anything on it is drawn. */
export function TakeOwnContent({ own }: { own: OwnContent }) {
  takeOwnContent(own);
  return null;
}
