import type { WrittenStep, WrittenWarmUp } from "../review";
import type { Change, Remedy } from "./types";

/** A warm-up after all changes of a remedy. */
export function applyRemedy(written: WrittenWarmUp, { changes }: Remedy): WrittenWarmUp {
  const rows = written.steps.map((step, was): Row => ({ step, was }));
  const after = changes.reduce(change, { rows, ramps: written.ramps, minutes: written.minutes });
  return { steps: after.rows.map((r) => r.step), ramps: after.ramps, minutes: after.minutes };
}

/** A step and where it stood at first; what has been added stood nowhere. */
interface Row {
  step: WrittenStep;
  was: number | null;
}

type Changing = Omit<WrittenWarmUp, "steps"> & { rows: Row[] };

function change(now: Changing, by: Change): Changing {
  const { rows } = now;
  const at = (was: number) => rows.findIndex((r) => r.was === was);
  /** Where something goes that is to stand before what stood at `was`; at the end if nothing did. */
  const before = (was: number, among: readonly Row[]) => {
    const found = among.findIndex((r) => r.was !== null && r.was >= was);
    return found < 0 ? among.length : found;
  };
  const edited = (was: number, to: Partial<WrittenStep>) =>
    rows.map((r) => (r.was === was ? { ...r, step: { ...r.step, ...to } } : r));
  switch (by.kind) {
    case "drop-step":
      return { ...now, rows: rows.filter((r) => r.was !== by.step) };
    case "add-step": {
      const { drill, block, sets, amount } = by;
      const row: Row = { step: { drill, block, sets, amount, side: "both" }, was: null };
      return { ...now, rows: rows.toSpliced(before(by.at, rows), 0, row) };
    }
    case "swap-step":
      return {
        ...now,
        rows: edited(by.step, {
          drill: by.drill,
          sets: by.sets,
          amount: by.amount,
          format: undefined,
          side: "both",
        }),
      };
    case "dose-step":
      return { ...now, rows: edited(by.step, { sets: by.sets, amount: by.amount, format: undefined }) };
    case "move-step": {
      const moving = rows[at(by.step)]!;
      const rest = rows.filter((r) => r !== moving);
      return { ...now, rows: rest.toSpliced(before(by.to, rest), 0, moving) };
    }
    case "both-sides": {
      const first = rows.findIndex((r) => r.step.drill.id === by.drill && r.step.block === by.block);
      const others = (r: Row, i: number) =>
        i === first || r.step.drill.id !== by.drill || r.step.block !== by.block;
      const kept = rows.filter(others);
      return {
        ...now,
        rows: kept.map((r) => (r === rows[first] ? { ...r, step: { ...r.step, side: "both" } } : r)),
      };
    }
    case "minutes":
      return { ...now, minutes: by.minutes };
    case "change-set": {
      const sets = now.ramps[by.lift]!.map((set, i) => (i === by.set ? { ...set, ...by.to } : set));
      return { ...now, ramps: now.ramps.with(by.lift, sets) };
    }
    case "replace-ramp":
      return { ...now, ramps: now.ramps.with(by.lift, by.sets) };
  }
}
