"use client";

import { DragDropProvider } from "@dnd-kit/react";
import { isSortable, useSortable } from "@dnd-kit/react/sortable";
import { GripVertical } from "lucide-react";
import type { ReactNode } from "react";

/** A list whose rows can be put in another place, by mouse, touch or keys: `DragRow` is one of them. */
export function DragList({
  onMove,
  children,
}: {
  /** From one place to another, both from 0. */
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

interface RowProps {
  id: string;
  index: number;
  /** What is moved, for who cannot see it. */
  name: string;
  className: string;
  handleClassName?: string;
  children: ReactNode;
}

/** A row of a `DragList`: with its handle, or fixed where it is. */
export function DragRow({ isFixed = false, ...row }: RowProps & { isFixed?: boolean }) {
  return isFixed ? <li className={row.className}>{row.children}</li> : <MovableRow {...row} />;
}

function MovableRow({ id, index, name, className, handleClassName = "", children }: RowProps) {
  const { ref, handleRef, isDragging } = useSortable({ id, index });
  return (
    <li ref={ref} className={`${className} ${isDragging ? "bg-field" : ""}`}>
      <button
        ref={handleRef}
        type="button"
        aria-label={`Move ${name}`}
        className={`inline-flex size-8 shrink-0 cursor-grab touch-none items-center justify-center rounded-sm text-ink-faint hover:bg-chalk-deep hover:text-ink ${handleClassName}`}
      >
        <GripVertical aria-hidden className="size-4" />
      </button>
      {children}
    </li>
  );
}
