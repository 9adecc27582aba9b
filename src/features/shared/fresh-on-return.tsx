"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** Asks anew for a page that is gone back to: what the browser has of it is as old as the last visit. */
export function FreshOnReturn() {
  const router = useRouter();
  useEffect(() => {
    // The page that is gone back to is drawn first, from what there is.
    const look = () => setTimeout(() => router.refresh(), 0);
    const onShow = (event: PageTransitionEvent) => {
      if (event.persisted) look();
    };
    window.addEventListener("popstate", look);
    window.addEventListener("pageshow", onShow);
    return () => {
      window.removeEventListener("popstate", look);
      window.removeEventListener("pageshow", onShow);
    };
  }, [router]);
  return null;
}
