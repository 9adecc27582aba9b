"use client";

import { Dialog } from "radix-ui";
import type { ReactNode, RefObject } from "react";
import { Button } from "./button";
import { DialogFrame } from "./dialog-frame";

/** A sheet over the page that takes the focus until it is closed. */
export function Sheet({
  title,
  open,
  onOpenChange,
  className = "w-[28rem]",
  home,
  children,
}: {
  title: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  className?: string;
  /** Where the focus goes afterwards if what had it is gone by then. */
  home?: RefObject<HTMLElement | null>;
  children: ReactNode;
}) {
  return (
    <DialogFrame
      {...{ open, onOpenChange, home }}
      className={`top-1/2 left-1/2 max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-sm border p-6 ${className}`}
    >
      <Dialog.Title className="mb-3 text-lg font-bold tracking-tight">{title}</Dialog.Title>
      {children}
    </DialogFrame>
  );
}

/** Closes the sheet that it stands on. */
export const SheetClose = Dialog.Close;

/** What a sheet ends with: the button that does what it is for, and the one that leaves it. */
export function SheetButtons({
  action,
  disabled = false,
  onAct,
}: {
  action: string;
  disabled?: boolean;
  /** Absent where the sheet's form is sent. */
  onAct?: () => void;
}) {
  return (
    <div className="mt-4 flex gap-3">
      <Button type={onAct ? "button" : "submit"} look="main" disabled={disabled} onClick={onAct}>
        {action}
      </Button>
      <SheetClose asChild>
        <Button>Cancel</Button>
      </SheetClose>
    </div>
  );
}
