"use client";

import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { joinWords } from "@/lib/join-words";
import { restoreAction } from "@/server/actions/files";

/** Names that are spelled out of what stays. */
const NAMED = 5;

/** What was not undone, since it has been changed in the meantime; empty: everything was. */
export function staysInWords(stays: readonly string[]): string {
  if (stays.length === 0) return "";
  const more = stays.length - NAMED;
  const names = [...stays.slice(0, NAMED), ...(more > 0 ? [`${more} more`] : [])];
  return `Changed or needed since, so left as it is: ${joinWords(names)}.`;
}

/**
 * Says what was deleted, imported or changed, and offers to undo it; later that can be done on the files' page.
 *
 * @param onUndone what the page does then.
 */
export function toastUndo(message: string, token: string, onUndone: () => void): void {
  const toastAgain = (problem: string) => toastUndo(problem, token, onUndone);
  void toast(message, {
    action: {
      label: "Undo",
      onClick: async () => {
        const outcome = await answered(restoreAction(token));
        if (outcome.kind === "refused") return toastAgain(outcome.message);
        onUndone();
        const said = staysInWords(outcome.stays);
        if (said) toast(said);
      },
    },
  });
}
