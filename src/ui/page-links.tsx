import { Link } from "./link";

/** Ways between pages that belong together, the one in view marked. */
export function PageLinks({
  label,
  pages,
}: {
  label: string;
  pages: readonly { href: string; name: string; isHere: boolean }[];
}) {
  return (
    <nav aria-label={label} className="mt-3 flex flex-wrap gap-x-5 border-b border-line print:hidden">
      {pages.map(({ href, name, isHere }) => (
        <Link
          key={href}
          href={href}
          aria-current={isHere ? "page" : undefined}
          className="-mb-px inline-flex min-h-9 items-center border-b-2 border-transparent font-semibold text-ink-soft hover:text-ink aria-[current]:border-ember aria-[current]:text-ink"
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
