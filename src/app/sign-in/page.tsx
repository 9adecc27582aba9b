import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { page } from "@/app/door";
import { SignIn } from "@/features/access/sign-in";
import { currentActor, homeOf } from "@/server/access/actor";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Sign in" };

async function SignInPage() {
  const actor = await currentActor();
  if (actor) redirect(homeOf(actor));
  return <SignIn />;
}

export default page("/sign-in", SignInPage);
