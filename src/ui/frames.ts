/** Who is called on each frame, with the time in milliseconds. */
const callers = new Set<(now: number) => void>();
/** Whether a frame is asked for already. */
let isAsked = false;

function frame(now: number): void {
  for (const call of callers) call(now);
  isAsked = callers.size > 0;
  if (isAsked) requestAnimationFrame(frame);
}

/** Calls back before each frame is drawn; all who ask share one request. Returns what ends it. */
export function onFrames(call: (now: number) => void): () => void {
  callers.add(call);
  if (!isAsked) requestAnimationFrame(frame);
  isAsked = true;
  return () => {
    callers.delete(call);
  };
}
