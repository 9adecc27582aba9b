import { route } from "@/server/access/route";
import { openApiResponse } from "@/server/api/open-api";

export const GET = route("GET /api/openapi.json", async () => openApiResponse());
