"use client";

import type { ToasterProps } from "sonner";
import { later } from "@/ui/later";

const Toaster = later<ToasterProps & { open?: boolean }>(() => import("sonner").then((m) => m.Toaster));

const LOOK = {
  toast:
    "flex w-full items-center justify-between gap-6 rounded-sm border border-ink bg-chalk px-4 py-3 font-sans text-[0.8125rem] shadow-sheet",
  title: "font-medium",
  cancelButton: "min-h-8 shrink-0 font-semibold underline underline-offset-4",
  actionButton:
    "min-h-8 shrink-0 font-semibold text-ember underline decoration-ember/40 underline-offset-4 hover:decoration-ember",
};

/** Where short messages about what has just been done appear. */
export function Toasts() {
  return (
    <Toaster position="bottom-left" duration={10_000} toastOptions={{ unstyled: true, classNames: LOOK }} />
  );
}
