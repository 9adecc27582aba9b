/** Whether something is the gym's own and not what ships. */
export function isCustom(id: string): boolean {
  return id.startsWith("own-");
}

/** What is said beside the name of the gym's own; nothing beside what ships. */
export function customNote({ id, retired }: { id: string; retired?: boolean }): string {
  if (!isCustom(id)) return "";
  return retired ? "retired" : "mine";
}
