"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { askWorker } from "@/client/ask-worker";
import type { GroupPlan } from "@/core/group";
import type { GroupPlanAnswer, GroupPlanQuestion } from "@/workers/group-plan";

export type GroupPlanning =
  | { kind: "working"; done: number }
  | { kind: "done" }
  | { kind: "cancelled" }
  | { kind: "failed" };

const NOTHING_TO_QUIT = () => {};

/**
 * Plans a group in a worker whenever the question changes; the plan before stays in view meanwhile. `cancel`
 * ends the work, `again` takes it up anew.
 *
 * @param first the plan of the first question, where it is known already: it is not worked out again.
 */
export function useGroupPlan(question: GroupPlanQuestion | null, first: GroupPlan | null = null) {
  const [plan, setPlan] = useState<GroupPlan | null>(first);
  const [planning, setPlanning] = useState<GroupPlanning>(
    first ? { kind: "done" } : { kind: "working", done: 0 },
  );
  const known = useRef(first ? question : null);
  const quit = useRef(NOTHING_TO_QUIT);

  const start = useCallback((asked: GroupPlanQuestion) => {
    quit.current();
    setPlanning({ kind: "working", done: 0 });
    const worker = new Worker(new URL("@/workers/group-plan.ts", import.meta.url), { type: "module" });
    quit.current = askWorker<GroupPlanQuestion, GroupPlanAnswer>(worker, asked, {
      failed: () => setPlanning({ kind: "failed" }),
      answered: (answer) => {
        if (answer.kind === "progress") {
          setPlanning({ kind: "working", done: answer.done });
          return;
        }
        setPlan(answer.plan);
        setPlanning({ kind: "done" });
        quit.current();
      },
    });
  }, []);

  useEffect(() => {
    if (!question || known.current === question) return;
    known.current = null;
    start(question);
    return () => quit.current();
  }, [question, start]);

  const cancel = useCallback(() => {
    quit.current();
    setPlanning({ kind: "cancelled" });
  }, []);
  const again = useCallback(() => question && start(question), [question, start]);
  return { plan, planning, cancel, again };
}
