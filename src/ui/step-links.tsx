import { ChevronLeft, ChevronRight } from "lucide-react";
import { Link } from "@/ui/link";

const LINK =
  "inline-flex size-9 items-center justify-center rounded-sm text-ink-soft hover:bg-chalk-deep hover:text-ink";

/** Links to the day or week before and after the one that is shown. */
export function StepLinks({ of, before, after }: { of: string; before: string; after: string }) {
  return (
    <>
      <Link href={before} aria-label={`The ${of} before`} className={LINK}>
        <ChevronLeft aria-hidden className="size-5" />
      </Link>
      <Link href={after} aria-label={`The ${of} after`} className={LINK}>
        <ChevronRight aria-hidden className="size-5" />
      </Link>
    </>
  );
}
