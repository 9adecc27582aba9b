import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { page } from "@/app/door";
import { GymEditor } from "@/features/gym/gym-editor";
import { gymChoices, openGymKit } from "@/server/gyms/gym-kit";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Gym" };

type Search = Promise<Record<string, string | string[] | undefined>>;

async function GymPage({ searchParams }: { searchParams: Search }) {
  const { gym } = await searchParams;
  const gyms = await gymChoices();
  const wanted = gyms.find((g) => g.id === [gym].flat()[0]) ?? gyms[0];
  const opened = wanted && (await openGymKit(wanted.id));
  if (!opened) redirect("/");
  return <GymEditor key={opened.gym.id} opened={opened} gyms={gyms} />;
}

export default page("/gym", GymPage);
