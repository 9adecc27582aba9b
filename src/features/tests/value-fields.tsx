"use client";

import { type AthleteTest, SIDES, type TestValue, testNumber } from "@/core/response";
import { fail, ok } from "@/lib/result";
import { Stepper } from "@/ui/stepper";
import { AngleButton } from "./angle-button";

/** A number as it is typed and read, without its unit. */
const plain = (n: number) => String(n).replace("-", "−");

/** What a test came to: a number, or one for each side. */
export function ValueFields({
  test,
  value,
  onChange,
  label,
}: {
  test: AthleteTest;
  value: TestValue;
  onChange: (value: TestValue) => void;
  /** What it is the value of, as "Before"; each field says it before its side. */
  label: string;
}) {
  const [least, most] = test.range;
  const read = (text: string) => {
    const n = Number(text.replace(",", ".").replace("−", "-").replace("°", "").replace("cm", "").trim());
    const fits = text.trim() !== "" && n >= least && n <= most;
    return fits
      ? ok(Math.round(Math.round(n / test.step) * test.step * 100) / 100)
      : fail(`Type a number from ${testNumber(test, least)} to ${testNumber(test, most)}.`);
  };
  return (
    <fieldset className="flex flex-wrap items-end gap-x-8 gap-y-3">
      <legend className="sr-only">{label}</legend>
      {value.map((n, side) => {
        const name = test.sides === 2 ? `${label}, ${SIDES[side]}` : label;
        const put = (to: number) => onChange(value.map((old, i) => (i === side ? to : old)));
        return (
          <span key={name} className="flex items-end gap-1">
            <Stepper
              label={name}
              value={n}
              format={plain}
              parse={read}
              next={(from, direction) => {
                const to = Math.round((from + direction * test.step) * 100) / 100;
                return to < least || to > most ? null : to;
              }}
              onChange={put}
              suffix={test.unit === "points" ? undefined : test.unit}
              size="large"
              width="4.5ch"
            />
            {test.isAngle && (
              <AngleButton label={name} onRead={(angle) => put(Math.min(most, Math.max(least, angle)))} />
            )}
          </span>
        );
      })}
    </fieldset>
  );
}
