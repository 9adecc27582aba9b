"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import type { RefObject } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { Field } from "./field";
import { Sheet, SheetButtons } from "./sheet";
import { parseName } from "./text-field";

const nameSchema = z.object({
  name: z.string().transform((text, context) => {
    const name = parseName(text);
    if (name.ok) return name.value;
    context.addIssue({ code: "custom", message: name.error });
    return z.NEVER;
  }),
});

interface NameDialogProps {
  title: string;
  /** What the name is of. */
  label: string;
  /** What it is called until now. */
  name: string;
  note?: string;
  /** What the button says that takes the name. */
  action: string;
  open: boolean;
  /** Where the focus goes afterwards. */
  home: RefObject<HTMLElement | null>;
  onClose: () => void;
  /** Takes the name; what is returned says why it cannot be. */
  onTake: (name: string) => Promise<string | null> | null;
}

/** Asks for a name. */
export function NameDialog({ title, open, home, onClose, ...form }: NameDialogProps) {
  return (
    <Sheet home={home} title={title} open={open} onOpenChange={(isOpen) => !isOpen && onClose()}>
      <NameForm {...form} onClose={onClose} />
    </Sheet>
  );
}

function NameForm({
  label,
  name: before,
  note,
  action,
  onClose,
  onTake,
}: Omit<NameDialogProps, "title" | "open" | "home">) {
  const { register, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(nameSchema),
    values: { name: before },
  });
  const take = handleSubmit(async ({ name }) => {
    const problem = await onTake(name);
    if (problem === null) onClose();
    else setError("name", { message: problem });
  });
  return (
    <form onSubmit={(e) => void take(e)} noValidate>
      <Field label={label} note={note} error={formState.errors.name?.message}>
        <input autoComplete="off" {...register("name")} />
      </Field>
      <SheetButtons action={action} disabled={formState.isSubmitting} />
    </form>
  );
}
