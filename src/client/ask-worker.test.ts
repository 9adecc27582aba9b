import { NO_CUSTOM_CONTENT } from "@/core/catalog";
import { askWorker } from "./ask-worker";

const ASKED = { custom: NO_CUSTOM_CONTENT, question: "how long?" };

/** A worker as the browser gives one, without a thread behind it. */
class StandIn {
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: (() => void) | null = null;
  asked: unknown[] = [];
  ended = false;
  postMessage(question: unknown) {
    this.asked.push(question);
  }
  terminate() {
    // As a browser does with one whose script is still on its way.
    this.onerror?.();
    this.ended = true;
  }
}

function asked() {
  const worker = new StandIn();
  const heard: string[] = [];
  const quit = askWorker<string, string>(worker as unknown as Worker, ASKED, {
    answered: (answer) => heard.push(answer),
    failed: () => heard.push("failed"),
  });
  return { worker, heard, quit };
}

test("every answer of a worker is heard, and its failure", () => {
  const { worker, heard } = asked();
  expect(worker.asked).toEqual([ASKED]);
  worker.onmessage?.({ data: "ten" });
  worker.onmessage?.({ data: "twelve" });
  worker.onerror?.();
  expect(heard).toEqual(["ten", "twelve", "failed"]);
});

test("nothing is heard of a worker that was ended, not even that it failed to load", () => {
  const { worker, heard, quit } = asked();
  quit();
  worker.onmessage?.({ data: "late" });
  worker.onerror?.();
  expect(worker.ended).toBe(true);
  expect(heard).toEqual([]);
});
