"use client";

import { Button } from "@/ui/button";
import { Notice } from "@/ui/notice";

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <Notice
      title="Something went wrong"
      text="Everything saved so far is kept. Try again; if it stays like this, restart the server and look at what it prints."
    >
      <Button onClick={reset}>Try again</Button>
    </Notice>
  );
}
