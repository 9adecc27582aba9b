"use client";

import { unstable_rethrow } from "next/navigation";
import { useCallback, useRef } from "react";
import { newId } from "@/lib/new-id";

/** What is said where no answer comes; what was entered is still there. */
export interface NoAnswer {
  kind: "refused";
  message: string;
}

const NO_ANSWER: NoAnswer = {
  kind: "refused",
  message: "No answer from the server. What you entered is still here: try again.",
};

/** What a request gives that is made once, by a click; without an answer that is said in place of the outcome. */
export async function answered<R>(sent: Promise<R>): Promise<R | NoAnswer> {
  try {
    return await sent;
  } catch (error) {
    // To go to another page is an answer too.
    unstable_rethrow(error);
    return { kind: "refused", message: "No answer from the server. Nothing was changed: try again." };
  }
}

/**
 * Sends what a form asks for. Sent again before it has been answered, by five clicks or after the answer was lost, it is one
 * request; without an answer that is said in place of the outcome.
 */
export function useAsk() {
  const id = useRef<string | null>(null);
  return useCallback(
    async <A extends object, R>(
      action: (request: A & { requestId?: string }) => Promise<R>,
      request: A,
    ): Promise<R | NoAnswer> => {
      id.current ??= newId();
      try {
        const outcome = await action({ ...request, requestId: id.current });
        id.current = null;
        return outcome;
      } catch {
        return NO_ANSWER;
      }
    },
    [],
  );
}
