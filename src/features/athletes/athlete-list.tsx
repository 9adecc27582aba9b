"use client";

import type { RowSelectionState } from "@tanstack/react-table";
import { FileUp, Plus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import { answered } from "@/client/use-ask";
import { counted } from "@/core/units";
import { RaiseDialog } from "@/features/raise-weights/raise-dialog-later";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { SiteHeader } from "@/features/shared/site-header";
import { changeSeveralAction } from "@/server/actions/athletes";
import type { AthletePage } from "@/server/athletes/athletes";
import { Button } from "@/ui/button";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { later } from "@/ui/later";
import { Link } from "@/ui/link";
import { SearchField } from "@/ui/search-field";
import { AthleteTable } from "./athlete-table";
import { ImportDialog } from "./import-dialog";

const AddDialog = later(() => import("./add-dialog").then((m) => m.AddDialog));

/** What is typed is looked for when nothing has been typed for so long. Milliseconds. */
const SEARCH_AFTER_MS = 250;

const FILE_LINK = "font-semibold text-ink underline underline-offset-4 hover:text-ember";

/** All athletes: found, filtered, ordered, opened, and several changed at once. */
export function AthleteList({ page }: { page: AthletePage }) {
  const { query, rows, total, pages, groups } = page;
  const router = useRouter();
  const [isLoading, startLoading] = useTransition();
  const [chosen, setChosen] = useState<RowSelectionState>({});
  const ids = Object.keys(chosen);
  const [isAdding, setAdding] = useState(false);
  const [isImporting, setImporting] = useState(false);
  const [isRaising, setRaising] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const go = (to: Partial<typeof query>) => {
    const next = { ...query, page: 1, ...to };
    const params = new URLSearchParams();
    if (next.q) params.set("q", next.q);
    if (next.group) params.set("group", next.group);
    if (next.show !== "here") params.set("show", next.show);
    if (next.order !== "group") params.set("order", next.order);
    if (next.page > 1) params.set("page", String(next.page));
    setChosen({});
    startLoading(() => router.replace(`/athletes${params.size > 0 ? `?${params}` : ""}`, { scroll: false }));
  };
  const changeChosen = (to: { groupId: string } | { archived: boolean }) =>
    startLoading(async () => {
      const outcome = await answered(changeSeveralAction({ ids, to }));
      setProblem(outcome.kind === "refused" ? outcome.message : null);
      if (outcome.kind === "changed") {
        setChosen({});
        toastUndo(`${outcome.what}.`, outcome.token, () => router.refresh());
      }
      router.refresh();
    });
  const [typed, setTyped] = useState(query.q);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is typed is looked for once it has come to rest
  useEffect(() => {
    if (typed.trim() === query.q) return;
    const timer = setTimeout(() => go({ q: typed.trim() }), SEARCH_AFTER_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  const isArchive = query.show === "archived";

  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main id="content" className="mx-auto max-w-[80rem] px-7 pt-7 pb-16">
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
          <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
            <Link href={`/progress${query.group ? `?group=${query.group}` : ""}`} className={FILE_LINK}>
              Progress
            </Link>
            <Link href={`/tests${query.group ? `?group=${query.group}` : ""}`} className={FILE_LINK}>
              Day of tests
            </Link>
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
            <SearchField
              label="Find by name"
              className="w-64"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
              onKeyDown={(e) => e.key === "Enter" && go({ q: typed.trim() })}
            />
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
        {ids.length > 0 && (
          <div className="mt-4 flex flex-wrap items-center gap-4 bg-chalk-deep px-3 py-2">
            <span className="font-semibold">{ids.length} selected</span>
            <LabelledChoice
              label="Move to"
              value=""
              placeholder="a group"
              groups={[{ options: groups.map((g) => ({ value: g.id, label: g.name })) }]}
              onChange={(groupId) => changeChosen({ groupId })}
            />
            <Button onClick={() => setRaising(true)}>Change working weights</Button>
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
          <AthleteTable page={page} chosen={chosen} onChoose={setChosen} onOrder={(order) => go({ order })} />
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
      <RaiseDialog
        athleteIds={ids}
        open={isRaising}
        onOpenChange={setRaising}
        onDone={() => {
          setChosen({});
          router.refresh();
        }}
      />
      <AddDialog open={isAdding} onOpenChange={setAdding} groups={groups.map((g) => g.name)} />
    </div>
  );
}
