"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { restoreAction } from "@/server/actions/files";
import type { RecentChange } from "@/server/files/restore";
import { Button } from "@/ui/button";
import { staysInWords } from "./toast-undo";

const KINDS: Record<RecentChange["kind"], { was: string; way: string }> = {
  session: { was: "deleted", way: "Restore" },
  gym: { was: "deleted", way: "Restore" },
  template: { was: "deleted", way: "Restore" },
  athletes: { was: "imported", way: "Undo" },
  "changed-athletes": { was: "changed", way: "Undo" },
  sessions: { was: "deleted", way: "Restore" },
  "changed-sessions": { was: "changed", way: "Undo" },
  "warm-ups": { was: "changed", way: "Undo" },
  bundle: { was: "imported", way: "Undo" },
};

/** What was taken out or in lately, each with the way back. */
export function RecentChanges({ items }: { items: readonly RecentChange[] }) {
  const router = useRouter();
  const undo = async ({ token, name }: RecentChange) => {
    const outcome = await answered(restoreAction(token));
    if (outcome.kind === "refused") return toast(outcome.message);
    toast(staysInWords(outcome.stays) || `${name}: as before.`);
    router.refresh();
  };
  return (
    <section aria-label="Recent changes">
      <h2 className="section-title mb-1">Recent changes</h2>
      {items.length === 0 && (
        <p className="border-t border-line pt-2.5 text-ink-soft">
          Nothing yet. What you delete, import or change for several at once can be undone here.
        </p>
      )}
      <ul>
        {items.map((item) => (
          <li
            key={item.token}
            className="flex min-h-12 items-center justify-between gap-4 border-t border-line py-1.5"
          >
            <span>
              <span className="block text-sm font-semibold">{item.name}</span>
              <span className="text-ink-soft">
                {KINDS[item.kind].was} {item.when}
              </span>
            </span>
            <Button aria-label={`${KINDS[item.kind].way}: ${item.name}`} onClick={() => void undo(item)}>
              {KINDS[item.kind].way}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
