"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { Plus, Trash2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { Controller, useForm } from "react-hook-form";
import { gymSets } from "@/catalog/gym-sets";
import { toast } from "@/client/toast";
import { UNIT_NAMES, UNIT_SYSTEMS, type UnitSystem } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { addGymAction, removeGymAction } from "@/server/actions/gyms";
import { addGymSchema } from "@/server/schemas/added";
import { Button, IconButton } from "@/ui/button";
import { Choice, LabelledChoice } from "@/ui/choice";
import { Field } from "@/ui/field";
import { Sheet, SheetButtons } from "@/ui/sheet";

/** From gym to gym, and to one more. */
export function GymSwitch({
  at,
  gyms,
}: {
  at: { id: string; name: string };
  gyms: readonly { id: string; name: string }[];
}) {
  const router = useRouter();
  const [isAdding, setAdding] = useState(false);
  const takeOut = async () => {
    const outcome = await removeGymAction(at.id);
    if (outcome.kind === "refused") {
      toast(outcome.message);
      return;
    }
    toastUndo(`${at.name} is deleted.`, outcome.token, () => router.push(`/gym?gym=${at.id}`));
    router.push("/gym");
    router.refresh();
  };
  return (
    <span className="flex items-center gap-3">
      {gyms.length > 1 && (
        <>
          <Choice
            label="Gym"
            value={at.id}
            groups={[{ options: gyms.map((g) => ({ value: g.id, label: g.name })) }]}
            onChange={(id) => router.push(`/gym?gym=${id}`)}
            triggerClassName="min-h-8 text-sm font-bold"
          />
          <IconButton label={`Delete ${at.name}`} onClick={() => void takeOut()}>
            <Trash2 aria-hidden className="size-4" />
          </IconButton>
        </>
      )}
      <Button onClick={() => setAdding(true)}>
        <Plus aria-hidden className="size-4" />
        Add gym or room
      </Button>
      <AddGym open={isAdding} onOpenChange={setAdding} />
    </span>
  );
}

function AddGym({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
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
  const add = handleSubmit(async (gym) => {
    const outcome = await addGymAction(gym);
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
