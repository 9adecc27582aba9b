import type { ChoiceGroup } from "@/ui/choice";

/** How warm the gym is. */
export const TEMPERATURES: readonly ChoiceGroup[] = [
  {
    options: [
      { value: "normal", label: "Normal" },
      { value: "cold", label: "Cold" },
    ],
  },
];
