import type { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { troubleHere } from "@/data/file/open-file";
import { type Actor, currentActor } from "../access/actor";
import { may, NOT_ALLOWED, NOT_SIGNED_IN, type OpenToAnybody, type UseCase } from "../access/rights";
import { openCatalog } from "../library/catalog";
import { firstProblem, type Refused, refuse } from "../schemas/problems";
import { once } from "./once";

/** The same all the way down, so that what a page holds can be sent as it is. */
type DeepReadonly<T> = T extends readonly (infer U)[]
  ? readonly DeepReadonly<U>[]
  : T extends object
    ? { readonly [K in keyof T]: DeepReadonly<T[K]> }
    : T;

/** An action by its name, as the table of rights has it. */
type ActionName = Exclude<UseCase, `/${string}` | `GET ${string}` | `POST ${string}` | `${string} ${string}`>;

/** Who does something: null, nobody who has come in, only where the table lets anybody do it. */
type ActorOf<W extends UseCase> = W extends OpenToAnybody ? Actor | null : Actor;

/** A request as a page sends it; with an id it is done once, however often it is sent. */
type Sent<T> = DeepReadonly<T> & (T extends object ? { readonly requestId?: string } : unknown);

/**
 * A server action that checks what it is sent before it does anything: what is wrong with it is said by its field.
 * The client sees the types of both.
 *
 * @param what it does, as the table of rights has it: only who may can do it.
 * @param schema of the request, or how it is made for the catalog as it is now.
 */
export function action<W extends ActionName, S extends z.ZodType, R>(
  what: W,
  schema: S | ((catalog: Catalog) => S),
  handle: (request: z.output<S>, catalog: Catalog, actor: ActorOf<W>) => Promise<R>,
): (request: Sent<z.input<S>>) => Promise<R | Refused> {
  const answer = async (request: unknown): Promise<R | Refused> => {
    sayThatItWasRead();
    const actor = await currentActor();
    if (!may(actor?.role ?? null, what)) return refuse(actor ? NOT_ALLOWED : NOT_SIGNED_IN);
    const catalog = await openCatalog();
    const parsed = (typeof schema === "function" ? schema(catalog) : schema).safeParse(request);
    if (!parsed.success) return refuse(firstProblem(parsed.error));
    try {
      // The table has just been asked: nobody is there only where anybody may be.
      return await handle(parsed.data, catalog, actor as ActorOf<W>);
    } catch (error) {
      const trouble = troubleHere(error);
      if (trouble) return refuse(trouble.message);
      throw error;
    }
  };
  return (sent) => {
    const { requestId, request } = takenApart(sent);
    return once(requestId, () => answer(request));
  };
}

/** Tells whoever answers over the network that what comes of the request is this action's doing. */
function sayThatItWasRead(): void {
  const { ironStepRequests } = globalThis as {
    ironStepRequests?: { getStore: () => { isRead: boolean } | undefined };
  };
  const asked = ironStepRequests?.getStore();
  if (asked) asked.isRead = true;
}

/** A request and the id that it came with. */
function takenApart(sent: unknown): { requestId: string | undefined; request: unknown } {
  if (typeof sent !== "object" || sent === null || Array.isArray(sent) || !("requestId" in sent)) {
    return { requestId: undefined, request: sent };
  }
  const { requestId, ...request } = sent as { requestId: unknown };
  const isId = typeof requestId === "string" && requestId.length >= 8 && requestId.length <= 64;
  return isId ? { requestId, request } : { requestId: undefined, request: sent };
}
