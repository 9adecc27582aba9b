import type { Metadata } from "next";
import type { ReactNode } from "react";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Iron Step", template: "%s · Iron Step" },
  description:
    "Warm-ups before the main lifts: drills, ramp-up sets and plates, worked out for each athlete.",
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
