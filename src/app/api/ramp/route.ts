import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export const POST = route("POST /api/ramp", async (request: Request) =>
  answerRequest("ramp", request, await openCatalog()),
);
