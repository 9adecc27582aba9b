import { answerGiven, rememberAnswer } from "@/data/done-requests";

/** What is under way, by the id of its request. */
const underWay = new Map<string, Promise<unknown>>();

/**
 * Does what a request asks for once, however often it is sent, also across a new start of the server: who sends it again gets
 * the same answer. What fails may be tried again.
 */
export function once<T>(requestId: string | undefined, work: () => Promise<T>): Promise<T> {
  if (requestId === undefined) return work();
  const same = underWay.get(requestId);
  if (same) return same as Promise<T>;
  const done = doneOrRemembered(requestId, work);
  underWay.set(requestId, done);
  const end = () => underWay.delete(requestId);
  done.then(end, end);
  return done;
}

async function doneOrRemembered<T>(requestId: string, work: () => Promise<T>): Promise<T> {
  const given = await answerGiven(requestId);
  if (given) return given.answer as T;
  const answer = await work();
  await rememberAnswer(requestId, answer ?? null);
  return answer;
}
