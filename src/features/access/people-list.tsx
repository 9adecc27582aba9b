"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { UserPlus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { fieldOf } from "@/lib/field-of";
import type { ListedAccount, OnceLink } from "@/server/access/accounts";
import {
  addAccountAction,
  changeRoleAction,
  endSignedInAction,
  passwordLinkAction,
  removeAccountAction,
} from "@/server/actions/access";
import { Button } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { Field } from "@/ui/field";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { When } from "@/ui/when";
import { LinkSheet } from "./link-sheet";
import { ROLE_NAMES, ROLE_SAYS } from "./role-words";

const ROLES = ["owner", "coach", "assistant"] as const;
type AccountRole = (typeof ROLES)[number];
const ROLE_CHOICES = [
  { options: ROLES.map((role) => ({ value: role, label: ROLE_NAMES[role], note: ROLE_SAYS[role] })) },
];

/** A link that was made, and for whom it is. */
interface MadeLink {
  name: string;
  link: OnceLink;
}

/** Who signs in: as what, where, and how to a new password; there is no mail, so links are handed over. */
export function PeopleList({
  accounts,
  own,
  isOpen,
}: {
  accounts: readonly ListedAccount[];
  own: string | null;
  isOpen: boolean;
}) {
  const [adding, setAdding] = useState(false);
  const [made, setMade] = useState<MadeLink | null>(null);
  return (
    <section aria-label="People">
      <h2 className="section-title mb-1">People</h2>
      {accounts.length === 0 && (
        <p className="border-t border-line pt-2 text-ink-soft">
          {isOpen
            ? "Nobody yet."
            : "Nobody needs to sign in. Who is added here can, once other machines reach this one."}
        </p>
      )}
      <ul className="border-b border-line">
        {accounts.map((account) => (
          <Person key={account.id} account={account} isSelf={account.id === own} onLink={setMade} />
        ))}
      </ul>
      {accounts.length > 0 && (
        <Button look="bare" className="mt-1 -ml-3" onClick={() => setAdding(true)}>
          <UserPlus aria-hidden className="size-4" />
          Add somebody
        </Button>
      )}
      <Sheet title="Add somebody" open={adding} onOpenChange={setAdding}>
        <AddForm
          onDone={(link) => {
            setAdding(false);
            setMade(link);
          }}
        />
      </Sheet>
      <LinkSheet
        title={made ? `A link for ${made.name}` : ""}
        link={made?.link ?? null}
        onClose={() => setMade(null)}
      >
        With it {made?.name} chooses a password and comes in. It works once, and for a day.
      </LinkSheet>
    </section>
  );
}

function Person({
  account,
  isSelf,
  onLink,
}: {
  account: ListedAccount;
  isSelf: boolean;
  onLink: (made: MadeLink) => void;
}) {
  const router = useRouter();
  const { id, name, role, hasPassword, signedIn, passkeys } = account;
  const done = async (outcome: { kind: string; message?: string }, said: string) => {
    await toast(outcome.kind === "refused" ? (outcome.message ?? "") : said);
    router.refresh();
  };
  const change = async (to: string) =>
    done(
      await answered(changeRoleAction({ userId: id, role: to as AccountRole })),
      `${name} is ${ROLE_NAMES[to as AccountRole].toLowerCase()} now.`,
    );
  const link = async () => {
    const outcome = await answered(passwordLinkAction(id));
    if (outcome.kind === "refused") return toast(outcome.message);
    onLink({ name, link: outcome.link });
  };
  const remove = async () => done(await answered(removeAccountAction(id)), `${name} is out.`);
  const end = async (where: string) => done(await answered(endSignedInAction(where)), "Ended.");
  return (
    <li className="border-t border-line py-2">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="min-w-0 flex-1 text-sm font-semibold">
          {name}
          {isSelf && <span className="font-normal text-ink-soft"> (you)</span>}
        </span>
        <Choice
          label={`What ${name} is`}
          value={role}
          groups={ROLE_CHOICES}
          onChange={(to) => void change(to)}
          triggerClassName="min-h-8 font-semibold"
        />
        <Button look="bare" onClick={() => void link()}>
          New password<span className="sr-only"> for {name}</span>
        </Button>
        {!isSelf && (
          <Button look="bare" onClick={() => void remove()}>
            Remove<span className="sr-only"> {name}</span>
          </Button>
        )}
      </div>
      <p className="text-ink-soft">
        {hasPassword ? (passkeys > 0 ? "Password and passkey." : "Password.") : "Has not come in yet."}
      </p>
      {signedIn.map((s) => (
        <p key={s.id} className="flex min-h-8 items-center justify-between text-ink-soft">
          <span>
            {s.browser}, since <When at={s.since} />
          </span>
          <Button look="bare" onClick={() => void end(s.id)}>
            End<span className="sr-only"> {`${name} on ${s.browser}`}</span>
          </Button>
        </p>
      ))}
    </li>
  );
}

const addSchema = z.object({
  name: z.string().trim().min(1, "Type a name.").max(80, "Use at most 80 characters."),
  role: z.enum(ROLES),
});

function AddForm({ onDone }: { onDone: (made: MadeLink) => void }) {
  const router = useRouter();
  const { register, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(addSchema),
    defaultValues: { name: "", role: "coach" as AccountRole },
  });
  const add = handleSubmit(async (form) => {
    const outcome = await answered(addAccountAction(form));
    if (outcome.kind === "refused") {
      return setError("name", { message: fieldOf(outcome.message, ["name"]).text });
    }
    router.refresh();
    onDone({ name: form.name, link: outcome.link });
  });
  return (
    <form className="space-y-3" onSubmit={(e) => void add(e)} noValidate>
      <Field label="Name" error={formState.errors.name?.message}>
        <input autoComplete="off" {...register("name")} />
      </Field>
      <Field label="As">
        <select {...register("role")}>
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {ROLE_NAMES[role]}: {ROLE_SAYS[role]}
            </option>
          ))}
        </select>
      </Field>
      <SheetButtons action="Add" disabled={formState.isSubmitting} />
    </form>
  );
}
