import { FirstSteps } from "@/features/first-steps/first-steps";
import { Today } from "@/features/today/today";
import { listToday } from "@/server/list-today";

export const dynamic = "force-dynamic";

export default async function HomePage() {
  const { day, groups } = await listToday();
  return groups.length === 0 ? <FirstSteps /> : <Today day={day} groups={groups} />;
}
