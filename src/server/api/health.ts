import { listAthletes } from "@/data/athletes";
import { problem } from "./problem";

/** GET /api/health: whether the server answers and reaches its database. */
export async function healthResponse(): Promise<Response> {
  try {
    await listAthletes();
    return Response.json({ status: "ok" });
  } catch {
    return problem(503, "The database cannot be reached.");
  }
}
