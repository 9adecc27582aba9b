"use client";

import { X } from "lucide-react";
import { useState } from "react";
import { testById } from "@/catalog/tests";
import { improvementOf, valueInWords } from "@/core/response";
import { AthleteHead } from "@/features/shared/athlete-head";
import { SiteHeader } from "@/features/shared/site-header";
import type { OpenTests } from "@/server/trials/open-tests";
import { Button, IconButton } from "@/ui/button";
import { shortDay } from "@/ui/day-in-words";
import { Helps } from "./helps";
import { TestList } from "./test-list";
import { changeInWords } from "./test-words";
import { TrialForm } from "./trial-form";
import { useNotes } from "./use-notes";

/** Entries of the record that are shown before the coach asks for more. */
const SHOWN = 8;

/** Tests of an athlete, trials of drills, and what they have shown. */
export function AthleteTests({ opened }: { opened: OpenTests }) {
  const [openTest, setOpenTest] = useState<string | null>(null);
  const { noteResult, noteTrial, remove, addLimiter } = useNotes(opened.athlete.id);
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <AthleteHead athlete={opened.athlete} at="tests" />
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)]">
          <TestList
            {...{ opened, openTest }}
            onOpen={setOpenTest}
            onLimiter={addLimiter}
            onNote={async (result) => {
              const done = await noteResult(result, testById(result.test)!.name);
              if (done) setOpenTest(null);
              return done;
            }}
          />
          <div className="space-y-10">
            <TrialForm opened={opened} onNote={noteTrial} />
            <Helps responses={opened.responses} />
            <Noted opened={opened} onRemove={remove} />
          </div>
        </div>
      </main>
    </div>
  );
}

/** Everything that was noted, the newest first; each can be deleted. */
function Noted({
  opened: { results, trials },
  onRemove,
}: {
  opened: OpenTests;
  onRemove: (id: string, name: string) => Promise<boolean>;
}) {
  const [all, setAll] = useState(false);
  const rows = [
    ...results.map((r) => {
      const test = testById(r.test)!;
      const words = `${valueInWords(test, r.value)}${r.moment === "after" ? ", after the warm-up" : ""}`;
      return { id: r.id, day: r.day, name: test.name, words };
    }),
    ...trials.map((t) => {
      const test = testById(t.test)!;
      const change = changeInWords(test, improvementOf(test, t.before, t.after));
      return { id: t.id, day: t.day, name: test.name, words: `${t.drillName ?? "no drill"}: ${change}` };
    }),
  ].sort((a, b) => b.day.localeCompare(a.day));
  if (rows.length === 0) return null;
  return (
    <section aria-label="Record">
      <h2 className="section-title mb-1">Record</h2>
      <ul>
        {(all ? rows : rows.slice(0, SHOWN)).map((row) => (
          <li key={row.id} className="flex min-h-8 items-center gap-3 border-t border-line">
            <span className="w-14 shrink-0 text-ink-soft">{shortDay(row.day)}</span>
            <span className="min-w-0 flex-1">
              <span className="font-semibold">{row.name}</span>{" "}
              <span className="text-ink-soft">{row.words}</span>
            </span>
            <IconButton
              label={`Delete ${row.name} of ${shortDay(row.day)}`}
              onClick={() => void onRemove(row.id, `${row.name}, ${shortDay(row.day)}`)}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {rows.length > SHOWN && (
        <Button look="bare" className="-ml-3" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `${rows.length - SHOWN} older`}
        </Button>
      )}
    </section>
  );
}
