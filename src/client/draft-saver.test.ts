import type { SaveOutcome } from "@/lib/save-outcome";
import { DraftSaver, type SaveState, type Stored } from "./draft-saver";

/** A store whose answers the test gives, and what the saver has told. */
function opened(stored: Stored<string> = { revision: 1, draft: "a" }) {
  const asked: {
    revision: number;
    draft: string;
    saveId: string;
    answer: (outcome: SaveOutcome<string> | Error) => void;
  }[] = [];
  let there: Stored<string> | null | Error = stored;
  const states: SaveState<string>["kind"][] = [];
  const saved: number[] = [];
  const loaded: string[] = [];
  const kept: ([string, string] | null)[] = [];
  const saver = new DraftSaver<string>(
    stored,
    {
      store: (revision, draft, saveId) =>
        new Promise((done, fail) => {
          asked.push({ revision, draft, saveId, answer: (o) => (o instanceof Error ? fail(o) : done(o)) });
        }),
      load: async () => {
        if (there instanceof Error) throw there;
        return there;
      },
    },
    {
      onSaved: ({ revision }) => saved.push(revision),
      onLoaded: ({ draft }) => loaded.push(draft),
      onUnderWay: (sent, wanted) => kept.push(sent && [sent.draft, wanted]),
    },
  );
  saver.subscribe(() => states.push(saver.state.kind));
  return {
    ...{ saver, asked, states, saved, loaded, kept },
    setThere: (to: typeof there) => {
      there = to;
    },
    /** Answers the save that waits, and lets what follows happen. */
    answer: async (outcome: SaveOutcome<string> | Error) => {
      asked.at(-1)!.answer(outcome);
      await settled();
    },
  };
}

/** Lets everything that waits for an answer go on. */
async function settled() {
  for (let i = 0; i < 10; i++) await Promise.resolve();
}

const done = (revision: number): SaveOutcome<string> => ({ kind: "saved", revision });
const elsewhere = (revision: number, draft: string): SaveOutcome<string> => ({
  kind: "changed-elsewhere",
  revision,
  draft,
});

describe("saving", () => {
  test("what is as stored is not saved", () => {
    const { saver, asked } = opened();
    saver.want("a");
    expect(asked).toEqual([]);
    expect(saver.isUnsaved).toBe(false);
  });

  test("a change is stored from the revision it was made from, and told to others", async () => {
    const { saver, asked, answer, states, saved } = opened();
    saver.want("b");
    expect(asked).toMatchObject([{ revision: 1, draft: "b" }]);
    expect(saver.isUnsaved).toBe(true);
    await answer(done(2));
    expect(states).toEqual(["saving", "saved"]);
    expect(saved).toEqual([2]);
    expect(saver.revision).toBe(2);
    expect(saver.isUnsaved).toBe(false);
  });

  test("one save runs at a time; the next carries only the latest of what was changed meanwhile", async () => {
    const { saver, asked, answer } = opened();
    for (const draft of ["b", "c", "d"]) saver.want(draft);
    expect(asked.map((a) => a.draft)).toEqual(["b"]);
    await answer(done(2));
    expect(asked.map((a) => [a.revision, a.draft])).toEqual([
      [1, "b"],
      [2, "d"],
    ]);
    await answer(done(3));
    expect(asked).toHaveLength(2);
  });

  test("a failed save is sent again as the same until it succeeds, and then what is wanted by then", async () => {
    jest.useFakeTimers();
    const { saver, asked, answer, states } = opened();
    saver.want("b");
    await answer(new Error("no connection"));
    expect(states.at(-1)).toBe("retrying");
    expect(saver.isUnsaved).toBe(true);
    await jest.advanceTimersByTimeAsync(2000);
    await answer(new Error("still none"));
    saver.want("c");
    await answer(new Error("still none"));
    await jest.advanceTimersByTimeAsync(2000);
    await answer(done(2));
    expect(asked.filter((a) => a.draft === "b").map((a) => a.revision)).toEqual(
      asked.filter((a) => a.draft === "b").map(() => 1),
    );
    expect(new Set(asked.filter((a) => a.draft === "b").map((a) => a.saveId)).size).toBe(1);
    expect(asked.at(-1)).toMatchObject({ revision: 2, draft: "c" });
    expect(asked.at(-1)!.saveId).not.toBe(asked[0]!.saveId);
    await answer(done(3));
    expect(states.at(-1)).toBe("saved");
    await jest.advanceTimersByTimeAsync(10_000);
    expect(asked.filter((a) => a.draft === "c").length).toBeLessThanOrEqual(2);
    jest.useRealTimers();
  });

  test("what is refused is said, stays unsaved, and the next change is tried", async () => {
    const { saver, asked, answer, states } = opened();
    saver.want("b");
    await answer({ kind: "refused", message: "Type a name." });
    expect(states.at(-1)).toBe("refused");
    expect(saver.isUnsaved).toBe(true);
    saver.want("c");
    await answer(done(2));
    expect(asked.at(-1)).toMatchObject({ revision: 1, draft: "c" });
    expect(saver.isUnsaved).toBe(false);
  });
});

