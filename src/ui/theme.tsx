"use client";

import { Moon, Sun } from "lucide-react";
import { ThemeProvider, useTheme } from "next-themes";
import type { ReactNode } from "react";
import { IconButton } from "./button";

/** Light by day, dark at night: as the machine has it, until the coach says otherwise. */
export function Theme({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  return (
    <ThemeProvider
      attribute="data-theme"
      defaultTheme="system"
      enableSystem
      disableTransitionOnChange
      nonce={nonce}
    >
      {children}
    </ThemeProvider>
  );
}

/** Changes between light and dark. */
export function ThemeButton() {
  const { resolvedTheme, setTheme } = useTheme();
  return (
    <IconButton label="Light or dark" onClick={() => setTheme(resolvedTheme === "dark" ? "light" : "dark")}>
      {/* Which one shows is the style's business: on the server it is not known. */}
      <Sun aria-hidden className="hidden size-4 [[data-theme=dark]_&]:block" />
      <Moon aria-hidden className="size-4 [[data-theme=dark]_&]:hidden" />
    </IconButton>
  );
}
