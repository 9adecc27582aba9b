"use client";

import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { IconButton } from "./button";
import { DialogFrame } from "./dialog-frame";

/** A sheet at the side of the page, beside what it is about. */
export function SideSheet({
  title,
  open,
  onOpenChange,
  children,
}: {
  title: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
}) {
  return (
    <DialogFrame
      {...{ open, onOpenChange }}
      dim="bg-black/25"
      className="inset-y-0 right-0 flex w-[28rem] max-w-full flex-col border-l"
    >
      <div className="flex items-center justify-between border-b border-line px-6 py-2">
        <Dialog.Title className="text-lg font-bold tracking-tight">{title}</Dialog.Title>
        <Dialog.Close asChild>
          <IconButton label="Close">
            <X aria-hidden className="size-4" />
          </IconButton>
        </Dialog.Close>
      </div>
      <div className="min-h-0 flex-1 space-y-8 overflow-y-auto px-6 py-5">{children}</div>
    </DialogFrame>
  );
}
