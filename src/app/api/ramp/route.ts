import { openCatalog } from "@/server/library/catalog";
import { answerRequest } from "@/threads/threads";

export async function POST(request: Request) {
  return answerRequest("ramp", request, await openCatalog());
}
