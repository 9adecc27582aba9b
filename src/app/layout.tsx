import type { Metadata } from "next";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { Theme } from "@/ui/theme";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Iron Step", template: "%s · Iron Step" },
  description:
    "Warm-ups before the main lifts: drills, ramp-up sets and plates, worked out for each athlete.",
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Scripts run only with the answer's own nonce, see `scripts/headers.mjs`.
  const nonce = (await headers()).get("x-nonce") ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Theme nonce={nonce}>{children}</Theme>
      </body>
    </html>
  );
}
