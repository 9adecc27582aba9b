import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export const POST = route("POST /api/adjust", async (request: Request) =>
  answerRequest("adjust", request, await openCatalog()),
);
