"use client";

import { type CustomContent, takeCustomContent } from "@/catalog";

/** Gives the page the hall's own content before anything on it is drawn. */
export function TakeCustomContent({ own }: { own: CustomContent }) {
  takeCustomContent(own);
  return null;
}
