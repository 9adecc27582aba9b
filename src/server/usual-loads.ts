import { type UnitSystem, type Weight, weight } from "@/core/units";
import type { GymKit } from "@/core/warm-up";

/** Every weight from one to another in equal steps, both in. */
function every(step: number, from: number, to: number): Weight[] {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => weight(from + i * step));
}

/** What a gym of a system usually has beside its bar and plates, until the coach says what there is. */
export function usualLoads(unit: UnitSystem): Pick<GymKit, "dumbbells" | "sledge" | "stack" | "help"> {
  return unit === "kg"
    ? {
        dumbbells: every(2.5, 2.5, 40),
        sledge: weight(45),
        stack: { start: weight(5), step: weight(5), top: weight(100), addOns: [weight(2.5)] },
        help: every(10, 10, 50),
      }
    : {
        dumbbells: every(5, 5, 90),
        sledge: weight(100),
        stack: { start: weight(10), step: weight(10), top: weight(200), addOns: [weight(5)] },
        help: every(20, 20, 100),
      };
}
