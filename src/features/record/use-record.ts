"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { changeRecordAction } from "@/server/actions/record";

type Change = Parameters<typeof changeRecordAction>[0]["change"];

/** Changes what is on record of an athlete in a session; says what went wrong where it was not done. */
export function useRecord(sessionId: string, athleteId: string) {
  const router = useRouter();
  const ask = useAsk();
  const [isBusy, start] = useTransition();
  const change = (change: Change) =>
    start(async () => {
      const outcome = await ask(changeRecordAction, { sessionId, athleteId, change });
      if (outcome.kind === "refused") await toast(outcome.message);
      else router.refresh();
    });
  return { change, isBusy };
}
