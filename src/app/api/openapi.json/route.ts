import { openApiResponse } from "@/server/api/open-api";

export function GET() {
  return openApiResponse();
}
