import { type CustomContent, customContent } from "@/catalog";

/** What a worker is sent: the question, and the hall's own content that it is to be answered with. */
export interface Asked<Q> {
  own: CustomContent;
  question: Q;
}

/** What listens to a worker: every answer it gives, and that it failed. */
export interface WorkerListener<A> {
  answered: (answer: A) => void;
  failed?: () => void;
}

/**
 * Asks a worker that has just been made. The function given back ends it; nothing is heard of it afterwards, not
 * even the failure that a browser reports of a worker that is ended while it still loads.
 */
export function askWorker<Q, A>(worker: Worker, question: Q, listener: WorkerListener<A>): () => void {
  worker.onmessage = ({ data }: MessageEvent<A>) => listener.answered(data);
  worker.onerror = () => listener.failed?.();
  worker.postMessage({ own: customContent(), question } satisfies Asked<Q>);
  return () => {
    worker.onmessage = null;
    worker.onerror = null;
    worker.terminate();
  };
}
