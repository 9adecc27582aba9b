"use client";

import type { ComponentProps } from "react";
import { Stepper } from "./stepper";
import { parseWhole, stepWhole } from "./whole-number";

type Shared = Pick<
  ComponentProps<typeof Stepper<number>>,
  "label" | "value" | "onChange" | "suffix" | "width" | "hideLabel" | "size" | "title"
>;

/** A whole number within bounds, in steps of one or of `step`. */
export function WholeStepper({
  range: [least, most],
  step = 1,
  ...shared
}: Shared & { range: readonly [least: number, most: number]; step?: number }) {
  return (
    <Stepper
      {...shared}
      format={String}
      parse={parseWhole(least, most)}
      next={stepWhole(least, most, step)}
    />
  );
}
