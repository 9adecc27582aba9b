import { LabelledChoice } from "@/ui/choice";

const OPTIONS = [
  { value: "no", label: "nothing" },
  { value: "again", label: "the same again", note: "To cool down; without what raises, loads or jumps." },
];

/** Whether the drills come once more after the last lift. */
export function CoolDownChoice({ value, onChange }: { value: boolean; onChange: (again: boolean) => void }) {
  return (
    <LabelledChoice
      label="After the last lift"
      value={value ? "again" : "no"}
      groups={[{ options: OPTIONS }]}
      onChange={(to) => onChange(to === "again")}
    />
  );
}
