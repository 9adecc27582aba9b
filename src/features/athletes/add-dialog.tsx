"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "next/navigation";
import { useId } from "react";
import { useForm } from "react-hook-form";
import { useAsk } from "@/client/use-ask";
import { counted, UNIT_NAMES, UNIT_SYSTEMS } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { addAthletesAction } from "@/server/actions/athletes";
import { addAthletesSchema } from "@/server/schemas/added";
import { Field } from "@/ui/field";
import { Sheet, SheetButtons } from "@/ui/sheet";

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
  return (
    <Sheet title="Add athletes" open={open} onOpenChange={onOpenChange}>
      <AddForm groups={groups} onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

function AddForm({ groups, onDone }: { groups: readonly string[]; onDone: () => void }) {
  const list = useId();
  const router = useRouter();
  const { register, handleSubmit, setError, getValues, formState } = useForm({
    resolver: zodResolver(addAthletesSchema),
    defaultValues: { names: "", group: groups[0] ?? "", unit: "kg" as const },
  });
  const { errors } = formState;
  const ask = useAsk();
  const add = handleSubmit(async () => {
    const outcome = await ask(addAthletesAction, getValues());
    if (outcome.kind === "refused") return setError("names", { message: outcome.message });
    onDone();
    const { count, token } = outcome;
    toastUndo(`${counted(count, "athlete")} added.`, token, () => router.push("/athletes"));
    // One person is opened to be filled in; of many the list is looked at.
    if (outcome.count === 1) router.push(`/athletes/${outcome.firstId}`);
    else router.refresh();
  });
  return (
    <form className="space-y-3" onSubmit={(e) => void add(e)} noValidate>
      <Field label="Names, one per line" error={errors.names?.message}>
        <textarea rows={6} {...register("names")} />
      </Field>
      <Field label="Group (existing or new)" error={errors.group?.message}>
        <input list={list} autoComplete="off" {...register("group")} />
      </Field>
      <datalist id={list}>
        {groups.map((g) => (
          <option key={g} value={g} />
        ))}
      </datalist>
      <Field label="Units">
        <select {...register("unit")}>
          {UNIT_SYSTEMS.map((unit) => (
            <option key={unit} value={unit}>
              {UNIT_NAMES[unit]}
            </option>
          ))}
        </select>
      </Field>
      <SheetButtons action="Add" disabled={formState.isSubmitting} />
    </form>
  );
}
