import type { AthleteDraft } from "@/server/schemas/athlete";

/** A part of an athlete's page: what it shows and how it changes it. */
export interface AthletePart {
  athlete: AthleteDraft;
  set: (to: Partial<AthleteDraft>) => void;
}
