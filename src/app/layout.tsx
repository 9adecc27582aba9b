import type { Metadata } from "next";
import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { customContent } from "@/catalog";
import { TakeCustomContent } from "@/client/catalog";
import { Palette } from "@/features/palette/palette";
import { Theme } from "@/ui/theme";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Iron Step", template: "%s · Iron Step" },
  description:
    "Warm-ups before the main lifts: drills, ramp-up sets and plates, worked out for each athlete.",
};

/** How a short word about what has just been done looks. */
const TOAST = {
  toast:
    "flex w-full items-center justify-between gap-6 rounded-sm border border-ink bg-chalk px-4 py-3 font-sans text-[0.8125rem] shadow-sheet",
  title: "font-medium",
  cancelButton: "min-h-8 shrink-0 font-semibold underline underline-offset-4",
  actionButton:
    "min-h-8 shrink-0 font-semibold text-ember underline decoration-ember/40 underline-offset-4 hover:decoration-ember",
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <TakeCustomContent own={customContent()} />
        <Theme>
          {children}
          <Palette />
        </Theme>
        <Toaster
          position="bottom-left"
          duration={10_000}
          toastOptions={{ unstyled: true, classNames: TOAST }}
        />
      </body>
    </html>
  );
}
