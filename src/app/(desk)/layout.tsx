import type { ReactNode } from "react";
import { CustomContentProvider } from "@/client/custom-content";
import { LookerProvider } from "@/client/looker";
import { Queries } from "@/client/queries";
import { NO_CUSTOM_CONTENT } from "@/core/catalog";
import { NewSessionAnywhere } from "@/features/new-session/new-session";
import { PaletteOpener } from "@/features/palette/palette-opener";
import { FocusKeeper } from "@/features/shared/focus-keeper";
import { FreshOnReturn } from "@/features/shared/fresh-on-return";
import { ServerAway } from "@/features/shared/server-away";
import { Toasts } from "@/features/shared/toasts";
import { WaitingSaves } from "@/features/shared/waiting-saves";
import { currentLooker } from "@/server/access/actor";
import { gymSettings } from "@/server/gyms/gym-kit";
import { openCatalog } from "@/server/library/catalog";
import { ConventionsProvider } from "@/ui/conventions";

export const dynamic = "force-dynamic";

/** What all of the coach's pages have: the gym's custom content, reads from the server, the palette, messages. */
export default async function DeskLayout({ children }: { children: ReactNode }) {
  const [catalog, settings, looker] = await Promise.all([openCatalog(), gymSettings(), currentLooker()]);
  // Who is led away from these pages is sent nothing of the gym's on the way.
  const custom = looker.hasDesk ? catalog.custom : NO_CUSTOM_CONTENT;
  return (
    <Queries>
      <CustomContentProvider custom={custom}>
        <a
          href="#content"
          className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:rounded-sm focus:bg-field focus:px-4 focus:py-2 focus:font-semibold focus:shadow-sheet"
        >
          Skip to content
        </a>
        <ConventionsProvider {...settings}>
          <LookerProvider looker={looker}>
            {looker.hasDesk ? (
              <>
                <NewSessionAnywhere>{children}</NewSessionAnywhere>
                <PaletteOpener />
              </>
            ) : (
              children
            )}
          </LookerProvider>
        </ConventionsProvider>
      </CustomContentProvider>
      <FocusKeeper />
      <FreshOnReturn />
      <WaitingSaves />
      <ServerAway />
      <Toasts />
    </Queries>
  );
}
