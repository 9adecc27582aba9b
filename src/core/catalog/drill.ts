import type { DemandWeights } from "../demands";
import type { DoseRange } from "../dose";
import type { AreaId } from "./areas";
import type { EquipmentId } from "./equipment";
import type { Phase } from "./phases";

export type DrillId = string;

export const PLANES = ["sagittal", "frontal", "transverse"] as const;
export type Plane = (typeof PLANES)[number];

export type Position =
  | "standing"
  | "at-rack"
  | "hanging"
  | "half-kneeling"
  | "hands-and-knees"
  | "face-up"
  | "face-down"
  | "side-lying"
  | "seated"
  | "plank";

/** What is held or worn: nothing, a fixed light weight, a share of a weight, a band, the empty bar. */
export type DrillLoad =
  | { kind: "none" }
  | { kind: "light" }
  | { kind: "body-weight-share"; from: number; to: number }
  | { kind: "working-weight-share"; share: number }
  | { kind: "band"; strength: "light" | "medium" | "heavy" }
  | { kind: "empty-bar" };

/** A mobility or activation drill. */
export interface Drill {
  id: DrillId;
  name: string;
  /** Phases it may stand in, the usual one first. */
  phases: readonly Phase[];
  /** Demands served, 1 to 3. */
  serves: DemandWeights;
  planes: readonly Plane[];
  position: Position;
  /** Each entry is one thing needed; any of its alternatives will do, the best first. */
  equipment: readonly (readonly EquipmentId[])[];
  dose: DoseRange;
  setUpSeconds: number;
  /** The straight stretch of free floor that it needs, in metres; absent: it is done on the spot. */
  space?: number;
  /** Whether it is done without shoes. */
  shoesOff?: boolean;
  /** 1 very gentle to 5 explosive. */
  effort: 1 | 2 | 3 | 4 | 5;
  /** How much teaching it takes: a name is enough, or it goes wrong until it is taught. Absent: something between. */
  skill?: "plain" | "advanced";
  /** Whether it is only for who is limited in what it serves. */
  remedial?: boolean;
  impact: "none" | "low" | "high";
  mode: "static" | "dynamic";
  /** Whether it is a passive stretch, which needs dynamic work on the same range after it. */
  stretch: boolean;
  /** Whether a band, cable or the hands take part of the load. */
  assisted: boolean;
  load: DrillLoad;
  /** Ids of the easier and the harder version; one chain is one family. */
  easier?: DrillId;
  harder?: DrillId;
  substitutes: readonly DrillId[];
  /** Lifts whose own shape it rehearses; it is for no other lift's rehearsal. Absent: for all that share its pattern. */
  rehearses?: readonly string[];
  /** Which part of a lift's rehearsal it is: 1 comes first, the whole lift last. */
  part?: number;
  /** Areas that it is unkind to already when they are sore, or slow to warm. */
  unkindTo?: readonly { area: AreaId; from: "slow" | "sore" }[];
  /** A drill that comes right after this one where both are chosen. */
  before?: DrillId;
  /** Areas whose flag rules the drill out. */
  avoid: readonly AreaId[];
  /** A caution of its own, shown where the drill is. */
  caution?: string;
  how: string;
  cues: readonly string[];
  faults: readonly string[];
  /** The drill whose figure it has; null: none. Absent: its own. */
  figure?: DrillId | null;
  /** Where a film of the coach's own shows it; absent: nowhere. */
  film?: string;
  /** Taken out by the coach: there for the plans that have it, in no new one. */
  retired?: boolean;
}

type Optional =
  | "planes"
  | "equipment"
  | "setUpSeconds"
  | "impact"
  | "mode"
  | "stretch"
  | "assisted"
  | "load"
  | "substitutes"
  | "avoid";

/** A drill as it is written down: what goes without saying may be left out. */
export type DrillContent = Omit<Drill, Optional | "dose"> &
  Partial<Pick<Drill, Optional>> & {
    dose: Pick<DoseRange, "kind" | "sets" | "amount"> & Partial<DoseRange>;
  };

/** The full record of a drill: one side, one direction, the sagittal plane, no kit, no load unless said. */
export function drillRecord(content: DrillContent): Drill {
  return {
    planes: ["sagittal"],
    equipment: [],
    setUpSeconds: 0,
    impact: "none",
    mode: content.stretch ? "static" : "dynamic",
    stretch: false,
    assisted: false,
    load: { kind: "none" },
    substitutes: [],
    avoid: [],
    ...content,
    dose: { sides: 1, directions: 1, secondsPerUnit: 2, restSeconds: 0, step: 1, ...content.dose },
  };
}

/** The id of the figure that shows a drill or lift; null: it has none. */
export function figureOf({ id, figure }: { id: string; figure?: string | null }): string | null {
  return figure === undefined ? id : figure;
}
