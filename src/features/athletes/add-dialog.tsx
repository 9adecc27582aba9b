"use client";

import { useRouter } from "next/navigation";
import { useId, useState, useTransition } from "react";
import { counted } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { addAthletesAction } from "@/server/actions/athletes";
import { Button } from "@/ui/button";
import { Sheet, SheetClose } from "@/ui/sheet";

const FIELD =
  "min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 py-1.5 text-sm focus:border-ink";

/** Adds one athlete, or many from a pasted list of names. */
export function AddDialog({
  open,
  onOpenChange,
  groups,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  groups: readonly string[];
}) {
  const id = useId();
  const router = useRouter();
  const [isSending, startSending] = useTransition();
  const [problem, setProblem] = useState<string | null>(null);
  const send = (form: FormData) =>
    startSending(async () => {
      const outcome = await addAthletesAction({
        names: String(form.get("names") ?? ""),
        group: String(form.get("group") ?? ""),
        unit: form.get("unit") === "lb" ? "lb" : "kg",
      });
      if (outcome.kind === "refused") return setProblem(outcome.message);
      setProblem(null);
      onOpenChange(false);
      const { count, token } = outcome;
      toastUndo(`${counted(count, "athlete")} added.`, token, () => router.push("/athletes"));
      // One person is opened to be filled in; of many the list is looked at.
      if (outcome.count === 1) router.push(`/athletes/${outcome.firstId}`);
      else router.refresh();
    });
  return (
    <Sheet title="Add athletes" open={open} onOpenChange={onOpenChange}>
      <form
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          send(new FormData(e.currentTarget));
        }}
      >
        <div>
          <label htmlFor={`${id}-names`} className="condensed mb-1 block text-2xs text-ink-soft">
            Names, one per line
          </label>
          <textarea id={`${id}-names`} name="names" rows={6} className={FIELD} />
        </div>
        <div>
          <label htmlFor={`${id}-group`} className="condensed mb-1 block text-2xs text-ink-soft">
            Group (existing or new)
          </label>
          <input
            id={`${id}-group`}
            name="group"
            list={`${id}-groups`}
            autoComplete="off"
            defaultValue={groups[0] ?? ""}
            className={FIELD}
          />
          <datalist id={`${id}-groups`}>
            {groups.map((g) => (
              <option key={g} value={g} />
            ))}
          </datalist>
        </div>
        <div>
          <label htmlFor={`${id}-unit`} className="condensed mb-1 block text-2xs text-ink-soft">
            Units
          </label>
          <select id={`${id}-unit`} name="unit" className={FIELD}>
            <option value="kg">Kilograms</option>
            <option value="lb">Pounds</option>
          </select>
        </div>
        {problem && (
          <p role="alert" className="font-semibold text-ember">
            {problem}
          </p>
        )}
        <div className="flex gap-3 pt-1">
          <Button type="submit" look="main" disabled={isSending}>
            Add
          </Button>
          <SheetClose asChild>
            <Button>Cancel</Button>
          </SheetClose>
        </div>
      </form>
    </Sheet>
  );
}
