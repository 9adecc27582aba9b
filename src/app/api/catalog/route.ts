import { catalogResponse } from "@/server/api/catalog";

export async function GET() {
  return catalogResponse();
}
