"use client";

import { useEffect, useState } from "react";
import { Button } from "@/ui/button";
import { Notice } from "@/ui/notice";

const UNKNOWN =
  "Everything saved so far is kept. Try again; if it stays like this, restart the server and look at what it prints.";

/** What the server says of itself; null: that all is well, or nothing. */
async function troubleSaid(): Promise<string | null> {
  const response = await fetch("/api/health").catch(() => null);
  if (!response || response.ok) return null;
  const { title } = (await response.json().catch(() => ({}))) as { title?: unknown };
  return typeof title === "string" ? title : null;
}

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    void troubleSaid().then(setTrouble);
  }, []);
  return (
    <Notice title="Something went wrong" text={trouble ?? UNKNOWN}>
      <Button onClick={reset}>Try again</Button>
    </Notice>
  );
}
