import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export const POST = route("POST /api/rack", async (request: Request) =>
  answerRequest("rack", request, await openCatalog()),
);
