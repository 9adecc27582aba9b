export type Shelf = "drills" | "lifts" | "approaches";

/** What the library holds. */
export const SHELVES: readonly { id: Shelf; name: string }[] = [
  { id: "drills", name: "Drills" },
  { id: "lifts", name: "Lifts" },
  { id: "approaches", name: "Approaches" },
];
