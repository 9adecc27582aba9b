/**
 * Runs once when the server starts: the plans of today and tomorrow are worked out while nobody waits for them yet, and who serves
 * can ask for the link by which the first owner comes in.
 */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { planAhead } = await import("@/server/plans/plan-ahead");
  void planAhead();
  const { ownerLink } = await import("@/server/access/accounts");
  Object.assign(globalThis, { ironStepOwnerLink: ownerLink });
}
