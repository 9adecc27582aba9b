import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { CustomContentProvider } from "@/client/custom-content";
import { Queries } from "@/client/queries";
import { PaletteOpener } from "@/features/palette/palette-opener";
import { openCatalog } from "@/server/library/catalog";

export const dynamic = "force-dynamic";

/** How a short word about what has just been done looks. */
const TOAST = {
  toast:
    "flex w-full items-center justify-between gap-6 rounded-sm border border-ink bg-chalk px-4 py-3 font-sans text-[0.8125rem] shadow-sheet",
  title: "font-medium",
  cancelButton: "min-h-8 shrink-0 font-semibold underline underline-offset-4",
  actionButton:
    "min-h-8 shrink-0 font-semibold text-ember underline decoration-ember/40 underline-offset-4 hover:decoration-ember",
};

/** What all of the coach's pages have: the gym's custom content, reads from the server, the palette, messages. */
export default async function DeskLayout({ children }: { children: ReactNode }) {
  const { custom } = await openCatalog();
  return (
    <Queries>
      <CustomContentProvider custom={custom}>
        {children}
        <PaletteOpener />
      </CustomContentProvider>
      <Toaster
        position="bottom-left"
        duration={10_000}
        toastOptions={{ unstyled: true, classNames: TOAST }}
      />
    </Queries>
  );
}
