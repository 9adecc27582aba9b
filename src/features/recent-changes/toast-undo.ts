"use client";

import { toast } from "sonner";
import { restoreAction } from "@/app/actions";

/**
 * Says what was taken out, in or changed, and offers the way back; later it is on the files' page.
 *
 * @param way what the button says.
 * @param onBack what the page does when it is as before.
 */
export function toastUndo(message: string, token: string, way: string, onBack: () => void): void {
  toast(message, {
    action: {
      label: way,
      onClick: async () => {
        if (await restoreAction(token)) onBack();
        else toast("It is as before already, or it is too long ago.");
      },
    },
  });
}
