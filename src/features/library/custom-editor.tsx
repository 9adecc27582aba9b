"use client";

import { useCallback } from "react";
import { useCustomContent } from "@/client/custom-content";
import { getData, useData, useStamp } from "@/client/data";
import { useSavedDraft } from "@/client/use-saved-draft";
import type { Approach, Drill, Lift } from "@/core/catalog";
import { SaveSign, UndoButtons } from "@/features/shared/save-sign";
import { saveCustomContentAction } from "@/server/actions/library";
import type { CustomItem, CustomKind } from "@/server/schemas/custom-content";
import { Button } from "@/ui/button";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { ApproachFields } from "./approach-fields";
import { ApproachSample } from "./approach-sample-later";
import { DrillFields } from "./drill-fields";
import { LiftFields } from "./lift-fields";

interface Opened {
  kind: CustomKind;
  revision: number;
  draft: CustomItem;
}

/** A drill, lift or approach of the gym's own, to be changed. Saved as it is changed, like everything else. */
export function CustomEditor({ id }: { id: string }) {
  const { data: opened } = useData<Opened>(`library/${id}`);
  if (opened === undefined) return <p className="text-ink-soft">Loading</p>;
  if (opened === null) return <p>It cannot be read as it is stored. Nothing was changed.</p>;
  return <Editor key={id} opened={opened} />;
}

function Editor({ opened }: { opened: Opened }) {
  const { setCustom } = useCustomContent();
  const { kind } = opened;
  const { id } = opened.draft;
  const store = useCallback(
    async (revision: number, item: CustomItem, saveId: string) => {
      const outcome = await saveCustomContentAction({ kind, revision, item: { ...item }, saveId });
      if (outcome.kind === "saved" && outcome.custom) setCustom(outcome.custom);
      return outcome;
    },
    [kind, setCustom],
  );
  const load = useCallback(() => getData<Opened>(`library/${id}`), [id]);
  const stamp = useStamp<{ revision: number }>("library", id);
  const { draft, change, controls } = useSavedDraft<CustomItem>(
    opened,
    store,
    load,
    `own ${id}`,
    stamp?.revision,
    {
      kind: "library",
      requestOf: (revision, item, saveId) => ({ kind, revision, item: { ...item }, saveId }),
    },
  );
  useUndoKeys(controls);
  const set = (to: Partial<CustomItem>) => change((item) => ({ ...item, ...to }) as CustomItem);
  return (
    <article className="space-y-7 pr-2 pb-10">
      <header className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-2xl leading-tight font-bold tracking-tight">{draft.name}</h2>
        <span className="flex items-center gap-3">
          <SaveSign controls={controls} />
          <span className="flex">
            <UndoButtons controls={controls} />
          </span>
          <Button onClick={() => set({ retired: !draft.retired })}>
            {draft.retired ? "Restore" : "Retire"}
          </Button>
        </span>
      </header>
      {draft.retired && (
        <p className="w-fit bg-ochre-wash px-3 py-2">
          Retired: in no new plan, but still in those that have it.
        </p>
      )}
      {kind === "drill" && <DrillFields drill={draft as Drill} set={set} />}
      {kind === "lift" && <LiftFields lift={draft as Lift} set={set} />}
      {kind === "approach" && <ApproachFields approach={draft as Approach} set={set} />}
      {kind === "approach" && <ApproachSample approach={draft as Approach} />}
    </article>
  );
}
