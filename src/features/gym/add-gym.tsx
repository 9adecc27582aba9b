"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "next/navigation";
import { Controller, useForm } from "react-hook-form";
import { gymSets } from "@/catalog/gym-sets";
import { useAsk } from "@/client/use-ask";
import { UNIT_NAMES, UNIT_SYSTEMS, type UnitSystem } from "@/core/units";
import { addGymAction } from "@/server/actions/gyms";
import { addGymSchema } from "@/server/schemas/added";
import { LabelledChoice } from "@/ui/choice";
import { Field } from "@/ui/field";
import { Sheet, SheetButtons } from "@/ui/sheet";

/** Adds a gym or room like one of the usual kinds. */
export function AddGym({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Sheet title="Add gym or room" open={open} onOpenChange={onOpenChange}>
      <AddGymForm onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

function AddGymForm({ onDone }: { onDone: () => void }) {
  const router = useRouter();
  const { register, control, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(addGymSchema),
    defaultValues: { name: "", unit: "kg" as UnitSystem, set: gymSets[0]!.id },
  });
  const ask = useAsk();
  const add = handleSubmit(async (gym) => {
    const outcome = await ask(addGymAction, gym);
    if (outcome.kind === "refused") return setError("name", { message: outcome.message });
    onDone();
    router.push(`/gym?gym=${outcome.id}`);
  });
  return (
    <form onSubmit={(e) => void add(e)} noValidate className="space-y-4">
      <Field label="Name" error={formState.errors.name?.message}>
        <input autoComplete="off" {...register("name")} />
      </Field>
      <div className="flex gap-8">
        <Controller
          control={control}
          name="set"
          render={({ field }) => (
            <LabelledChoice
              label="Starts as"
              value={field.value}
              groups={[{ options: gymSets.map((s) => ({ value: s.id, label: s.name, note: s.note })) }]}
              onChange={field.onChange}
            />
          )}
        />
        <Controller
          control={control}
          name="unit"
          render={({ field }) => (
            <LabelledChoice
              label="Weights in"
              value={field.value}
              groups={[{ options: UNIT_SYSTEMS.map((u) => ({ value: u, label: UNIT_NAMES[u] })) }]}
              onChange={field.onChange}
            />
          )}
        />
      </div>
      <SheetButtons action="Add" disabled={formState.isSubmitting} />
    </form>
  );
}
