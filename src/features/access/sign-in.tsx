"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { browserSupportsWebAuthn, startAuthentication } from "@simplewebauthn/browser";
import { KeyRound } from "lucide-react";
import { useEffect, useState } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { forgetKeptPages } from "@/client/floor-worker";
import { answered } from "@/client/use-ask";
import { askPasskeyAction, enterByPasskeyAction, signInAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Link } from "@/ui/link";
import { EntryFrame } from "./entry-frame";

const schema = z.object({
  name: z.string().min(1, "Type your name."),
  password: z.string().min(1, "Type your password."),
});

/** Leaves for a page as who has come in: nothing of the page before is kept. */
export const goIn = (to = "/") => window.location.assign(to);

/** Who comes in by name and password, by passkey, or as a device by a code. */
export function SignIn() {
  const [hasPasskeys, setHasPasskeys] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  // Who is out keeps no pages of the gym; what is not sent yet stays, and is sent when they are in again.
  useEffect(() => void forgetKeptPages(), []);
  useEffect(() => setHasPasskeys(browserSupportsWebAuthn() && window.isSecureContext), []);
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { name: "", password: "" },
  });
  const { errors, isSubmitting } = formState;
  const enter = handleSubmit(async (form) => {
    setProblem(null);
    const outcome = await answered(signInAction(form));
    if (outcome.kind === "refused") setProblem(outcome.message);
    else goIn();
  });
  const enterByPasskey = async () => {
    setProblem(null);
    const asked = await answered(askPasskeyAction({}));
    if (asked.kind === "refused") return setProblem(asked.message);
    const signed = await startAuthentication({ optionsJSON: asked.options }).catch(() => null);
    if (!signed) return setProblem("No passkey was used. Sign in with your password instead.");
    const outcome = await answered(enterByPasskeyAction({ signed: { ...signed } }));
    if (outcome.kind === "refused") setProblem(outcome.message);
    else goIn();
  };
  return (
    <EntryFrame title="Sign in">
      <form className="mt-6 max-w-sm space-y-4" onSubmit={(e) => void enter(e)} noValidate>
        <Field label="Name" error={errors.name?.message}>
          <input autoComplete="username" {...register("name")} />
        </Field>
        <Field label="Password" error={errors.password?.message}>
          <input type="password" autoComplete="current-password" {...register("password")} />
        </Field>
        {problem && (
          <p role="alert" className="border-l-4 border-ember pl-3">
            {problem}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="main" className="min-h-12 px-6 text-base" disabled={isSubmitting}>
            Sign in
          </Button>
          {hasPasskeys && (
            <Button className="min-h-12 px-4 text-base" onClick={() => void enterByPasskey()}>
              <KeyRound aria-hidden className="size-4" />
              With a passkey
            </Button>
          )}
        </div>
      </form>
      <p className="mt-10 max-w-sm border-t border-line pt-4 text-ink-soft">
        A tablet or an athlete's phone needs no password:{" "}
        <Link href="/pair" className="font-semibold text-ink underline underline-offset-4 hover:text-ember">
          let this device in by a code
        </Link>{" "}
        that the desk shows.
      </p>
    </EntryFrame>
  );
}
