"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { GroupPlan } from "@/core/group";
import type { GroupPlanAnswer, GroupPlanQuestion } from "@/workers/group-plan";

export type GroupPlanning =
  | { kind: "working"; done: number }
  | { kind: "done" }
  | { kind: "cancelled" }
  | { kind: "failed" };

/**
 * Plans a group in a worker whenever the question changes; the plan before stays in view meanwhile. `cancel`
 * ends the work, `again` takes it up anew.
 */
export function useGroupPlan(question: GroupPlanQuestion | null) {
  const [plan, setPlan] = useState<GroupPlan | null>(null);
  const [planning, setPlanning] = useState<GroupPlanning>({ kind: "working", done: 0 });
  const worker = useRef<Worker | null>(null);

  const start = useCallback((asked: GroupPlanQuestion) => {
    worker.current?.terminate();
    const working = new Worker(new URL("../../workers/group-plan.ts", import.meta.url), { type: "module" });
    worker.current = working;
    setPlanning({ kind: "working", done: 0 });
    working.onerror = () => setPlanning({ kind: "failed" });
    working.onmessage = ({ data }: MessageEvent<GroupPlanAnswer>) => {
      if (data.kind === "progress") {
        setPlanning({ kind: "working", done: data.done });
        return;
      }
      setPlan(data.plan);
      setPlanning({ kind: "done" });
      working.terminate();
    };
    working.postMessage(asked);
  }, []);

  useEffect(() => {
    if (!question) return;
    start(question);
    return () => worker.current?.terminate();
  }, [question, start]);

  const cancel = useCallback(() => {
    // An answer that is on its way already must not overrule the coach.
    if (worker.current) worker.current.onmessage = null;
    worker.current?.terminate();
    setPlanning({ kind: "cancelled" });
  }, []);
  const again = useCallback(() => question && start(question), [question, start]);
  return { plan, planning, cancel, again };
}
