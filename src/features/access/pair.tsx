"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { answered } from "@/client/use-ask";
import { fieldOf } from "@/lib/field-of";
import { pairDeviceAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { EntryFrame } from "./entry-frame";
import { goIn } from "./sign-in";

const schema = z.object({
  code: z.string().min(1, "Type the code that the desk shows."),
  name: z.string().trim().min(1, "Say what this device is, as “Tablet at rack 2”.").max(80),
});

/** Lets this device in by a code that the desk shows. */
export function Pair({ code }: { code: string }) {
  const { register, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { code, name: "" },
  });
  const { errors, isSubmitting } = formState;
  const pair = handleSubmit(async (form) => {
    const outcome = await answered(pairDeviceAction(form));
    if (outcome.kind === "paired") return goIn(outcome.role === "athlete" ? "/me" : "/");
    setError("code", { message: fieldOf(outcome.message, ["code"]).text });
  });
  return (
    <EntryFrame title="Let this device in">
      <p className="mt-2 max-w-sm text-ink-soft">
        On the coach's desk, under Access, a code is shown for ten minutes. It works once.
      </p>
      <form className="mt-6 max-w-sm space-y-4" onSubmit={(e) => void pair(e)} noValidate>
        <Field label="Code" error={errors.code?.message}>
          <input
            autoComplete="off"
            autoCapitalize="characters"
            spellCheck={false}
            className="!text-2xl font-bold tracking-[0.25em] uppercase"
            {...register("code")}
          />
        </Field>
        <Field label="What this device is" error={errors.name?.message}>
          <input autoComplete="off" {...register("name")} />
        </Field>
        <Button type="submit" look="main" className="min-h-12 px-6 text-base" disabled={isSubmitting}>
          Let it in
        </Button>
      </form>
    </EntryFrame>
  );
}
