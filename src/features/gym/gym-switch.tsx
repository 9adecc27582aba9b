"use client";

import { Plus, Trash2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { gymSets } from "@/catalog/gym-sets";
import { toast } from "@/client/toast";
import { UNIT_SYSTEMS, type UnitSystem } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { addGymAction, removeGymAction } from "@/server/actions/gyms";
import { Button, IconButton } from "@/ui/button";
import { Choice, LabelledChoice } from "@/ui/choice";
import { Sheet, SheetClose } from "@/ui/sheet";

const UNIT_NAMES: Record<UnitSystem, string> = { kg: "Kilograms", lb: "Pounds" };

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
  const router = useRouter();
  const [name, setName] = useState("");
  const [unit, setUnit] = useState<UnitSystem>("kg");
  const [set, setSet] = useState(gymSets[0]!.id);
  const [message, setMessage] = useState<string | null>(null);
  const add = async () => {
    const outcome = await addGymAction({ name, unit, set });
    if (outcome.kind === "refused") {
      setMessage(outcome.message);
      return;
    }
    onOpenChange(false);
    setName("");
    setMessage(null);
    router.push(`/gym?gym=${outcome.id}`);
  };
  return (
    <Sheet title="Add gym or room" open={open} onOpenChange={onOpenChange}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
        className="space-y-4"
      >
        <label className="block">
          <span className="condensed mb-1 block text-2xs text-ink-soft">Name</span>
          <input
            value={name}
            onChange={(e) => setName(e.target.value)}
            autoComplete="off"
            className="min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm focus:border-ink"
          />
        </label>
        <div className="flex gap-8">
          <LabelledChoice
            label="Starts as"
            value={set}
            groups={[{ options: gymSets.map((s) => ({ value: s.id, label: s.name, note: s.note })) }]}
            onChange={setSet}
          />
          <LabelledChoice
            label="Weights in"
            value={unit}
            groups={[{ options: UNIT_SYSTEMS.map((u) => ({ value: u, label: UNIT_NAMES[u] })) }]}
            onChange={(u) => setUnit(u as UnitSystem)}
          />
        </div>
        <p role="alert" className="min-h-5 font-semibold text-ember">
          {message}
        </p>
        <div className="flex gap-3">
          <Button type="submit" look="main">
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
