import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export const POST = route("POST /api/review", async (request: Request) =>
  answerRequest("review", request, await openCatalog()),
);
