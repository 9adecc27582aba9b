import { planResponse } from "@/server/api/plan";

export async function POST(request: Request) {
  return planResponse(request);
}
