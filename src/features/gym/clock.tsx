import { OptionalChoice } from "@/ui/choice";
import type { GymPart } from "./gym-editor";

/** Time zones by their region. */
const ZONES = Object.entries(Object.groupBy(Intl.supportedValuesOf("timeZone"), (z) => z.split("/")[0]!)).map(
  ([label, zones = []]) => ({
    label,
    options: zones.map((value) => ({
      value,
      label: value.split("/").slice(1).join(", ").replaceAll("_", " ") || value,
    })),
  }),
);

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
