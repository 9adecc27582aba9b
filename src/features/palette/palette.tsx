"use client";

import { Command } from "cmdk";
import { usePathname, useRouter } from "next/navigation";
import { useTheme } from "next-themes";
import { Dialog } from "radix-ui";
import { type ReactNode, useEffect, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { placesToGoAction } from "@/app/actions";
import { dayInWords } from "@/ui/day-in-words";
import { useOfferedActions } from "@/ui/palette-actions";
import { PLACES } from "@/ui/site-header";
import { useReturnFocus } from "@/ui/use-return-focus";

type Places = Awaited<ReturnType<typeof placesToGoAction>>;

const NOWHERE: Places = { athletes: [], sessions: [] };

/** Everything that can be gone to or done, found by typing. */
export function Palette() {
  const router = useRouter();
  const path = usePathname();
  const { resolvedTheme, setTheme } = useTheme();
  const actions = useOfferedActions();
  const [open, setOpen] = useState(false);
  const [places, setPlaces] = useState(NOWHERE);
  useHotkeys("mod+k", () => setOpen((is) => !is), { preventDefault: true, enableOnFormTags: true });
  // A card on a phone is no place for the coach's ways.
  const isDesk = !path.startsWith("/card/");

  useEffect(() => {
    if (!open || !isDesk) return;
    let isGone = false;
    void placesToGoAction().then((found) => !isGone && setPlaces(found));
    return () => {
      isGone = true;
    };
  }, [open, isDesk]);

  const focus = useReturnFocus();
  if (!isDesk) return null;
  const then = (run: () => void) => () => {
    setOpen(false);
    run();
  };
  const go = (href: string) => then(() => router.push(href));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          {...focus}
          className="fixed top-[14vh] left-1/2 z-50 w-[36rem] max-w-[94vw] -translate-x-1/2 rounded-sm border border-ink bg-chalk shadow-sheet"
        >
          <Dialog.Title className="sr-only">Go to anything, do anything</Dialog.Title>
          <Command label="Go to anything, do anything" loop>
            <Command.Input
              placeholder="Where to, or what to do"
              className="h-13 w-full border-b border-line bg-transparent px-5 text-base outline-none placeholder:text-ink-faint"
            />
            <Command.List className="max-h-[55vh] overflow-y-auto p-2">
              <Command.Empty className="px-3 py-4 text-ink-soft">Nothing is called that.</Command.Empty>
              {actions.length > 0 && (
                <Group heading="Here">
                  {actions.map(({ label, keys, run }) => (
                    <Item key={label} value={`here ${label}`} onSelect={then(run)} note={keys}>
                      {label}
                    </Item>
                  ))}
                </Group>
              )}
              <Group heading="Places">
                {PLACES.map(({ href, name }) => (
                  <Item key={href} value={`place ${name}`} onSelect={go(href)}>
                    {name}
                  </Item>
                ))}
                <Item
                  value="theme light dark night day"
                  onSelect={then(() => setTheme(resolvedTheme === "dark" ? "light" : "dark"))}
                >
                  {resolvedTheme === "dark" ? "Light screen" : "Dark screen"}
                </Item>
              </Group>
              <Group heading="Sessions">
                {places.sessions.map((s) => (
                  <Item
                    key={s.id}
                    value={`session ${s.name} ${dayInWords(s.day)} ${s.time ?? ""} ${s.id}`}
                    onSelect={go(`/session/${s.id}`)}
                    note={`${dayInWords(s.day)} ${s.time ?? ""}`}
                  >
                    {s.name}
                  </Item>
                ))}
              </Group>
              <Group heading="Athletes">
                {places.athletes.map((a) => (
                  <Item
                    key={a.id}
                    value={`athlete ${a.name} ${a.group} ${a.id}`}
                    onSelect={go(`/athletes/${a.id}`)}
                    note={a.group}
                  >
                    {a.name}
                  </Item>
                ))}
              </Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Group({ heading, children }: { heading: string; children: ReactNode }) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:condensed [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-ink-faint"
    >
      {children}
    </Command.Group>
  );
}

function Item({
  value,
  onSelect,
  note,
  children,
}: {
  value: string;
  onSelect: () => void;
  note?: string;
  children: ReactNode;
}) {
  return (
    <Command.Item
      value={value}
      onSelect={onSelect}
      className="flex min-h-9 cursor-pointer items-center justify-between gap-4 border-l-2 border-transparent px-3 text-sm font-medium data-[selected=true]:border-ember data-[selected=true]:bg-chalk-deep"
    >
      <span className="truncate">{children}</span>
      {note && <span className="condensed shrink-0 text-xs text-ink-faint">{note}</span>}
    </Command.Item>
  );
}
