import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { GymDesk } from "@/features/gym/gym-desk";
import { openGymKit } from "@/server/gym-kit";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Gym" };

export default async function GymPage() {
  const opened = await openGymKit();
  if (!opened) redirect("/");
  return <GymDesk opened={opened} />;
}
