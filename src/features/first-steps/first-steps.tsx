"use client";

import { Plus } from "lucide-react";
import { useRef } from "react";
import { Controller, useFieldArray, useForm } from "react-hook-form";
import { gymSets } from "@/catalog/gym-sets";
import { useCatalog } from "@/client/catalog";
import { counted, type UnitSystem } from "@/core/units";
import { Wordmark } from "@/features/shared/wordmark";
import { newId } from "@/lib/new-id";
import { firstStepsAction } from "@/server/actions/setup";
import type { FirstStepsForm } from "@/server/setup/first-steps";
import { Button } from "@/ui/button";
import { FIELD_LOOK, Field } from "@/ui/field";
import { later } from "@/ui/later";
import { Toggle } from "@/ui/toggle";

// The page of the day is at the same address, and has nothing to import.
const FromFiles = later(() => import("./from-files").then((m) => m.FromFiles));

/** What the form has of a kind of gym. */
function likeSet(id: string, unit: UnitSystem) {
  const set = gymSets.find((g) => g.id === id)!;
  const { bar, plates } = set.loads[unit];
  return {
    bar: String(bar),
    plates: plates.map((p) => ({ weight: String(p.weight), pairs: p.pairs })),
    bumpers: set.bumpers,
  };
}

const FIRST_SET = "room";

/**
 * The short way in: who comes, a bar with its plates, one lift with its weight.
 *
 * @param known how many athletes there are already, taken in from a file.
 */
