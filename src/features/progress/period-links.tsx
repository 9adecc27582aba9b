import type { Period } from "@/server/progress/open-progress";
import { Link } from "@/ui/link";

const NAMES: readonly { period: Period; name: string }[] = [
  { period: "quarter", name: "3 months" },
  { period: "year", name: "12 months" },
  { period: "all", name: "All" },
];

/** How far back a page looks. */
export function PeriodLinks({ value, hrefOf }: { value: Period; hrefOf: (period: Period) => string }) {
  return (
    <nav aria-label="Time" className="flex gap-4 print:hidden">
      {NAMES.map(({ period, name }) => (
        <Link
          key={period}
          href={hrefOf(period)}
          aria-current={period === value ? "page" : undefined}
          className="inline-flex min-h-8 items-center font-semibold text-ink-soft underline-offset-4 hover:text-ink aria-[current]:text-ink aria-[current]:underline"
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
