import type { Metadata } from "next";
import { page } from "@/app/door";
import { AccessPage } from "@/features/access/access-page";
import { accounts } from "@/server/access/accounts";
import { currentActor, isSignInOn } from "@/server/access/actor";
import { addresses } from "@/server/access/addresses";
import { devices } from "@/server/access/devices";
import { takenOutLately } from "@/server/access/taken-out";
import { listNames } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Access" };

async function Page() {
  const actor = await currentActor();
  const isOwner = actor?.role === "owner";
  const [people, letIn, open, taken, athletes] = await Promise.all([
    isOwner ? accounts() : [],
    devices(),
    addresses(),
    isOwner ? takenOutLately() : [],
    listNames(),
  ]);
  return (
    <AccessPage
      isOwner={isOwner}
      isOpen={isSignInOn()}
      isSecure={process.env.TLS === "on"}
      own={actor?.userId ?? null}
      accounts={people}
      devices={letIn}
      addresses={open}
      taken={taken}
      athletes={athletes}
    />
  );
}

export default page("/access", Page);
