import type { Metadata } from "next";
import { page } from "@/app/door";
import { Pair } from "@/features/access/pair";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Let this device in" };

async function PairPage({ searchParams }: { searchParams: Promise<{ code?: string | string[] }> }) {
  const { code } = await searchParams;
  return <Pair code={typeof code === "string" && /^[A-Z0-9]{1,12}$/.test(code) ? code : ""} />;
}

export default page("/pair", PairPage);
