import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { Parts } from "@/features/parts/parts";

export const metadata: Metadata = { title: "Parts" };

/** All shared parts of the interface on one page, for whoever builds with them; in development only. */
function PartsPage() {
  if (process.env.NODE_ENV === "production") notFound();
  return <Parts />;
}

export default page("/parts", PartsPage);