describe("another window", () => {
  test("its change is taken up where nothing here waits to be saved", async () => {
    const { saver, setThere, loaded, asked } = opened();
    setThere({ revision: 5, draft: "theirs" });
    await saver.look();
    expect(loaded).toEqual(["theirs"]);
    expect(saver.revision).toBe(5);
    saver.want("theirs");
    expect(asked).toEqual([]);
  });

  test("an older or the same revision, nothing, and a failure are nothing new", async () => {
    const { saver, setThere, loaded } = opened({ revision: 3, draft: "a" });
    for (const there of [{ revision: 3, draft: "x" }, { revision: 2, draft: "x" }, null, new Error("none")]) {
      setThere(there);
      await saver.look();
    }
    expect(loaded).toEqual([]);
    expect(saver.revision).toBe(3);
  });

  test("what it has saved does not replace what is not saved here yet", async () => {
    const { saver, setThere, loaded, answer } = opened();
    saver.want("mine");
    setThere({ revision: 2, draft: "theirs" });
    await saver.look();
    expect(loaded).toEqual([]);
    await answer(elsewhere(2, "theirs"));
    expect(saver.isUnsaved).toBe(true);
  });

  test("after both have changed it nothing is saved until the coach has said which", async () => {
    const { saver, answer, asked, states } = opened();
    saver.want("mine");
    await answer(elsewhere(2, "theirs"));
    expect(states.at(-1)).toBe("changed-elsewhere");
    saver.want("mine, more of it");
    expect(asked).toHaveLength(1);
  });

  test("until then one's own is kept for the page that is opened next; after that it is not", async () => {
    const { saver, answer, kept } = opened();
    saver.want("mine");
    await answer(elsewhere(2, "theirs"));
    expect(kept.at(-1)).toEqual(["mine", "mine"]);
    saver.want("mine, more of it");
    expect(kept.at(-1)).toEqual(["mine", "mine, more of it"]);
    saver.settle("theirs");
    expect(kept.at(-1)).toBeNull();
    const again = opened();
    again.saver.want("mine");
    await again.answer(elsewhere(2, "theirs"));
    again.saver.settle("mine");
    await again.answer(done(3));
    expect(again.kept.at(-1)).toBeNull();
  });

  test("one's own is then stored over theirs, from their revision", async () => {
    const { saver, answer, asked, states } = opened();
    saver.want("mine");
    await answer(elsewhere(4, "theirs"));
    expect(saver.settle("mine")).toBeNull();
    expect(asked.at(-1)).toMatchObject({ revision: 4, draft: "mine" });
    await answer(done(5));
    expect(states.at(-1)).toBe("saved");
    expect(saver.settle("mine")).toBeNull();
    expect(asked).toHaveLength(2);
  });

  test("or theirs is gone on from, and the next change is stored from their revision", async () => {
    const { saver, answer, asked, states } = opened();
    saver.want("mine");
    await answer(elsewhere(4, "theirs"));
    expect(saver.settle("theirs")).toBe("theirs");
    expect(states.at(-1)).toBe("saved");
    saver.want("theirs");
    expect(asked).toHaveLength(1);
    saver.want("theirs and mine");
    expect(asked.at(-1)).toMatchObject({ revision: 4, draft: "theirs and mine" });
    expect(saver.isUnsaved).toBe(true);
    await answer(done(5));
    expect(saver.isUnsaved).toBe(false);
  });
});
