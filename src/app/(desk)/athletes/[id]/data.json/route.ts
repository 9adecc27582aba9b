import { personFile } from "@/server/access/person-files";
import { route } from "@/server/access/route";

export const dynamic = "force-dynamic";

export const GET = route(
  "GET /athletes/[id]/data.json",
  async (_: Request, { params }: { params: Promise<{ id: string }> }) => personFile((await params).id),
);
