"use client";

import { DragDropProvider } from "@dnd-kit/react";
import { isSortable, useSortable } from "@dnd-kit/react/sortable";
import type { ReactNode } from "react";
import { type MovableRowProps, RowShape } from "./drag-row-shape";

/** The list of a `DragList`, once the code that drags is there. */
export function SortList({
  onMove,
  children,
}: {
  onMove: (id: string, to: number) => void;
  children: ReactNode;
}) {
  return (
    <DragDropProvider
      onDragEnd={({ canceled, operation: { source } }) => {
        if (canceled || !isSortable(source)) return;
        if (source.initialIndex !== source.index) onMove(String(source.id), source.index);
      }}
    >
      {children}
    </DragDropProvider>
  );
}

/** A row of it. */
export function SortRow({ id, index, ...row }: MovableRowProps) {
  const { ref, handleRef, isDragging } = useSortable({ id, index });
  return <RowShape {...row} ref={ref} handleRef={handleRef} isDragging={isDragging} />;
}
