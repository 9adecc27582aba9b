import { getTests } from "@/server/api/athlete-record";

/** The tests that an outcome may be of. */
export const GET = () => getTests();
