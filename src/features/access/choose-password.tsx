"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { answered } from "@/client/use-ask";
import { fieldOf } from "@/lib/field-of";
import { setPasswordAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { EntryFrame } from "./entry-frame";
import { goIn } from "./sign-in";

const schema = z.object({
  name: z.string().trim().min(1, "Type your name.").max(80, "Use at most 80 characters."),
  password: z.string().min(10, "Take at least ten signs: a few words do."),
});

/** Chooses a password by a link that works once; the first who does so runs the gym. */
export function ChoosePassword({
  secret,
  name,
}: {
  secret: string;
  /** Whose link it is; null: the first owner's, who says the name. */
  name: string | null;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { name: name ?? "", password: "" },
  });
  const { errors, isSubmitting } = formState;
  const choose = handleSubmit(async (form) => {
    setProblem(null);
    const asked = { secret, password: form.password, ...(name === null && { name: form.name }) };
    const outcome = await answered(setPasswordAction(asked));
    if (outcome.kind === "refused") setProblem(fieldOf(outcome.message, ["name", "password"]).text);
    else goIn();
  });
  return (
    <EntryFrame title={name === null ? "Who runs this gym?" : `Welcome, ${name}`}>
      <p className="mt-2 max-w-sm text-ink-soft">
        {name === null
          ? "You become the owner: you see everything, and let others in."
          : "Choose a password. Where you were signed in before ends."}
      </p>
      <form className="mt-6 max-w-sm space-y-4" onSubmit={(e) => void choose(e)} noValidate>
        {name === null ? (
          <Field label="Your name" error={errors.name?.message}>
            <input autoComplete="username" {...register("name")} />
          </Field>
        ) : (
          <input type="hidden" autoComplete="username" {...register("name")} />
        )}
        <Field label="A password" note="At least ten signs; a few words do." error={errors.password?.message}>
          <input type="password" autoComplete="new-password" {...register("password")} />
        </Field>
        {problem && (
          <p role="alert" className="border-l-4 border-ember pl-3">
            {problem}
          </p>
        )}
        <Button type="submit" look="main" className="min-h-12 px-6 text-base" disabled={isSubmitting}>
          {name === null ? "Run this gym" : "Come in"}
        </Button>
      </form>
    </EntryFrame>
  );
}
