import type { KeyboardEvent } from "react";

/** Where each key leads among so many, from a place. */
const STEPS: Readonly<Record<string, (at: number, count: number) => number>> = {
  ArrowDown: (at) => at + 1,
  ArrowRight: (at) => at + 1,
  ArrowUp: (at) => at - 1,
  ArrowLeft: (at) => at - 1,
  Home: () => 0,
  End: (_, count) => count - 1,
};

/**
 * Moves the focus by arrows, Home and End among the elements with `data-rove` in a list that is one tab stop: only one of them
 * has a tab index of 0.
 *
 * @param isChosen whether what the focus comes to is chosen too, as by a click.
 */
export function rove(event: KeyboardEvent<HTMLElement>, { isChosen }: { isChosen: boolean }): void {
  const step = STEPS[event.key];
  const from = event.target as HTMLElement;
  if (!step || !from.hasAttribute("data-rove") || event.altKey || event.ctrlKey || event.metaKey) return;
  const items = [...event.currentTarget.querySelectorAll<HTMLElement>("[data-rove]")];
  const to = items[step(items.indexOf(from), items.length)];
  event.preventDefault();
  event.stopPropagation();
  if (!to) return;
  to.focus();
  if (isChosen) to.click();
}
