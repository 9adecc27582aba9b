import { OptionalChoice } from "@/ui/choice";
import type { GymPart } from "./gym-editor";

const regionOf = (zone: string) => zone.split("/")[0]!;
const placeOf = (zone: string) => zone.split("/").slice(1).join(", ").replaceAll("_", " ") || zone;
const NAMES = Intl.supportedValuesOf("timeZone");

/** Time zones by their region. */
const ZONES = [...new Set(NAMES.map(regionOf))].map((label) => ({
  label,
  options: NAMES.filter((z) => regionOf(z) === label).map((value) => ({ value, label: placeOf(value) })),
}));

/** Where the gym's clock is, for calendars that are elsewhere. */
export function Clock({ gym, set }: GymPart) {
  return (
    <section>
      <h2 className="section-title mb-1">Clock</h2>
      <OptionalChoice
        label="Time zone of the calendar feed"
        none="That of each calendar"
        value={gym.timeZone ?? null}
        groups={ZONES}
        onChange={(timeZone) => set({ timeZone })}
      />
    </section>
  );
}
