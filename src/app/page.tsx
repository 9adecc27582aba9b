import { FirstSteps } from "@/features/first-steps/first-steps";
import { Today } from "@/features/today/today";
import { gymKit } from "@/server/gym-kit";
import { listToday } from "@/server/list-today";

export const dynamic = "force-dynamic";

export default async function HomePage() {
  if (!(await gymKit())) return <FirstSteps />;
  return <Today {...(await listToday())} />;
}
