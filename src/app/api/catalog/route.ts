import { route } from "@/server/access/route";
import { catalogResponse } from "@/server/api/catalog";

export const GET = route("GET /api/catalog", async () => catalogResponse());
