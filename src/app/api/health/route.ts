import { healthResponse } from "@/server/api/health";

export const dynamic = "force-dynamic";

export async function GET() {
  return healthResponse();
}
