import { Search } from "lucide-react";
import type { ComponentProps } from "react";

/** Words to look for; what the field is for stands in it until something is typed. */
export function SearchField({
  label,
  className,
  ...field
}: { label: string; className: string } & Pick<ComponentProps<"input">, "value" | "onChange" | "onKeyDown">) {
  return (
    <span className={`relative block ${className}`}>
      <Search
        aria-hidden
        className="pointer-events-none absolute top-1/2 left-2 size-4 -translate-y-1/2 text-ink-faint"
      />
      <input
        {...field}
        type="search"
        aria-label={label}
        placeholder={label}
        className="min-h-9 w-full rounded-sm border border-line-strong bg-field pr-2 pl-8 text-sm focus:border-ink [&::-webkit-search-cancel-button]:opacity-60 [&::-webkit-search-cancel-button]:grayscale"
      />
    </span>
  );
}
