/**
 * Runs once when the server starts: the hall's own content is there before the first request, and the plans of today and
 * tomorrow are worked out while nobody waits for them yet.
 */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [{ loadCustomContent }, { planAhead }] = await Promise.all([
    import("@/server/library/custom-content"),
    import("@/server/plans/plan-ahead"),
  ]);
  await loadCustomContent();
  void planAhead();
}
