"use client";

import { useMemo } from "react";
import { useWorker } from "@/client/ask-worker";
import { useCatalog } from "@/client/catalog";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import {
  type RackRequest,
  type RackSetup,
  rackRequestFor,
  type SessionReady,
  sessionReady,
} from "@/core/session";
import type { RackAnswer, RackQuestion } from "@/workers/rack-orders";

const makeWorker = () =>
  new Worker(new URL("../../workers/rack-orders.ts", import.meta.url), { type: "module" });

/** Orders a group over its racks in a worker whenever the question changes; undefined until it has been answered. */
function useRackOrders(question: RackQuestion | null): RackAnswer | undefined {
  return useWorker<RackQuestion, RackAnswer>(makeWorker, question).answers.at(-1);
}

/** The bars of a session as they are shared, and when everybody is ready with them. */
export interface SharedRacks {
  /** Null: nobody shares a bar. */
  request: RackRequest | null;
  /** Undefined until they are worked out. */
  orders: RackAnswer | undefined;
  /** Null until it is known. */
  ready: SessionReady | null;
}

/** The bars of a session by how it shares them, worked out whenever plan or way change. */
export function useSharedRacks(
  plan: GroupPlan | null,
  { count, loaders }: Pick<RackSetup, "count" | "loaders">,
  gym: GymKit,
): SharedRacks {
  const catalog = useCatalog();
  const request = useMemo(
    () => plan && rackRequestFor(plan, { count, loaders }, gym, catalog),
    [plan, count, loaders, gym, catalog],
  );
  const orders = useRackOrders(request);
  const ready = useMemo(() => {
    if (!plan || (request && !orders)) return null;
    // An answer to an earlier question is of other people.
    if (request && orders?.some((o) => o.lifters.some((i) => !request.lifters[i]))) return null;
    return sessionReady(plan, request, orders ?? null);
  }, [plan, request, orders]);
  return { request, orders, ready };
}
