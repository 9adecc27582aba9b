import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export const POST = route("POST /api/plan", async (request: Request) =>
  answerRequest("plan", request, await openCatalog()),
);
