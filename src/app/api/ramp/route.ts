import { rampResponse } from "@/server/api/ramp";

export async function POST(request: Request) {
  return rampResponse(request);
}
