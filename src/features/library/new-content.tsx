"use client";

import { Plus } from "lucide-react";
import { type FormEvent, useState } from "react";
import { useCustomContent } from "@/client/custom-content";
import { useAsk } from "@/client/use-ask";
import { PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { newContentAction } from "@/server/actions/library";
import type { CustomKind } from "@/server/schemas/custom-content";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { Field } from "@/ui/field";
import { Sheet, SheetButtons } from "@/ui/sheet";

/** A button that makes a drill, lift or approach of the gym's own, from a name and the least that must be known. */
export function NewContent({ kind, onMade }: { kind: CustomKind; onMade: (id: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        New {kind}
      </Button>
      <Sheet title={`New ${kind}`} open={open} onOpenChange={setOpen}>
        <NewForm
          kind={kind}
          onMade={(id) => {
            setOpen(false);
            onMade(id);
          }}
        />
      </Sheet>
    </>
  );
}

const DEMAND_CHOICES = [{ options: DEMAND_IDS.map((d) => ({ value: d, label: DEMANDS[d].name })) }];

function NewForm({ kind, onMade }: { kind: CustomKind; onMade: (id: string) => void }) {
  const { setCustom } = useCustomContent();
  const ask = useAsk();
  const [name, setName] = useState("");
  const [phase, setPhase] = useState<Phase>("mobilise");
  const [demand, setDemand] = useState<DemandId>("squat");
  const [message, setMessage] = useState<string>();
  const make = async (event: FormEvent) => {
    event.preventDefault();
    const request = {
      drill: { kind: "drill", name, phase, serves: demand },
      lift: { kind: "lift", name, asks: demand },
      approach: { kind: "approach", name },
    } as const;
    const made = await ask(newContentAction, request[kind]);
    if (made.kind === "refused") return setMessage(made.message.replace(/^name: /, ""));
    setCustom(made.custom);
    onMade(made.id);
  };
  return (
    <form className="space-y-4" onSubmit={(e) => void make(e)} noValidate>
      <Field label="Name" error={message}>
        <input autoComplete="off" value={name} onChange={(e) => setName(e.target.value)} />
      </Field>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        {kind === "drill" && (
          <LabelledChoice
            label="Phase"
            value={phase}
            groups={[{ options: PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })) }]}
            onChange={(p) => setPhase(p as Phase)}
          />
        )}
        {kind !== "approach" && (
          <LabelledChoice
            label={kind === "drill" ? "Serves" : "Asks for"}
            value={demand}
            groups={DEMAND_CHOICES}
            onChange={(d) => setDemand(d as DemandId)}
          />
        )}
      </div>
      <p className="text-ink-soft">Everything else is filled in on its page.</p>
      <SheetButtons action="Create" />
    </form>
  );
}
