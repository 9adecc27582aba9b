"use client";

import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

/** A sheet over the page that takes the focus until it is closed. */
export function Sheet({
  title,
  open,
  onOpenChange,
  className = "w-[28rem]",
  children,
}: {
  title: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  className?: string;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-50 max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-sm border border-ink bg-chalk p-6 ${className}`}
        >
          <Dialog.Title className="mb-3 text-lg font-bold tracking-tight">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Closes the sheet that it stands on. */
export const SheetClose = Dialog.Close;
