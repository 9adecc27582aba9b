import { RecentChanges } from "@/features/recent-changes/recent-changes";
import { SiteHeader } from "@/features/shared/site-header";
import type { RecentChange } from "@/server/files/restore";
import { BundleImport } from "./bundle-import";

const OUT: readonly { href: string; name: string; what: string; keep?: boolean }[] = [
  {
    href: "/export/bundle.json",
    name: "Everything as a bundle",
    what: "Gyms, athletes with their history, sessions, templates: one JSON file that comes back as it was.",
    keep: true,
  },
  {
    href: "/export/athletes.csv",
    name: "Athletes as CSV",
    what: "A line each, limiters and areas included.",
    keep: true,
  },
  {
    href: "/export/working-weights.csv",
    name: "Working weights as CSV",
    what: "All of them with their history, a line each.",
    keep: true,
  },
  {
    href: "/export/sessions.ics",
    name: "Sessions as a calendar feed",
    what: "iCalendar, a month back and a year ahead. Give this address to a calendar on this machine.",
  },
  {
    href: "/export/bundle.schema.json",
    name: "What a bundle looks like",
    what: "Its JSON Schema, for who makes or reads bundles elsewhere.",
  },
];

/** What comes out of the hall as files, and what is taken in. */
export function FilesPage({ changes }: { changes: readonly RecentChange[] }) {
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/files" />
      <main className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Files</h1>
        <p className="text-sm text-ink-soft">
          They hold health notes: keep them to yourself. Cards and sheets come from their session, plans as
          Markdown and PDF from their card.
        </p>
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <section>
            <h2 className="section-title mb-1">To take out</h2>
            <ul>
              {OUT.map(({ href, name, what, keep }) => (
                <li key={href} className="border-t border-line py-2.5">
                  <a
                    href={href}
                    download={keep ? "" : undefined}
                    className="inline-flex min-h-6 items-center text-sm font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember"
                  >
                    {name}
                  </a>
                  <p className="text-ink-soft">{what}</p>
                </li>
              ))}
            </ul>
          </section>
          <div className="space-y-10">
            <BundleImport />
            <RecentChanges items={changes} />
          </div>
        </div>
      </main>
    </div>
  );
}
