"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { restoreAction } from "@/server/actions/files";
import type { RecentChange } from "@/server/files/restore";
import { Button } from "@/ui/button";

const KINDS: Record<RecentChange["kind"], { was: string; way: string }> = {
  session: { was: "taken out", way: "Bring it back" },
  gym: { was: "taken out", way: "Bring it back" },
  template: { was: "forgotten", way: "Bring it back" },
  athletes: { was: "taken in", way: "Take it back" },
  "changed-athletes": { was: "changed", way: "Undo it" },
  bundle: { was: "taken in", way: "Take it back" },
};

/** What was taken out or in lately, each with the way back. */
export function RecentChanges({ items }: { items: readonly RecentChange[] }) {
  const router = useRouter();
  const undo = async ({ token, name }: RecentChange) => {
    toast((await restoreAction(token)) ? `${name}: as before.` : "It is too long ago, or back already.");
    router.refresh();
  };
  return (
    <section aria-label="Lately taken out or in">
      <h2 className="section-title mb-1">Lately taken out or in</h2>
      {items.length === 0 && (
        <p className="border-t border-line pt-2.5 text-ink-soft">
          Nothing yet. What is taken out, taken in or changed for many at once can be taken back here.
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
