import { rackResponse } from "@/server/api/rack";

export async function POST(request: Request) {
  return rackResponse(request);
}
