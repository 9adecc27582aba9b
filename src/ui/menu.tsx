"use client";

import type { ComponentType, Ref } from "react";
import { fetchedOnce } from "@/lib/fetched-once";
import { IconButton } from "./button";
import { useStandIn } from "./stand-in";

type Icon = ComponentType<{ className?: string }>;

/** One thing of a menu; "line" parts what is above it from what is below. */
export type MenuEntry = { label: string; Icon?: Icon; note?: string; onSelect: () => void } | "line";

export interface MenuProps {
  label: string;
  Icon: Icon;
  entries: readonly MenuEntry[];
  /** Which edges of the button and of what opens under it are in line. */
  align?: "start" | "end";
  className?: string;
  ref?: Ref<HTMLButtonElement>;
}

const list = fetchedOnce(() => import("./menu-list").then((m) => m.MenuList));

/** An icon that opens a list of what can be done; with nothing in it, it is off. */
export function Menu(props: MenuProps) {
  const { fetched: List, takesOver, standIn } = useStandIn(list);
  if (List) return <List {...props} {...takesOver} />;
  const { label, Icon, entries, className, ref } = props;
  return (
    <IconButton
      {...{ label, className, ref }}
      aria-haspopup="menu"
      aria-expanded={false}
      disabled={entries.length === 0}
      {...standIn}
    >
      <Icon aria-hidden className="size-4" />
    </IconButton>
  );
}
