"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { browserSupportsWebAuthn, startRegistration } from "@simplewebauthn/browser";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { SiteHeader } from "@/features/shared/site-header";
import { fieldOf } from "@/lib/field-of";
import type { OwnAccount } from "@/server/access/accounts";
import {
  beginPasskeyAction,
  changePasswordAction,
  endSignedInAction,
  keepPasskeyAction,
  removePasskeyAction,
  signOutAction,
} from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { When } from "@/ui/when";

/** One's own account: where one is signed in, the password, passkeys; of a device, what it is. */
export function AccountPage({ name, account }: { name: string; account: OwnAccount | null }) {
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/account" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">{name}</h1>
            <p className="text-sm text-ink-soft">
              {account
                ? `You are ${account.role === "owner" ? "the owner" : `a ${account.role}`} here.`
                : "A device that was let in by a code."}
            </p>
          </div>
          <Button onClick={() => void signOutAction({})}>
            {account ? "Sign out" : "Forget this device"}
          </Button>
        </div>
        {account && (
          <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
            <Password />
            <div className="space-y-10">
              <Passkeys account={account} />
              <Elsewhere account={account} />
            </div>
          </div>
        )}
      </main>
    </div>
  );
}

const passwordSchema = z.object({
  before: z.string().min(1, "Type your password of now."),
  password: z.string().min(10, "Take at least ten signs: a few words do."),
});

function Password() {
  const router = useRouter();
  const { register, handleSubmit, setError, reset, formState } = useForm({
    resolver: zodResolver(passwordSchema),
    defaultValues: { before: "", password: "" },
  });
  const { errors, isSubmitting } = formState;
  const change = handleSubmit(async (form) => {
    const outcome = await answered(changePasswordAction(form));
    if (outcome.kind === "refused") {
      const { field, text } = fieldOf(outcome.message, ["before", "password"]);
      return setError(field ?? "password", { message: text });
    }
    reset();
    await toast("Your password is changed. Where you were signed in elsewhere has ended.");
    router.refresh();
  });
  return (
    <section aria-label="Password">
      <h2 className="section-title mb-2">Password</h2>
      <form className="max-w-sm space-y-3" onSubmit={(e) => void change(e)} noValidate>
        <Field label="Password of now" error={errors.before?.message}>
          <input type="password" autoComplete="current-password" {...register("before")} />
        </Field>
        <Field
          label="New password"
          note="At least ten signs; a few words do."
          error={errors.password?.message}
        >
          <input type="password" autoComplete="new-password" {...register("password")} />
        </Field>
        <Button type="submit" disabled={isSubmitting}>
          Change the password
        </Button>
      </form>
    </section>
  );
}

function Passkeys({ account }: { account: OwnAccount }) {
  const router = useRouter();
  const [isPossible, setIsPossible] = useState(true);
  useEffect(() => setIsPossible(browserSupportsWebAuthn() && window.isSecureContext), []);
  const add = async () => {
    const begun = await answered(beginPasskeyAction({}));
    if (begun.kind === "refused") return toast(begun.message);
    const signed = await startRegistration({ optionsJSON: begun.options }).catch(() => null);
    if (!signed) return toast("No passkey was made.");
    const outcome = await answered(keepPasskeyAction({ signed: { ...signed } }));
    await toast(
      outcome.kind === "refused" ? outcome.message : "From now on this browser's passkey lets you in.",
    );
    router.refresh();
  };
  const remove = async (id: string) => {
    await answered(removePasskeyAction(id));
    router.refresh();
  };
  return (
    <section aria-label="Passkeys">
      <h2 className="section-title mb-1">Passkeys</h2>
      <ul>
        {account.keys.map((key, i) => (
          <li key={key.id} className="flex min-h-10 items-center justify-between border-t border-line">
            <span>
              Passkey {i + 1}, since <When at={key.createdAt} as="d MMMM yyyy" />
            </span>
            <Button look="bare" onClick={() => void remove(key.id)}>
              Remove<span className="sr-only"> passkey {i + 1}</span>
            </Button>
          </li>
        ))}
      </ul>
      <p className="border-t border-line pt-2 text-ink-soft">
        {isPossible
          ? "A fingerprint, a face or the device's own code in place of the password."
          : "A browser makes passkeys only over https, or on the machine itself."}
      </p>
      {isPossible && (
        <Button className="mt-2" onClick={() => void add()}>
          Add a passkey
        </Button>
      )}
    </section>
  );
}

/** Where an account is signed in, each with how to end it. */
function Elsewhere({ account }: { account: OwnAccount }) {
  const router = useRouter();
  const end = async (id: string) => {
    await answered(endSignedInAction(id));
    router.refresh();
  };
  return (
    <section aria-label="Where you are signed in">
      <h2 className="section-title mb-1">Where you are signed in</h2>
      <ul className="border-b border-line">
        {account.signedIn.map((s) => (
          <li key={s.id} className="flex min-h-10 items-center justify-between border-t border-line">
            <span>
              {s.browser}, since <When at={s.since} />
            </span>
            <Button look="bare" onClick={() => void end(s.id)}>
              End<span className="sr-only"> {s.browser}</span>
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
