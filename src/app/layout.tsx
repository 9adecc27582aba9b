import type { Metadata } from "next";
import type { ReactNode } from "react";
import { Theme } from "@/ui/theme";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Iron Step", template: "%s · Iron Step" },
  description:
    "Warm-ups before the main lifts: drills, ramp-up sets and plates, worked out for each athlete.",
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Theme>{children}</Theme>
      </body>
    </html>
  );
}
