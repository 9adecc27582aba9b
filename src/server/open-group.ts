import { catalog } from "@/catalog";
import type { AthleteRecord, GymKit, WarmUpDraft } from "@/core/warm-up";
import { startDraft } from "@/core/warm-up";
import { readGroup } from "@/data/athletes";
import { listWarmUps } from "@/data/warm-ups";
import { athleteRecord } from "./athlete-record";
import { today } from "./day";
import { gymKit } from "./gym-kit";
import { parseDraft } from "./open-workbench";

/** One of a group with what they lift today. */
export interface GroupAthlete {
  athlete: AthleteRecord;
  /** Today's warm-up, or a first draft where there is none yet. */
  draft: WarmUpDraft;
  /** The stored warm-up, if there is one. */
  warmUpId: string | null;
}

export interface OpenGroup {
  id: string;
  name: string;
  day: string;
  gym: GymKit;
  members: GroupAthlete[];
}

/** A group with its members and what each of them lifts today; null if there is no such group. */
export async function openGroup(id: string): Promise<OpenGroup | null> {
  const day = today();
  const [group, gym, warmUps] = await Promise.all([readGroup(id), gymKit(), listWarmUps(day)]);
  if (!group || !gym) return null;
  const members = await Promise.all(
    group.members.map(async (memberId): Promise<GroupAthlete | null> => {
      const athlete = await athleteRecord(memberId);
      if (!athlete) return null;
      const stored = warmUps.find((w) => w.athleteId === memberId)?.warmUp;
      const draft = stored && parseDraft(stored.draft);
      return draft?.ok
        ? { athlete, draft: draft.value, warmUpId: stored!.id }
        : { athlete, draft: startDraft(athlete, gym, catalog), warmUpId: null };
    }),
  );
  return { id, name: group.name, day, gym, members: members.filter((m) => m !== null) };
}
