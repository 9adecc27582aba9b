import { catalog, takeOwnContent } from "@/catalog";
import {
  type GymKit,
  type PlannedAthlete,
  triedRemedies,
  type WarmUpDraft,
  type WarmUpEdit,
} from "@/core/warm-up";
import type { Asked } from "./ask-worker";

/** What the worker is asked: what would mend the findings of a draft's plan. */
export interface RemediesQuestion {
  draft: WarmUpDraft;
  athlete: PlannedAthlete;
  gym: GymKit;
}

/** What it tells, finding by finding. */
export interface RemediesAnswer {
  /** The finding's code and message. */
  of: string;
  options: readonly { label: string; edit: WarmUpEdit }[];
}

self.onmessage = ({ data: { own, question: data } }: MessageEvent<Asked<RemediesQuestion>>) => {
  takeOwnContent(own);
  for (const { finding, options } of triedRemedies(data.draft, data.athlete, data.gym, catalog)) {
    const answer: RemediesAnswer = { of: finding.code + finding.message, options };
    self.postMessage(answer);
  }
};
