import { adjustResponse } from "@/server/api/adjust";

export async function POST(request: Request) {
  return adjustResponse(request);
}
