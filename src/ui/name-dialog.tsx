"use client";

import { type RefObject, useId } from "react";
import { useForm } from "react-hook-form";
import { Button } from "./button";
import { Sheet, SheetClose } from "./sheet";
import { parseName } from "./text-field";

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
  const id = useId();
  const { register, handleSubmit, setError, formState } = useForm({ values: { name: before } });
  const error = formState.errors.name?.message;
  const take = handleSubmit(async ({ name }) => {
    const problem = await onTake(name.trim());
    if (problem === null) onClose();
    else setError("name", { message: problem });
  });
  return (
    <form onSubmit={(e) => void take(e)} noValidate>
      <label htmlFor={id} className="condensed mb-1 block text-2xs text-ink-soft">
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={`${id}-note`}
        {...register("name", {
          validate: (text) => {
            const name = parseName(text);
            return name.ok || name.error;
          },
        })}
        className="min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm focus:border-ink aria-invalid:border-ember"
      />
      <p
        id={`${id}-note`}
        role={error ? "alert" : undefined}
        className={`mt-1.5 min-h-5 ${error ? "font-semibold text-ember" : "text-ink-soft"}`}
      >
        {error ?? note}
      </p>
      <div className="mt-4 flex gap-3">
        <Button type="submit" look="main" disabled={formState.isSubmitting}>
          {action}
        </Button>
        <SheetClose asChild>
          <Button>Cancel</Button>
        </SheetClose>
      </div>
    </form>
  );
}
