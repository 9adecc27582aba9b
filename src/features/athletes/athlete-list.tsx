"use client";

import { differenceInCalendarWeeks, format, parseISO } from "date-fns";
import { FileUp, Plus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { OLD_AFTER_WEEKS } from "@/core/athlete";
import { AREAS, type AreaId } from "@/core/catalog";
import { counted, formatWeight, type Weight } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { SiteHeader } from "@/features/shared/site-header";
import { changeSeveralAction } from "@/server/actions/athletes";
import type { AthletePage } from "@/server/athletes/athletes";
import { Button } from "@/ui/button";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { Link } from "@/ui/link";
import { SearchField } from "@/ui/search-field";
import { SortHead } from "@/ui/sort-head";
import { AddDialog } from "./add-dialog";
import { ImportDialog } from "./import-dialog";

const FILE_LINK = "font-semibold text-ink underline underline-offset-4 hover:text-ember";

/** All athletes: found, filtered, ordered, opened, and several changed at once. */
export function AthleteList({ page }: { page: AthletePage }) {
  const { query, rows, total, pages, groups, day } = page;
  const router = useRouter();
  const [isLoading, startLoading] = useTransition();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [isAdding, setAdding] = useState(false);
  const [isImporting, setImporting] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const go = (to: Partial<typeof query>) => {
    const next = { ...query, page: 1, ...to };
    const params = new URLSearchParams();
    if (next.q) params.set("q", next.q);
    if (next.group) params.set("group", next.group);
    if (next.show !== "here") params.set("show", next.show);
    if (next.order !== "group") params.set("order", next.order);
    if (next.page > 1) params.set("page", String(next.page));
    setChosen(new Set());
    startLoading(() => router.replace(`/athletes${params.size > 0 ? `?${params}` : ""}`, { scroll: false }));
  };
  const choose = (id: string, on: boolean) =>
    setChosen((before) => {
      const next = new Set(before);
      if (on) next.add(id);
      else next.delete(id);
      return next;
    });
  const changeChosen = (to: { groupId: string } | { archived: boolean }) =>
    startLoading(async () => {
      const outcome = await changeSeveralAction({ ids: [...chosen], to });
      setProblem(outcome.kind === "refused" ? outcome.message : null);
      if (outcome.kind === "changed") {
        setChosen(new Set());
        toastUndo(`${outcome.what}.`, outcome.token, () => router.refresh());
      }
      router.refresh();
    });
  const all = rows.length > 0 && rows.every((r) => chosen.has(r.id));
  const sortHead = (order: typeof query.order, label: string) => (
    <SortHead label={label} isOn={query.order === order} onSort={() => go({ order })} />
  );
  const isArchive = query.show === "archived";

  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">
              {isArchive ? "Archived athletes" : "Athletes"}
            </h1>
            <p role="status" className="text-sm text-ink-soft">
              {counted(total, "athlete")}
              {query.q && ` with “${query.q}” in the name`}
            </p>
          </div>
          <div className="flex gap-3">
            <Button onClick={() => setImporting(true)}>
              <FileUp aria-hidden className="size-4" />
              Import a file
            </Button>
            <Button look="main" onClick={() => setAdding(true)}>
              <Plus aria-hidden className="size-4" />
              Add athletes
            </Button>
          </div>
        </div>
        <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3">
          <search>
            <form
              onSubmit={(e) => {
                e.preventDefault();
                go({ q: String(new FormData(e.currentTarget).get("q") ?? "").trim() });
              }}
            >
              <SearchField
                key={query.q}
                name="q"
                label="Find by name"
                className="w-64"
                defaultValue={query.q}
              />
            </form>
          </search>
          <OptionalChoice
            label="Group"
            none="All groups"
            value={query.group}
            groups={[{ options: groups.map((g) => ({ value: g.id, label: g.name })) }]}
            onChange={(group) => go({ group })}
          />
          <LabelledChoice
            label="Show"
            value={query.show}
            groups={[
              {
                options: [
                  { value: "here", label: "Active" },
                  { value: "archived", label: "Archived" },
                ],
              },
            ]}
            onChange={(show) => go({ show: show as typeof query.show })}
          />
        </div>
        {chosen.size > 0 && (
          <div className="mt-4 flex flex-wrap items-center gap-4 bg-chalk-deep px-3 py-2">
            <span className="font-semibold">{chosen.size} selected</span>
            <LabelledChoice
              label="Move to"
              value=""
              placeholder="a group"
              groups={[{ options: groups.map((g) => ({ value: g.id, label: g.name })) }]}
              onChange={(groupId) => changeChosen({ groupId })}
            />
            <Button onClick={() => changeChosen({ archived: !isArchive })}>
              {isArchive ? "Make active" : "Archive"}
            </Button>
          </div>
        )}
        {problem && (
          <p role="alert" className="mt-2 font-semibold text-ember">
            {problem}
          </p>
        )}
        <div className={`mt-4 overflow-x-auto ${isLoading ? "opacity-60" : ""}`}>
          <table className="w-full min-w-[46rem] border-collapse">
            <caption className="sr-only">Athletes</caption>
            <thead>
              <tr className="border-b border-ink text-left text-xs text-ink-soft">
                <th className="w-9">
                  <input
                    type="checkbox"
                    aria-label="Select all on this page"
                    checked={all}
                    onChange={(e) => setChosen(new Set(e.target.checked ? rows.map((r) => r.id) : []))}
                    className="block size-4 accent-ink"
                  />
                </th>
                {sortHead("name", "Name")}
                {sortHead("group", "Group")}
                <th className="pr-3 font-semibold">Experience</th>
                <th className="pr-3 text-right font-semibold">Body weight</th>
                <th className="pr-3 pl-6 font-semibold">Injuries and cautions</th>
                {sortHead("updated", "Last working weight")}
              </tr>
            </thead>
            <tbody>
              {rows.map((r) => (
                <tr key={r.id} className="border-b border-line hover:bg-field">
                  <td>
                    <input
                      type="checkbox"
                      aria-label={`Select ${r.name}`}
                      checked={chosen.has(r.id)}
                      onChange={(e) => choose(r.id, e.target.checked)}
                      className="block size-4 accent-ink"
                    />
                  </td>
                  <th scope="row" className="pr-3 text-left font-semibold">
                    <Link
                      href={`/athletes/${r.id}`}
                      className="inline-flex min-h-9 items-center hover:text-ember"
                    >
                      {r.name}
                    </Link>
                  </th>
                  <td className="pr-3 text-ink-soft">{r.group}</td>
                  <td className="pr-3 text-ink-soft capitalize">{r.experience}</td>
                  <td className="condensed pr-3 text-right text-sm">
                    {r.bodyWeight === null ? "" : `${formatWeight(r.bodyWeight as Weight)} ${r.unit}`}
                  </td>
                  <td className="pr-3 pl-6 text-ink-soft">
                    {r.areas.map((a) => AREAS[a.area as AreaId] ?? a.area).join(", ")}
                  </td>
                  <td className="pr-3">
                    <NewestWeight newest={r.newest} day={day} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        {rows.length === 0 && (
          <p className="mt-4 text-sm text-ink-soft">
            {query.q || query.group
              ? "Nobody found. Change the search or the filters."
              : isArchive
                ? "Nobody is archived."
                : "Nobody yet. Add athletes one by one, or paste a list of names."}
          </p>
        )}
        {total > 0 && (
          <p className="mt-4 text-ink-soft">
            Export{" "}
            <a href="/export/athletes.csv" download className={FILE_LINK}>
              athletes
            </a>{" "}
            and{" "}
            <a href="/export/working-weights.csv" download className={FILE_LINK}>
              working weights
            </a>{" "}
            as CSV. The files hold health notes: keep them private.
          </p>
        )}
        {pages > 1 && (
          <nav aria-label="Pages" className="mt-4 flex items-center gap-3">
            <Button disabled={query.page <= 1} onClick={() => go({ page: query.page - 1 })}>
              Previous
            </Button>
            <span className="text-ink-soft">
              Page {query.page} of {pages}
            </span>
            <Button disabled={query.page >= pages} onClick={() => go({ page: query.page + 1 })}>
              Next
            </Button>
          </nav>
        )}
      </main>
      <ImportDialog
        open={isImporting}
        onOpenChange={setImporting}
        onDone={(people, token) => {
          toastUndo(`${counted(people, "athlete")} imported.`, token, () => router.refresh());
          router.refresh();
        }}
      />
      <AddDialog open={isAdding} onOpenChange={setAdding} groups={groups.map((g) => g.name)} />
    </div>
  );
}

/** When the newest working weight was entered; none and an old one stand out. */
function NewestWeight({ newest, day }: { newest: string | null; day: string }) {
  if (newest === null) return <span className="font-semibold text-ember">None yet</span>;
  const weeks = differenceInCalendarWeeks(parseISO(day), parseISO(newest));
  return (
    <span className={weeks > OLD_AFTER_WEEKS ? "font-semibold text-ochre-deep" : "text-ink-soft"}>
      {format(parseISO(newest), "d MMM yyyy")}
      {weeks > OLD_AFTER_WEEKS && `, ${weeks} weeks ago`}
    </span>
  );
}
