import { z } from "zod";
import { AREAS, type AreaId, type AreaLevel } from "@/core/catalog";
import type { Pain } from "@/core/floor";
import {
  FEELS,
  FOLLOW_UP_MOMENTS,
  type FollowUpAnswer,
  type FollowUpMoment,
  type FollowUpVerdict,
  followUpVerdict,
  openMoment,
} from "@/core/follow-up";
import { dayAfter } from "@/core/session";
import { type FollowUpRow, listAreas, listFollowUps, listHurtSessions, putFollowUp } from "@/data/follow-ups";
import { openCatalog } from "../library/catalog";
import { idField, whole } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { type LessNextTime, lessNextTime } from "./less-next-time";

/** How far back what hurt is followed. Days. */
const FOLLOWED_DAYS = 6;

/** Something that hurt or was stopped, how it has been since, and what is asked now. */
export interface FollowUp {
  sessionId: string;
  session: string;
  day: string;
  athlete: { id: string; name: string };
  /** What it is about: an area, or a lift that was stopped. */
  about: string;
  /** In words: "Knee, 3 of 10". */
  name: string;
  /** The area; null: a lift. */
  area: AreaId | null;
  /** What the area is marked as now; null: nothing, or it is a lift. */
  marked: AreaLevel | null;
  answers: readonly FollowUpAnswer[];
  verdict: FollowUpVerdict;
  /** What is asked now; null: nothing. */
  moment: FollowUpMoment | null;
  /** What may be done less the next time; null: it was not too much. */
  less: LessNextTime | null;
}

type HurtSession = Awaited<ReturnType<typeof listHurtSessions>>[number];

/** Areas of athletes as they are marked now. */
type Areas = Awaited<ReturnType<typeof listAreas>>;

const isArea = (id: string): id is AreaId => Object.hasOwn(AREAS, id);

function causesOf({ session: { athleteId, pains, stopped } }: HurtSession, areas: Areas) {
  const strongest = new Map<AreaId, Pain>();
  for (const p of pains as Pain[]) {
    if ((strongest.get(p.area)?.level ?? -1) < p.level) strongest.set(p.area, p);
  }
  const sore = areas.flatMap((a) => {
    const isOpen = a.athleteId === athleteId && a.level === "sore";
    return isOpen && isArea(a.area) && !strongest.has(a.area) ? [a.area] : [];
  });
  return [
    ...sore.map((area) => ({ about: area as string, area, level: null, name: `${AREAS[area]}, sore` })),
    ...[...strongest.values()].map((p) => ({
      ...{ about: p.area as string, area: p.area as AreaId | null, level: p.level as number | null },
      name: `${AREAS[p.area]}, ${p.level} of 10`,
    })),
    ...(stopped as string[]).map((lift) => ({
      about: lift,
      area: null,
      level: null,
      name: `${lift} stopped`,
    })),
  ];
}

function followUpsOf(
  hurt: readonly HurtSession[],
  answered: readonly FollowUpRow[],
  areas: Areas,
): FollowUp[] {
  const now = new Date();
  const clock = { day: today(), hour: now.getHours(), at: now.getTime() };
  return hurt.flatMap((h) => {
    const { sessionId, athleteId, day, name: session, endedAt } = h.session;
    return causesOf(h, areas).map(({ about, area, level, name }): FollowUp => {
      const answers = answered
        .filter((a) => a.sessionId === sessionId && a.athleteId === athleteId && a.about === about)
        .map(({ moment, feels, level: said }) => ({ moment, feels, level: said }));
      const cause = { day, endedAt, level };
      return {
        ...{
          sessionId,
          session,
          day,
          athlete: { id: athleteId, name: h.athlete },
          about,
          area,
          name,
          answers,
        },
        marked: areas.find((a) => a.athleteId === athleteId && a.area === about)?.level ?? null,
        verdict: followUpVerdict(cause, answers),
        moment: openMoment(cause, answers, clock),
        less: null,
      };
    });
  });
}

/** What hurt lately and is asked about, or has come to something that the coach should know. */
export async function openFollowUps(athleteId?: string): Promise<FollowUp[]> {
  const hurt = await listHurtSessions(dayAfter(today(), -FOLLOWED_DAYS), athleteId);
  const [answered, areas] = await Promise.all([
    listFollowUps([...new Set(hurt.map((h) => h.session.sessionId))]),
    listAreas([...new Set(hurt.map((h) => h.session.athleteId))]),
  ]);
  const newest = followUpsOf(hurt, answered, areas)
    .sort((a, b) => b.day.localeCompare(a.day) || a.athlete.name.localeCompare(b.athlete.name))
    .filter(isNewest);
  const withLess = await Promise.all(newest.map(withLessNextTime));
  return withLess.filter((f) => f.moment !== null || isForCoach(f));
}

/** A follow-up with what may be done less the next time, where it was too much. */
async function withLessNextTime(f: FollowUp): Promise<FollowUp> {
  if (f.verdict !== "too-much") return f;
  const { sessionId, athlete, area, about } = f;
  const less = await lessNextTime({ sessionId, athleteId: athlete.id, area, about }, await openCatalog());
  return { ...f, less };
}

/** Whether a follow-up has come to something that is not looked after yet. */
function isForCoach({ verdict, area, marked, less }: FollowUp): boolean {
  if (verdict === "refer") return marked !== "avoid";
  if (verdict !== "too-much") return false;
  return area === null ? less?.weight != null : marked !== "sore" && marked !== "avoid";
}

/** Whether nothing newer is about the same: of one knee only the last session is asked about. */
function isNewest({ athlete, about }: FollowUp, at: number, all: readonly FollowUp[]): boolean {
  return all.findIndex((f) => f.athlete.id === athlete.id && f.about === about) === at;
}

/** What is asked of one athlete about one session. */
export async function followUpsOfCard(sessionId: string, athleteId: string): Promise<FollowUp[]> {
  return (await openFollowUps(athleteId)).filter((f) => f.sessionId === sessionId && f.moment !== null);
}

const answerFields = {
  about: z.string().min(1, "Say what it is about.").max(100),
  moment: z.enum(FOLLOW_UP_MOMENTS),
  feels: z.enum(FEELS),
  level: whole(0, 10),
};
export const phoneAnswerSchema = z.strictObject(answerFields);
export const coachAnswerSchema = z.strictObject({ sessionId: idField, athleteId: idField, ...answerFields });

/** Stores how something feels, as the athlete or the coach says; only of what hurt or was stopped in that session. */
export async function answerFollowUp(
  { sessionId, athleteId, about, moment, feels, level }: z.output<typeof coachAnswerSchema>,
  by: FollowUpRow["by"],
): Promise<{ kind: "answered" } | Refused> {
  const hurt = await listHurtSessions(dayAfter(today(), -FOLLOWED_DAYS), athleteId);
  const areas = await listAreas([athleteId]);
  const known = hurt.filter((h) => h.session.sessionId === sessionId).flatMap((h) => causesOf(h, areas));
  if (!known.some((c) => c.about === about)) return refuse("about: Nothing is asked about this any more.");
  await putFollowUp({ sessionId, athleteId, about, moment, feels, level, by, at: Date.now() });
  return { kind: "answered" };
}
