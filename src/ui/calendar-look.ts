const CELL = "size-9 rounded-sm text-center hover:bg-chalk-deep";

/** How the calendar looks; its ways with keys and for screen readers are the package's. */
export const CALENDAR_LOOK = {
  root: "relative",
  month_caption: "flex h-9 items-center font-bold",
  nav: "absolute top-0 right-0 flex",
  button_previous:
    "-outline-offset-2 inline-flex size-9 items-center justify-center rounded-sm hover:bg-chalk-deep",
  button_next:
    "-outline-offset-2 inline-flex size-9 items-center justify-center rounded-sm hover:bg-chalk-deep",
  chevron: "size-4 fill-current",
  weekday: "condensed h-8 w-9 text-2xs font-normal text-ink-faint",
  month_grid: "border-collapse",
  day: "p-0 text-center",
  day_button: CELL,
  today: "font-bold text-ember",
  selected: "[&>button]:bg-ink [&>button]:text-chalk",
  outside: "text-ink-faint",
  disabled: "opacity-40",
} as const;
