"use client";

import { Plus } from "lucide-react";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useLooker } from "@/client/looker";
import { useOfferActions } from "@/client/palette-actions";
import { isoDay } from "@/lib/iso-day";
import { Button } from "@/ui/button";
import { later } from "@/ui/later";

/** Makes a session in a few steps: who is enough, everything else is as last time until it is changed. */
export const NewSessionSheet = later(() => import("./new-session-form").then((m) => m.NewSessionSheet));

const Opener = createContext<(day: string) => void>(() => undefined);

/** Gives the pages in it the way to a new session, by `N` and from the palette. */
export function NewSessionAnywhere({ children }: { children: ReactNode }) {
  const [day, setDay] = useState<string | null>(null);
  const openToday = useCallback(() => setDay(isoDay(new Date())), []);
  useHotkeys("n", openToday, { preventDefault: true });
  useOfferActions(
    useMemo(() => [{ label: "New session", keys: "N", run: openToday }], [openToday]),
    "everywhere",
  );
  return (
    <Opener value={setDay}>
      {children}
      <NewSessionSheet
        day={day ?? ""}
        time={null}
        open={day !== null}
        onOpenChange={(open) => !open && setDay(null)}
      />
    </Opener>
  );
}

/** The way to a new session on a day. */
export function NewSession({ day }: { day: string }) {
  const open = useContext(Opener);
  const { hasDesk } = useLooker();
  if (!hasDesk) return null;
  return (
    <Button look="main" onClick={() => open(day)}>
      <Plus aria-hidden className="size-4" />
      New session
    </Button>
  );
}
