import { counted, formatClock } from "../units";
import type { Stair, Tread } from "./stair";

/** A stair for who cannot see it: what it climbs over, and when. */
export function stairInWords({ treads, seconds, available }: Stair): string {
  const of = (...kinds: Tread["kind"][]) => treads.filter((t) => kinds.includes(t.kind));
  const [drills, tests, sets] = [of("drill"), of("test"), of("set")];
  const names = new Set(drills.map((d) => d.index)).size;
  const over = seconds - available;
  const parts = [
    ...(names > 0 ? [`${counted(names, "drill")} until ${formatClock(drills.at(-1)!.endsAt)}`] : []),
    ...(tests.length > 0 ? [counted(tests.length, "test")] : []),
    ...(sets.length > 0
      ? [`${counted(sets.length, "ramp set")} from ${formatClock(sets[0]!.startsAt)}`]
      : []),
    `first working set at ${formatClock(seconds)}`,
    over > 0 ? `${formatClock(over)} over` : `${formatClock(-over)} to spare`,
  ];
  return `${parts.join(", ")}.`;
}
