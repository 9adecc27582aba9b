import { page } from "@/app/door";
import { FirstSteps } from "@/features/first-steps/first-steps";
import { Today } from "@/features/today/today";
import { currentActor } from "@/server/access/actor";
import { may } from "@/server/access/rights";
import { countAthletes } from "@/server/athletes/athletes";
import { openFollowUps } from "@/server/follow-ups/follow-ups";
import { gymKit } from "@/server/gyms/gym-kit";
import { openCatalog } from "@/server/library/catalog";
import { today } from "@/server/sessions/day";
import { dayOf, listDay, pageOf, withoutAttention } from "@/server/sessions/list-day";

export const dynamic = "force-dynamic";

type Search = Promise<Record<string, string | string[] | undefined>>;

async function HomePage({ searchParams }: { searchParams: Search }) {
  const isCoach = may((await currentActor())?.role ?? null, "answerFollowUp");
  if (!(await gymKit())) return <FirstSteps known={await countAthletes()} />;
  const { day, page } = await searchParams;
  const catalog = await openCatalog();
  const [listed, followUps] = await Promise.all([
    listDay(dayOf(day), pageOf(page), catalog),
    dayOf(day) === today() && isCoach ? openFollowUps() : [],
  ]);
  return <Today listed={isCoach ? listed : withoutAttention(listed)} today={today()} followUps={followUps} />;
}

export default page("/", HomePage);
