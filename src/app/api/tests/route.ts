import { route } from "@/server/access/route";
import { getTests } from "@/server/api/athlete-record";

/** The tests that an outcome may be of. */
export const GET = route("GET /api/tests", async () => getTests());
