"use client";

import type { ReactNode } from "react";
import { toast } from "@/client/toast";
import type { OnceLink } from "@/server/access/accounts";
import { Button } from "@/ui/button";
import { Sheet, SheetClose } from "@/ui/sheet";

/** A link that was just made: it is shown once, to be handed over. */
export function LinkSheet({
  title,
  link,
  onClose,
  children,
}: {
  title: string;
  /** Null: the sheet is closed. */
  link: OnceLink | null;
  onClose: () => void;
  children: ReactNode;
}) {
  const whole = () => link?.url ?? `${window.location.origin}${link?.path ?? ""}`;
  const copy = async () => {
    await navigator.clipboard?.writeText(whole());
    await toast("Copied.");
  };
  return (
    <Sheet
      title={title}
      open={link !== null}
      onOpenChange={(open) => !open && onClose()}
      className="w-[34rem]"
    >
      <p>{children}</p>
      {link && <p className="my-3 bg-chalk-deep p-3 font-semibold break-all select-all">{whole()}</p>}
      <div className="flex gap-3">
        <Button look="main" onClick={() => void copy()}>
          Copy
        </Button>
        <SheetClose asChild>
          <Button>Done</Button>
        </SheetClose>
      </div>
    </Sheet>
  );
}
