"use client";

import { createContext, type ReactNode, useContext } from "react";
import { fetchedOnce } from "@/lib/fetched-once";
import { type MovableRowProps, RowShape } from "./drag-row-shape";
import { useFetched } from "./later";

type Sorting = typeof import("./drag-sort");

const SORTING = fetchedOnce<Sorting>(() => import("./drag-sort"));

const SortingContext = createContext<Sorting | null>(null);

/**
 * A list whose rows can be put in another place, by mouse, touch or keys: `DragRow` is one of them. It is drawn as it is
 * until the code that drags has been loaded.
 */
export function DragList({
  onMove,
  children,
}: {
  /** From one place to another, both from 0. */
  onMove: (id: string, to: number) => void;
  children: ReactNode;
}) {
  const sorting = useFetched(SORTING);
  if (!sorting) return children;
  return (
    <SortingContext value={sorting}>
      <sorting.SortList onMove={onMove}>{children}</sorting.SortList>
    </SortingContext>
  );
}

/** A row of a `DragList`: with its handle, or fixed where it is. */
export function DragRow({ isFixed = false, ...row }: MovableRowProps & { isFixed?: boolean }) {
  const sorting = useContext(SortingContext);
  if (isFixed) return <li className={row.className}>{row.children}</li>;
  if (sorting) return <sorting.SortRow {...row} />;
  const { id: _, index: __, ...shape } = row;
  return <RowShape {...shape} />;
}
