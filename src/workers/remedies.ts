import type { PlannedAthlete } from "@/core/athlete";
import type { WarmUpDraft, WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { type OneOfGroup, planAlone, planTogether, triedRemedies } from "@/core/remedies";
import { answer } from "./answer";

/** What the worker is asked: what would mend the findings of a draft's plan, alone or in a group. */
export type RemediesQuestion = { draft: WarmUpDraft } & (
  | { kind: "alone"; athlete: PlannedAthlete; gym: GymKit }
  | { kind: "together"; group: OneOfGroup }
);

/** What it tells, finding by finding. */
export interface RemediesAnswer {
  /** The finding's code and message. */
  of: string;
  options: readonly { label: string; edit: WarmUpEdit }[];
}

answer<RemediesQuestion, RemediesAnswer>((question, catalog, tell) => {
  const { look, shared } =
    question.kind === "alone"
      ? { look: planAlone(question.athlete, question.gym, catalog), shared: undefined }
      : planTogether(question.group, catalog);
  for (const { finding, options } of triedRemedies(question.draft, look, shared))
    tell({ of: finding.code + finding.message, options });
});