export function FirstSteps({ known }: { known: number }) {
  const catalog = useCatalog();
  const mainLifts = catalog.lifts.filter((l) => !l.kind);
  const form = useForm<FirstStepsForm>({
    defaultValues: {
      names: "",
      experience: "intermediate",
      bodyWeight: "",
      unit: "kg",
      set: FIRST_SET,
      ...likeSet(FIRST_SET, "kg"),
      lift: "back-squat",
      sets: 3,
      reps: 5,
      weight: "",
    },
  });
  const { register, handleSubmit, setError, setValue, watch, formState } = form;
  const plates = useFieldArray({ control: form.control, name: "plates" });
  const unit = watch("unit");
  const isSeveral = watch("names").trim().includes("\n");
  const become = (set: string, to: UnitSystem) => {
    const like = likeSet(set, to);
    setValue("bar", like.bar);
    setValue("bumpers", like.bumpers);
    plates.replace(like.plates);
  };
  const isOnBody = mainLifts.find((l) => l.id === watch("lift"))?.implement === "bodyweight";

  // Of this page: sent five times it makes one gym.
  const requestId = useRef(newId());
  const submit = handleSubmit(async (values) => {
    const outcome = await firstStepsAction({ ...values, requestId: requestId.current });
    requestId.current = newId();
    const errors = "errors" in outcome ? outcome.errors : [];
    for (const [i, { path, message }] of errors.entries())
      setError(path as keyof FirstStepsForm, { message }, { shouldFocus: i === 0 });
  });

  return (
    <div className="min-h-dvh">
      <header className="flex h-12 items-center border-b border-line px-7">
        <Wordmark />
      </header>
      <main id="content" className="mx-auto max-w-4xl px-7 py-8">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">A first warm-up</h1>
        <p className="mt-1 mb-7 max-w-xl text-sm text-ink-soft">
          {known > 0
            ? `${counted(known, "athlete")} imported. Say what the gym has; more athletes can be added here.`
            : "Your athletes, the bar and its plates, one lift: that is all a first plan needs."}
        </p>
        <form onSubmit={submit} noValidate className="grid gap-x-12 gap-y-8 md:grid-cols-2">
          <fieldset className="space-y-3">
            <legend className="mb-2 text-base font-bold">Athletes and lift</legend>
            <Field
              label="Athletes, one per line: name, then the working weight if you know it, as Maria Lopez 42.5"
              error={formState.errors.names?.message}
            >
              <textarea rows={isSeveral ? 6 : 2} autoComplete="off" {...register("names")} />
            </Field>
            <Field
              label={`Body weight, ${unit} (if you know it)`}
              error={formState.errors.bodyWeight?.message}
            >
              <input inputMode="decimal" {...register("bodyWeight")} />
            </Field>
            <Field label="Experience">
              <select {...register("experience")}>
                <option value="beginner">Beginner</option>
                <option value="intermediate">Intermediate</option>
                <option value="advanced">Advanced</option>
              </select>
            </Field>
            <Field label="Lift">
              <select {...register("lift")}>
                {mainLifts.map((l) => (
                  <option key={l.id} value={l.id}>
                    {l.name}
                  </option>
                ))}
              </select>
            </Field>
            <div className="grid grid-cols-3 gap-3">
              <Field label="Sets" error={formState.errors.sets?.message}>
                <input inputMode="numeric" {...register("sets", { valueAsNumber: true })} />
              </Field>
              <Field label="Reps" error={formState.errors.reps?.message}>
                <input inputMode="numeric" {...register("reps", { valueAsNumber: true })} />
              </Field>
              <Field
                label={`${isOnBody ? "In all" : "Weight"}, ${unit}${isSeveral ? " (for lines without one)" : ""}`}
                error={formState.errors.weight?.message}
                note="Empty: drills, but no ramp yet."
              >
                <input inputMode="decimal" {...register("weight")} />
              </Field>
            </div>
          </fieldset>
          <fieldset>
            <legend className="mb-2 text-base font-bold">Bar and plates</legend>
            <div className="grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)_minmax(0,3fr)] gap-3">
              <Field label="A gym like">
                <select {...register("set", { onChange: (e) => become(e.target.value, unit) })}>
                  {gymSets.map((g) => (
                    <option key={g.id} value={g.id}>
                      {g.name}
                    </option>
                  ))}
                </select>
              </Field>
              <Field label="Unit">
                <select
                  {...register("unit", {
                    onChange: (e) => {
                      const to = e.target.value as UnitSystem;
                      become(form.getValues("set"), to);
                    },
                  })}
                >
                  <option value="kg">Kilograms</option>
                  <option value="lb">Pounds</option>
                </select>
              </Field>
              <Field label={`Bar, ${unit}`} error={formState.errors.bar?.message}>
                <input inputMode="decimal" {...register("bar")} />
              </Field>
            </div>
            <table className="mt-3 w-full">
              <thead>
                <tr className="condensed text-left text-2xs text-ink-soft">
                  <th className="py-1 font-medium">Plate, {unit}</th>
                  <th className="py-1 font-medium">Pairs</th>
                </tr>
              </thead>
              <tbody>
                {plates.fields.map((row, i) => (
                  <tr key={row.id}>
                    <td className="py-0.5 pr-3">
                      <input
                        aria-label={`Plate ${i + 1}, weight`}
                        aria-invalid={formState.errors.plates?.[i]?.weight !== undefined}
                        className={FIELD_LOOK}
                        inputMode="decimal"
                        {...register(`plates.${i}.weight`)}
                      />
                    </td>
                    <td className="py-0.5">
                      <input
                        aria-label={`Plate ${i + 1}, pairs`}
                        aria-invalid={formState.errors.plates?.[i]?.pairs !== undefined}
                        className={FIELD_LOOK}
                        inputMode="numeric"
                        {...register(`plates.${i}.pairs`, { valueAsNumber: true })}
                      />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <PlateErrors errors={formState.errors.plates} />
            <Button
              look="bare"
              className="mt-1 -ml-3"
              onClick={() => plates.append({ weight: "", pairs: 1 })}
            >
              <Plus aria-hidden className="size-4" />
              Add size
            </Button>
            <Controller
              name="bumpers"
              control={form.control}
              render={({ field }) => (
                <Toggle
                  label="The larger plates are bumpers (all of full diameter)."
                  isOn={field.value}
                  onChange={field.onChange}
                />
              )}
            />
          </fieldset>
          <div className="md:col-span-2">
            <Button
              type="submit"
              look="main"
              className="min-h-10 px-5 text-sm"
              disabled={formState.isSubmitting}
            >
              {known > 0 && watch("names").trim() === "" ? "Open the gym" : "Plan the warm-up"}
            </Button>
          </div>
        </form>
        <FromFiles />
      </main>
    </div>
  );
}

type PlateFieldErrors = ReturnType<typeof useForm<FirstStepsForm>>["formState"]["errors"]["plates"];

function PlateErrors({ errors }: { errors: PlateFieldErrors }) {
  if (!errors) return null;
  const rows = Array.isArray(errors) ? errors : [];
  const messages = rows.flatMap((row, i) =>
    row ? [`Plate ${i + 1}: ${row.weight?.message ?? row.pairs?.message ?? ""}`] : [],
  );
  if (errors.message) messages.push(errors.message);
  return (
    <p role="alert" className="mt-1 text-xs font-medium text-ember">
      {messages.join(" ")}
    </p>
  );
}
