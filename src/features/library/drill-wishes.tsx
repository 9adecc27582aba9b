"use client";

import { useCustomContent } from "@/client/custom-content";
import { useData } from "@/client/data";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { Drill } from "@/core/catalog";
import { fail, ok } from "@/lib/result";
import { noteFilmAction, wishForDrillAction } from "@/server/actions/library";
import type { Wish, WishOf } from "@/server/library/wishes";
import { Choice } from "@/ui/choice";
import { TextField } from "@/ui/text-field";

const WISHES: readonly { value: Wish; label: string; note?: string }[] = [
  { value: "usual", label: "As usual" },
  { value: "favourite", label: "Favourite", note: "Taken before others of about the same use." },
  { value: "never", label: "Never use", note: "Only where a coach puts it in." },
];

/** For which gyms and groups a drill is a favourite or never used; for one athlete that is said on the athlete's page. */
export function DrillWishes({ drill }: { drill: Drill }) {
  const { data, refetch } = useData<WishOf[]>(`wishes/${encodeURIComponent(drill.id)}`);
  const wish = async ({ of, id }: WishOf, to: string) => {
    const outcome = await answered(wishForDrillAction({ of, id, drill: drill.id, wish: to as Wish }));
    if (outcome.kind === "refused") void toast(outcome.message);
    await refetch();
  };
  return (
    <section aria-label="Use">
      <h3 className="section-title mb-1">Use</h3>
      <ul className="max-w-prose">
        {(data ?? []).map((w) => (
          <li key={`${w.of} ${w.id}`} className="flex min-h-9 items-center gap-3 border-t border-line">
            <span className="w-44 truncate">
              {w.name}
              {w.of === "gym" && <span className="text-ink-soft">, gym</span>}
            </span>
            <Choice
              label={`Use for ${w.name}`}
              value={w.wish}
              groups={[{ options: WISHES }]}
              onChange={(to) => void wish(w, to)}
              triggerClassName={`min-h-6 ${w.wish === "usual" ? "text-ink-soft" : "font-bold"}`}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Where a film of the coach's own shows a drill. */
export function DrillFilm({ drill }: { drill: Drill }) {
  const { setCustom } = useCustomContent();
  const note = async (url: string) => {
    const outcome = await answered(noteFilmAction({ drill: drill.id, url: url === "" ? null : url }));
    if (outcome.kind === "refused") return void toast(outcome.message);
    setCustom(outcome.custom);
  };
  return (
    <section aria-label="Film">
      <TextField
        className="max-w-prose"
        label="Film of your own (a link)"
        value={drill.film ?? ""}
        format={String}
        parse={(text) =>
          text.trim() === "" || /^https?:\/\/\S+\.\S+/.test(text.trim())
            ? ok(text.trim())
            : fail("Give the whole address, with https:// in front.")
        }
        onChange={(url) => void note(url)}
        note="Shown with the drill on the plan and on phones."
      />
    </section>
  );
}
