"use client";

import { Printer } from "lucide-react";
import type { ComponentProps } from "react";
import { Button } from "@/ui/button";

/** Prints the page; the page's main thing to do, unless it says otherwise. */
export function PrintButton({ look = "main" }: Pick<ComponentProps<typeof Button>, "look">) {
  return (
    <Button look={look} onClick={() => window.print()}>
      <Printer aria-hidden className="size-4" />
      Print
    </Button>
  );
}
