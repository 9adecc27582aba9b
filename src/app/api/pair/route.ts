import { route } from "@/server/access/route";
import { postPair } from "@/server/api/pair";

/** Lets a program in by a code. */
export const POST = route("POST /api/pair", postPair);
