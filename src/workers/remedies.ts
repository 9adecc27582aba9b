import { catalog, takeCustomContent } from "@/catalog";
import type { Asked } from "@/client/ask-worker";
import type { PlannedAthlete } from "@/core/athlete";
import { planAlone, triedRemedies, type WarmUpDraft, type WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { type OneOfGroup, planTogether } from "@/core/session";

/** What the worker is asked: what would mend the findings of a draft's plan, alone or together with others. */
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

self.onmessage = ({ data: { own, question } }: MessageEvent<Asked<RemediesQuestion>>) => {
  takeCustomContent(own);
  const { look, shared } =
    question.kind === "alone"
      ? { look: planAlone(question.athlete, question.gym, catalog), shared: undefined }
      : planTogether(question.group, catalog);
  for (const { finding, options } of triedRemedies(question.draft, look, shared)) {
    const answer: RemediesAnswer = { of: finding.code + finding.message, options };
    self.postMessage(answer);
  }
};
