import { GripVertical } from "lucide-react";
import type { ReactNode, Ref } from "react";

interface RowProps {
  /** What is moved, for who cannot see it. */
  name: string;
  className: string;
  handleClassName?: string;
  /** Absent: it is a tab stop. */
  handleTabIndex?: number;
  children: ReactNode;
}

export interface MovableRowProps extends RowProps {
  id: string;
  index: number;
}

/** A row with its handle. */
export function RowShape({
  name,
  className,
  handleClassName = "",
  handleTabIndex,
  children,
  ref,
  handleRef,
  isDragging = false,
}: RowProps & {
  ref?: Ref<HTMLLIElement>;
  handleRef?: Ref<HTMLButtonElement>;
  isDragging?: boolean;
}) {
  return (
    <li ref={ref} className={`${className} ${isDragging ? "bg-field" : ""}`}>
      <button
        ref={handleRef}
        type="button"
        aria-label={`Move ${name}`}
        tabIndex={handleTabIndex}
        className={`inline-flex size-8 shrink-0 cursor-grab touch-none items-center justify-center rounded-sm text-ink-faint hover:bg-chalk-deep hover:text-ink ${handleClassName}`}
      >
        <GripVertical aria-hidden className="size-4" />
      </button>
      {children}
    </li>
  );
}
