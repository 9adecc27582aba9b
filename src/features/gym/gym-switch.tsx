"use client";

import { Plus, Trash2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { removeGymAction } from "@/server/actions/gyms";
import { Button, IconButton } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { later } from "@/ui/later";

const AddGym = later(() => import("./add-gym").then((m) => m.AddGym));

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
    const outcome = await answered(removeGymAction(at.id));
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
