"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useTheme } from "next-themes";
import { Dialog } from "radix-ui";
import { useEffect, useMemo, useRef, useState } from "react";
import { useData } from "@/client/data";
import { useOfferedActions } from "@/client/palette-actions";
import { PLACES } from "@/features/shared/site-header";
import type { placesToGo } from "@/server/palette/places-to-go";
import { dayInWords } from "@/ui/day-in-words";
import { DialogFrame } from "@/ui/dialog-frame";
import { type Entry, findEntries } from "@/ui/find-entries";

type Places = Awaited<ReturnType<typeof placesToGo>>;

const NOWHERE: Places = { athletes: [], sessions: [] };

/** Everything that can be gone to or done, found by typing. */
export function Palette({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <DialogFrame
      {...{ open, onOpenChange }}
      className="top-[14vh] left-1/2 w-[36rem] max-w-[94vw] -translate-x-1/2 rounded-sm border shadow-sheet"
    >
      <Dialog.Title className="sr-only">Search or jump to…</Dialog.Title>
      <Search onClose={() => onOpenChange(false)} />
    </DialogFrame>
  );
}

function Search({ onClose }: { onClose: () => void }) {
  const [search, setSearch] = useState("");
  const [wanted, setWanted] = useState("");
  const entries = useEntries(() => setWanted(""));
  const found = useMemo(() => findEntries(entries, search), [entries, search]);
  const ids = found.flatMap((g) => g.entries.map((e) => e.id));
  // Nothing wanted means the first of what is found: there is always a choice, and none is left over from fewer words.
  const chosen = ids.includes(wanted) ? wanted : (ids[0] ?? "");
  return (
    <Command label="Search or jump to…" loop shouldFilter={false} value={chosen} onValueChange={setWanted}>
      <Command.Input
        value={search}
        onValueChange={(typed) => {
          setSearch(typed);
          setWanted("");
        }}
        placeholder="Search or jump to…"
        className="h-13 w-full border-b border-line bg-transparent px-5 text-base outline-none placeholder:text-ink-faint"
      />
      <Command.List className="max-h-[55vh] overflow-y-auto p-2">
        <Command.Empty className="px-3 py-4 text-ink-soft">Nothing found.</Command.Empty>
        {found.map(({ heading, entries: under }) => (
          <Command.Group
            key={heading}
            heading={heading}
            className="[&_[cmdk-group-heading]]:condensed [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-ink-faint"
          >
            {under.map(({ id, label, note, run }) => (
              <Command.Item
                key={id}
                value={id}
                onSelect={() => {
                  onClose();
                  run();
                }}
                className="flex min-h-9 cursor-pointer items-center justify-between gap-4 border-l-2 border-transparent px-3 text-sm font-medium data-[selected=true]:border-ember data-[selected=true]:bg-chalk-deep"
              >
                <span className="truncate">{label}</span>
                {note && <span className="condensed shrink-0 text-xs text-ink-faint">{note}</span>}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}

/** What the page in view can do, the places, and, as soon as they are known, the sessions and athletes. */
function useEntries(onMore: () => void): (Entry & { run: () => void })[] {
  const router = useRouter();
  const { resolvedTheme, setTheme } = useTheme();
  const actions = useOfferedActions();
  const { data } = useData<Places>("places");
  const places = data ?? NOWHERE;
  const more = useRef(onMore);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the list has grown
  useEffect(() => more.current(), [data]);

  return useMemo(() => {
    const go = (href: string) => () => router.push(href);
    const isDark = resolvedTheme === "dark";
    return [
      ...actions.map(({ label, keys, run }) => ({
        id: `here ${label}`,
        heading: "Here",
        label,
        note: keys,
        run,
      })),
      ...PLACES.map(({ href, name }) => ({ id: href, heading: "Places", label: name, run: go(href) })),
      {
        id: "screen",
        heading: "Places",
        label: isDark ? "Light screen" : "Dark screen",
        words: "theme light dark night day",
        run: () => setTheme(isDark ? "light" : "dark"),
      },
      ...places.sessions.map(({ id, name, day, time }) => ({
        id: `/session/${id}`,
        heading: "Sessions",
        label: name,
        note: `${dayInWords(day)} ${time ?? ""}`,
        run: go(`/session/${id}`),
      })),
      ...places.athletes.map(({ id, name, group }) => ({
        id: `/athletes/${id}`,
        heading: "Athletes",
        label: name,
        note: group ?? undefined,
        run: go(`/athletes/${id}`),
      })),
    ];
  }, [actions, places, router, resolvedTheme, setTheme]);
}
