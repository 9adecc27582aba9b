"use client";

import { useCallback, useEffect, useState } from "react";
import { saveCustomContentAction, storedCustomContentAction } from "@/app/actions";
import { takeCustomContent } from "@/catalog";
import { useSavedDraft } from "@/client/use-saved-draft";
import type { Approach, Drill, Lift } from "@/core/catalog";
import { SaveSign, UndoButtons } from "@/features/shared/save-sign";
import type { CustomItem, CustomKind } from "@/server/schemas/custom-content";
import { Button } from "@/ui/button";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { ApproachFields } from "./approach-fields";
import { DrillFields } from "./drill-fields";
import { LiftFields } from "./lift-fields";

interface Opened {
  kind: CustomKind;
  revision: number;
  draft: CustomItem;
}

/** A drill, lift or approach of the hall's own, to be changed. Saved as it is changed, like everything else. */
export function CustomEditor({ id, onChanged }: { id: string; onChanged: () => void }) {
  const [opened, setOpened] = useState<Opened | null | undefined>(undefined);
  useEffect(() => {
    let isGone = false;
    void storedCustomContentAction(id).then((found) => !isGone && setOpened(found));
    return () => {
      isGone = true;
    };
  }, [id]);
  if (opened === undefined) return <p className="text-ink-soft">One moment</p>;
  if (opened === null) return <p>What is stored of it cannot be read. It stays stored as it is.</p>;
  return <Editor key={id} opened={opened} onChanged={onChanged} />;
}

function Editor({ opened, onChanged }: { opened: Opened; onChanged: () => void }) {
  const { kind } = opened;
  const { id } = opened.draft;
  const store = useCallback(
    async (revision: number, item: CustomItem) => {
      const { own, ...outcome } = await saveCustomContentAction({ kind, revision, item });
      if (own) {
        takeCustomContent(own);
        onChanged();
      }
      return outcome;
    },
    [kind, onChanged],
  );
  const load = useCallback(() => storedCustomContentAction(id), [id]);
  const state = useSavedDraft<CustomItem>(opened, store, load, `own ${id}`);
  const { draft, change } = state;
  useUndoKeys(state);
  const set = (to: Partial<CustomItem>) => change((item) => ({ ...item, ...to }) as CustomItem);
  return (
    <article className="space-y-7 pr-2 pb-10">
      <header className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-2xl leading-tight font-bold tracking-tight">{draft.name}</h2>
        <span className="flex items-center gap-3">
          <SaveSign state={state} />
          <span className="flex">
            <UndoButtons state={state} />
          </span>
          <Button onClick={() => set({ retired: !draft.retired })}>
            {draft.retired ? "Take in again" : "Take out"}
          </Button>
        </span>
      </header>
      {draft.retired && (
        <p className="w-fit bg-ochre-wash px-3 py-2">
          Taken out: in no new plan, but still in those that have it.
        </p>
      )}
      {kind === "drill" && <DrillFields drill={draft as Drill} set={set} />}
      {kind === "lift" && <LiftFields lift={draft as Lift} set={set} />}
      {kind === "approach" && <ApproachFields approach={draft as Approach} set={set} />}
    </article>
  );
}
