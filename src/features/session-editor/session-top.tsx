"use client";

import { Keyboard, Printer, UserRound } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactNode, useState } from "react";
import type { DraftControls } from "@/client/use-saved-draft";
import type { Session } from "@/core/session";
import { AthleteSide } from "@/features/athletes/athlete-side-later";
import { FloorLink } from "@/features/shared/floor-link";
import { SaveSign, UndoButtons } from "@/features/shared/save-sign";
import { SiteMenu } from "@/features/shared/site-menu";
import { Wordmark } from "@/features/shared/wordmark";
import { isoDay } from "@/lib/iso-day";
import type { FloorStatus } from "@/server/floor/floor-status";
import { IconButton } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { useTimeInWords } from "@/ui/conventions";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";
import { ThemeButton } from "@/ui/theme";

const EVERYONE = "everyone";

/** The head of a session's pages: which session, everyone or one athlete, whether it is saved, and the cards. */
export function SessionTop({
  session,
  people,
  at,
  controls,
  floor,
  onKeys,
  children,
}: {
  session: Pick<Session, "id" | "name" | "day" | "time">;
  people: readonly { id: string; name: string; absent: boolean }[];
  /** The athlete in view; null: everyone. */
  at: string | null;
  controls: DraftControls;
  /** How the session stands on the floor. */
  floor: FloorStatus;
  onKeys: () => void;
  children?: ReactNode;
}) {
  const router = useRouter();
  const inWords = useTimeInWords();
  const [isAbout, setAbout] = useState(false);
  const athlete = people.find((p) => p.id === at);
  const href = `/session/${session.id}`;
  const options = people.map((p) => ({
    value: p.id,
    label: p.name,
    ...(p.absent && { note: "Absent" }),
  }));
  return (
    <header className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-4 py-1 sm:px-7 print:hidden">
      <SiteMenu />
      <Link href="/" aria-label="Iron Step: today">
        <Wordmark />
      </Link>
      <Choice
        label="Athlete"
        value={at ?? EVERYONE}
        groups={[{ options: [{ value: EVERYONE, label: "Everyone" }] }, { label: session.name, options }]}
        onChange={(to) => router.push(to === EVERYONE ? href : `${href}/${to}`)}
        triggerClassName="min-h-8 text-base font-bold"
      />
      {athlete && (
        <IconButton label={`About ${athlete.name}`} className="-ml-3" onClick={() => setAbout(true)}>
          <UserRound aria-hidden className="size-4" />
        </IconButton>
      )}
      {athlete && (
        <AthleteSide
          of={athlete}
          day={isoDay(new Date())}
          back={`${href}/${athlete.id}`}
          open={isAbout}
          onOpenChange={setAbout}
        />
      )}
      <span className="text-ink-faint">
        {at !== null && (
          <>
            <Link href={href} className="hover:text-ink hover:underline">
              {session.name}
            </Link>
            {" · "}
          </>
        )}
        {dayInWords(session.day)}
        {session.time && ` ${inWords(session.time)}`}
      </span>
      <span className="ml-auto">
        <SaveSign controls={controls} />
      </span>
      <span className="flex">
        <UndoButtons controls={controls} />
        <IconButton label="Keys" keys="?" onClick={onKeys}>
          <Keyboard aria-hidden className="size-4" />
        </IconButton>
        <ThemeButton />
        {children}
      </span>
      <FloorLink id={session.id} status={floor} name={session.name} />
      <Link
        href={at === null ? `${href}/cards` : `${href}/${at}/card`}
        className="inline-flex min-h-8 items-center gap-1.5 rounded-sm bg-ember px-3 font-semibold text-chalk hover:bg-ember-deep"
      >
        <Printer aria-hidden className="size-4" />
        {at === null ? "Cards" : "Card"}
      </Link>
      {floor === "running" && (
        <p
          role="note"
          className="-mx-4 w-[calc(100%+2rem)] bg-ochre-wash px-4 py-1.5 sm:-mx-7 sm:w-[calc(100%+3.5rem)] sm:px-7"
        >
          <span className="font-semibold">This session is running.</span> The floor goes on with the plan it
          was started with; what you change here is for the next time.
        </p>
      )}
    </header>
  );
}
