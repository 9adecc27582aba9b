/** Runs once when the server starts: the plans of today and tomorrow are worked out while nobody waits for them yet. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { planAhead } = await import("@/server/plans/plan-ahead");
  void planAhead();
}
