import { reviewResponse } from "@/server/api/review";

export async function POST(request: Request) {
  return reviewResponse(request);
}
