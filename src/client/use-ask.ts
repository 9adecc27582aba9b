"use client";

import { unstable_rethrow } from "next/navigation";
import { useCallback, useState } from "react";
import { isEqual } from "@/lib/equality";
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

/** What a request gives that is made once, by a click or to look; without an answer that is said in place of the outcome. */
export async function answered<R>(sent: Promise<R>): Promise<R | NoAnswer> {
  try {
    return await sent;
  } catch (error) {
    // To go to another page is an answer too.
    unstable_rethrow(error);
    return { kind: "refused", message: "No answer from the server. Nothing was changed: try again." };
  }
}

/** The id of what a form asks for: the same until it is answered or something else is asked for. */
export class RequestIds {
  private open: { id: string; asked: readonly unknown[] } | null = null;

  constructor(private readonly make: () => string = newId) {}

  /** The id for an action and its request. */
  of(...asked: readonly unknown[]): string {
    if (!this.open || !isEqual(this.open.asked, asked)) this.open = { id: this.make(), asked };
    return this.open.id;
  }

  /** What has been answered is asked anew the next time. */
  answered(id: string): void {
    if (this.open?.id === id) this.open = null;
  }
}

/**
 * Sends what a form asks for. Sent again before it has been answered, by five clicks or after the answer was lost, it is one
 * request; without an answer that is said in place of the outcome.
 */
export function useAsk() {
  const [ids] = useState(() => new RequestIds());
  return useCallback(
    async <A extends object, R>(
      action: (request: A & { requestId?: string }) => Promise<R>,
      request: A,
    ): Promise<R | NoAnswer> => {
      const requestId = ids.of(action, request);
      try {
        const outcome = await action({ ...request, requestId });
        ids.answered(requestId);
        return outcome;
      } catch {
        return NO_ANSWER;
      }
    },
    [ids],
  );
}
