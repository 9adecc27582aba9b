import { troubleHere } from "@/data/file/open-file";
import { problem } from "./api/problem";

/** A route that says what is wrong with the database, and what to do, where that is why it fails. */
export function sayingTrouble<A extends unknown[]>(
  answer: (...of: A) => Promise<Response>,
): (...of: A) => Promise<Response> {
  return async (...of) => {
    try {
      return await answer(...of);
    } catch (error) {
      const trouble = troubleHere(error);
      if (!trouble) throw error;
      return problem(503, trouble.message);
    }
  };
}
