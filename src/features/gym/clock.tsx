import { type GymSettings, USUAL_SETTINGS } from "@/core/gym";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { Toggle } from "@/ui/toggle";
import type { GymPart } from "./gym-editor";

const regionOf = (zone: string) => zone.split("/")[0]!;
const placeOf = (zone: string) => zone.split("/").slice(1).join(", ").replaceAll("_", " ") || zone;
const NAMES = Intl.supportedValuesOf("timeZone");

/** Time zones by their region. */
const ZONES = [...new Set(NAMES.map(regionOf))].map((label) => ({
  label,
  options: NAMES.filter((z) => regionOf(z) === label).map((value) => ({ value, label: placeOf(value) })),
}));

const CLOCKS = [
  { value: "24", label: "18:30" },
  { value: "12", label: "6:30 pm" },
];
const WEEKS = [
  { value: "1", label: "Monday" },
  { value: "0", label: "Sunday" },
  { value: "6", label: "Saturday" },
];
const PAPERS = [
  { value: "a4", label: "A4" },
  { value: "letter", label: "Letter" },
];
const LENGTHS = [
  { value: "cm", label: "Centimetres and metres" },
  { value: "in", label: "Inches and feet" },
];

/** How times, weeks, paper and lengths are said here, and where the clock is for calendars that are elsewhere. */
export function Clock({ gym, set }: GymPart) {
  const settings = gym.settings ?? USUAL_SETTINGS;
  const choice = (
    label: string,
    key: keyof GymSettings,
    options: readonly { value: string; label: string }[],
  ) => (
    <LabelledChoice
      label={label}
      value={String(settings[key])}
      groups={[{ options }]}
      onChange={(to) => {
        const value = typeof settings[key] === "number" ? Number(to) : to;
        set({ settings: { ...settings, [key]: value } as GymSettings });
      }}
    />
  );
  return (
    <section aria-label="Times, paper and lengths">
      <h2 className="section-title mb-1">Times, paper and lengths</h2>
      <p className="mb-2 text-2xs text-ink-soft">The pages go by the first gym, paper by the session's.</p>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        {choice("Clock", "clock", CLOCKS)}
        {choice("Week begins on", "weekStart", WEEKS)}
        {choice("Paper of PDFs", "paper", PAPERS)}
        {choice("Lengths", "lengths", LENGTHS)}
        <OptionalChoice
          label="Time zone of the calendar feed"
          none="That of each calendar"
          value={gym.timeZone ?? null}
          groups={ZONES}
          onChange={(timeZone) => set({ timeZone })}
        />
      </div>
      <div className="mt-4">
        <Toggle
          label="Plans use what has helped"
          note="What trials have shown counts in the choice of drills. It can also be switched off for one athlete."
          isOn={settings.usesResponses}
          onChange={(usesResponses) => set({ settings: { ...settings, usesResponses } })}
        />
      </div>
    </section>
  );
}
