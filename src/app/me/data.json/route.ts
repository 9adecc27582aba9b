import { currentActor } from "@/server/access/actor";
import { personFile } from "@/server/access/person-files";
import { route } from "@/server/access/route";

export const dynamic = "force-dynamic";

export const GET = route("GET /me/data.json", async (request: Request) => {
  const actor = await currentActor(request.headers);
  return personFile(actor?.athleteId ?? "");
});
