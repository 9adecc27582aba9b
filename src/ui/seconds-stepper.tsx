"use client";

import type { ComponentProps } from "react";
import { WholeStepper } from "./whole-stepper";

/** A number of seconds, in steps of five or of `step`. */
export function SecondsStepper(props: Omit<ComponentProps<typeof WholeStepper>, "suffix" | "width">) {
  return <WholeStepper step={5} {...props} suffix="s" width="3.5ch" />;
}
