import type { ReactNode } from "react";
import { ServerAway } from "@/features/shared/server-away";
import { gymSettings } from "@/server/gyms/gym-kit";
import { ConventionsProvider } from "@/ui/conventions";
import { ForcedDark } from "@/ui/forced-dark";

export const dynamic = "force-dynamic";

/** What is run on the floor: dark, whatever the desk is, and nothing of the desk around it. */
export default async function FloorLayout({ children }: { children: ReactNode }) {
  return (
    <ConventionsProvider {...(await gymSettings())}>
      <ForcedDark className="flex min-h-dvh flex-col bg-chalk text-ink">
        {children}
        <ServerAway />
      </ForcedDark>
    </ConventionsProvider>
  );
}
