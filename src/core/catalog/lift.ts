import type { DemandId, DemandWeights } from "../demands";
import type { AreaId } from "./areas";

/** A main lift: what it asks for and what its ramp has to know. */
export interface Lift {
  id: string;
  name: string;
  /** What it asks of the body, 1 to 3. */
  asks: DemandWeights;
  pattern: DemandId;
  /** Muscles that the lift's own ramp sets wake. */
  primeMovers: readonly DemandId[];
  /** Areas of the body that it loads. */
  loads: readonly AreaId[];
  /** Whether the bar must stand at full height on the floor. */
  fromFloor: boolean;
  olympic: boolean;
  compound: boolean;
  /** Whether safeties and a spotter are the rule when it gets heavy. */
  spotted: boolean;
}
