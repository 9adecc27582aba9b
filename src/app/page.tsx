import { FirstSteps } from "@/features/first-steps/first-steps";
import { Today } from "@/features/today/today";
import { today } from "@/server/day";
import { gymKit } from "@/server/gym-kit";
import { dayOf, listDay, pageOf } from "@/server/list-day";

export const dynamic = "force-dynamic";

type Search = Promise<Record<string, string | string[] | undefined>>;

export default async function HomePage({ searchParams }: { searchParams: Search }) {
  if (!(await gymKit())) return <FirstSteps />;
  const { day, page } = await searchParams;
  return <Today listed={await listDay(dayOf(day), pageOf(page))} today={today()} />;
}
