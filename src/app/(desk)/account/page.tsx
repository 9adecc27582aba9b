import type { Metadata } from "next";
import { page } from "@/app/door";
import { AccountPage } from "@/features/access/account-page";
import { ownAccount } from "@/server/access/accounts";
import { currentActor } from "@/server/access/actor";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Account" };

async function Page() {
  const actor = await currentActor();
  return (
    <AccountPage name={actor?.name ?? ""} account={actor?.userId ? await ownAccount(actor.userId) : null} />
  );
}

export default page("/account", Page);
