"use client";

import { toast } from "@/client/toast";
import { restoreAction } from "@/server/actions/files";

/**
 * Says what was deleted, imported or changed, and offers to undo it; later that can be done on the files' page.
 *
 * @param onUndone what the page does then.
 */
export function toastUndo(message: string, token: string, onUndone: () => void): void {
  toast(message, {
    action: {
      label: "Undo",
      onClick: async () => {
        const outcome = await restoreAction(token);
        if (outcome.kind === "restored") onUndone();
        else toast(outcome.message);
      },
    },
  });
}
