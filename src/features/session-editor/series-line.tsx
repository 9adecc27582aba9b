"use client";

import { format, parseISO } from "date-fns";
import { Repeat } from "lucide-react";
import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { Session } from "@/core/session";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { joinWords } from "@/lib/join-words";
import { readWeekly } from "@/lib/weekly-rule";
import { changeSeriesAction } from "@/server/actions/sessions";
import { Button } from "@/ui/button";
import { WEEKDAYS } from "@/ui/weekdays";

/** On which days a session comes again, in words. */
function ruleInWords(rule: string): string {
  const weekly = readWeekly(rule);
  if (!weekly) return "Comes again";
  const days = joinWords(weekly.weekdays.map((d) => WEEKDAYS[d]!));
  return `Every ${days} until ${format(parseISO(weekly.until), "d MMM yyyy")}`;
}

/** Says that a session is one of a series, and takes what is changed here to the others. */
export function SeriesLine({ session, isSaved }: { session: Session; isSaved: boolean }) {
  const router = useRouter();
  const [isChanging, startChanging] = useTransition();
  if (!session.series) return null;
  const change = (which: "following" | "all") =>
    startChanging(async () => {
      const outcome = await answered(changeSeriesAction({ id: session.id, which }));
      if (outcome.kind === "refused") return void toast(outcome.message);
      toastUndo(`${outcome.what}.`, outcome.token, () => router.refresh());
    });
  const button = (words: string, which: "following" | "all") => (
    <Button
      look="bare"
      className="min-h-6 px-0 py-0 underline underline-offset-4"
      disabled={isChanging || !isSaved}
      onClick={() => change(which)}
    >
      {words}
    </Button>
  );
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-ink-soft print:hidden">
      <span className="inline-flex items-center gap-1.5">
        <Repeat aria-hidden className="size-4" />
        {ruleInWords(session.series.rule)}. Changes count for this one.
      </span>
      {button("This and the following", "following")}
      {button("All to come", "all")}
    </p>
  );
}
