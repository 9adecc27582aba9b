import { route } from "@/server/access/route";
import { healthResponse } from "@/server/api/health";

export const dynamic = "force-dynamic";

export const GET = route("GET /api/health", async () => healthResponse());
