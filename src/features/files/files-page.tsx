import { counted } from "@/core/units";
import { RecentChanges } from "@/features/recent-changes/recent-changes";
import { SiteHeader } from "@/features/shared/site-header";
import type { databaseCopies } from "@/server/files/database-copies";
import type { PackItem } from "@/server/files/pack";
import type { RecentChange } from "@/server/files/restore";
import { BundleImport } from "./bundle-import";
import { PackExport } from "./pack-export";

const OUT: readonly { href: string; name: string; what: string; keep?: boolean }[] = [
  {
    href: "/export/bundle.json",
    name: "Full backup",
    what: "Gyms, athletes with their history and tests, sessions and what was done in them, templates and your library, in one JSON file.",
    keep: true,
  },
  {
    href: "/export/athletes.csv",
    name: "Athletes as CSV",
    what: "One line per athlete, with limiters and injuries.",
    keep: true,
  },
  {
    href: "/export/working-weights.csv",
    name: "Working weights as CSV",
    what: "Every entry with its history, one line each.",
    keep: true,
  },
  {
    href: "/export/tests.csv",
    name: "Tests as CSV",
    what: "Every outcome, one line each.",
    keep: true,
  },
  {
    href: "/export/trials.csv",
    name: "Trials as CSV",
    what: "Test, drill and test again, one line each.",
    keep: true,
  },
  {
    href: "/export/sets-done.csv",
    name: "Sets as CSV",
    what: "Every ramp and working set that was done, one line each.",
    keep: true,
  },
  {
    href: "/export/follow-ups.csv",
    name: "Follow-ups as CSV",
    what: "Every answer to how it was afterwards, one line each.",
    keep: true,
  },
  {
    href: "/export/sessions.ics",
    name: "Sessions as a calendar feed",
    what: "iCalendar: a month back and a year ahead. Calendars that subscribe get an address of their own under Access.",
  },
  {
    href: "/export/bundle.schema.json",
    name: "Backup format",
    what: "The JSON Schema of a full backup, for other programs.",
  },
];

const COMMAND = "font-sans font-semibold text-ink";

/** What comes out of the gym as files, and what is taken in. */
export function FilesPage({
  changes,
  copies,
  pack,
}: {
  pack: readonly PackItem[];
  changes: readonly RecentChange[];
  copies: ReturnType<typeof databaseCopies>;
}) {
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/files" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Files</h1>
        <p className="text-sm text-ink-soft">
          These files hold health notes: keep them private. Cards and sheets are exported from their session,
          single plans from their card.
        </p>
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <section>
            <h2 className="section-title mb-1">Export</h2>
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
            <PackExport items={pack} />
            {copies && (
              <>
                <h2 className="section-title mt-10 mb-1">Copies of the database</h2>
                <p className="border-t border-line pt-2.5 text-ink-soft">
                  {copies.last
                    ? `The last is of ${copies.last}; ${counted(copies.count, "file")} in ${copies.folder}.`
                    : `None yet, in ${copies.folder}.`}{" "}
                  One is made and checked each day and before each upgrade.{" "}
                  <code className={COMMAND}>npm run backup</code> makes one now,{" "}
                  <code className={COMMAND}>npm run restore</code> brings one back.
                </p>
              </>
            )}
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
