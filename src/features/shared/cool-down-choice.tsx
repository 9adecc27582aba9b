import { LabelledChoice } from "@/ui/choice";

/** Minutes that are offered. */
const MINUTES = [5, 8, 10, 15, 20];

const OPTIONS = [
  { value: "false", label: "nothing" },
  { value: "true", label: "the same again", note: "To cool down; without what raises, loads or jumps." },
  ...MINUTES.map((m) => ({
    value: String(m),
    label: `${m} min to cool down`,
    note: "Long holds for what has worked, and for limiters.",
  })),
];

/** What comes after the last lift: nothing, the drills once more, or a cool-down of so many minutes. */
export function CoolDownChoice({
  value,
  onChange,
}: {
  value: boolean | number;
  onChange: (to: boolean | number) => void;
}) {
  const options = OPTIONS.some((o) => o.value === String(value))
    ? OPTIONS
    : [...OPTIONS, { value: String(value), label: `${value} min to cool down` }];
  return (
    <LabelledChoice
      label="After the last lift"
      value={String(value)}
      groups={[{ options }]}
      onChange={(to) => onChange(to === "true" || (to !== "false" && Number(to)))}
    />
  );
}
