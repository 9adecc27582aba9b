import { Film } from "lucide-react";

/** The way to the coach's own film of a drill; nothing where there is none. */
export function FilmLink({ film, name }: { film: string | undefined; name: string }) {
  if (!film) return null;
  return (
    <a
      href={film}
      target="_blank"
      rel="noreferrer"
      className="mt-2 inline-flex min-h-11 items-center gap-2 font-semibold underline underline-offset-4 hover:text-ember sm:min-h-6"
    >
      <Film aria-hidden className="size-4" />
      Film<span className="sr-only"> of {name} (opens another page)</span>
    </a>
  );
}
