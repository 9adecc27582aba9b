"use client";

import { useTheme } from "next-themes";
import { type ReactNode, useEffect } from "react";

/** What is dark whatever the page is otherwise: itself at once, what opens over it as soon as it is there. */
export function ForcedDark({ className, children }: { className: string; children: ReactNode }) {
  const { resolvedTheme = "light" } = useTheme();
  useEffect(() => {
    const { documentElement: page } = document;
    const hold = () => {
      if (page.dataset.theme === "dark") return;
      page.dataset.theme = "dark";
      page.style.colorScheme = "dark";
    };
    hold();
    // What sets the theme of the other pages does so after this.
    const others = new MutationObserver(hold);
    others.observe(page, { attributeFilter: ["data-theme"] });
    return () => {
      others.disconnect();
      page.dataset.theme = resolvedTheme;
      page.style.colorScheme = resolvedTheme;
    };
  }, [resolvedTheme]);
  return (
    <div data-theme="dark" className={className}>
      {children}
    </div>
  );
}
