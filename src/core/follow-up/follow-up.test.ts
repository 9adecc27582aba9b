import { type Feels, type FollowUpAnswer, type FollowUpMoment, followUpVerdict, openMoment } from ".";

const endedAt = Date.UTC(2026, 2, 2, 19, 0);
const cause = { day: "2026-03-02", endedAt, level: 3 };
const answer = (moment: FollowUpMoment, feels: Feels, level = 2): FollowUpAnswer => ({
  moment,
  feels,
  level,
});
/** So many days after the session at an hour of the day. */
const at = (days: number, hour: number) => ({
  day: `2026-03-0${2 + days}`,
  hour,
  at: Date.UTC(2026, 2, 2 + days, hour),
});

describe("what is asked", () => {
  test.each([
    ["right after the session nothing", at(0, 20), [], null],
    ["three hours later how it is", at(0, 22), [], "hours"],
    ["after midnight it is still the evening", at(1, 2), [], "hours"],
    ["once", at(0, 23), [answer("hours", "sore")], null],
    ["in the morning, whatever was said in the evening", at(1, 7), [answer("hours", "usual")], "morning"],
    ["in the morning, though nothing was said in the evening", at(1, 5), [], "morning"],
    ["usual in the morning ends it", at(2, 7), [answer("morning", "usual")], null],
    [
      "sore in the morning is asked again on the next, not before",
      at(1, 20),
      [answer("morning", "sore")],
      null,
    ],
    [
      "sore in the morning is asked again on the next",
      at(2, 7),
      [answer("morning", "sore")],
      "second-morning",
    ],
    [
      "and on the third",
      at(3, 7),
      [answer("morning", "sore"), answer("second-morning", "worse")],
      "third-morning",
    ],
    [
      "then no more",
      at(4, 7),
      [answer("morning", "sore"), answer("second-morning", "sore"), answer("third-morning", "sore")],
      null,
    ],
    ["what was never answered is let go of", at(5, 7), [], null],
  ] as const)("%s", (_, now, answers, moment) => {
    expect(openMoment(cause, answers, now)).toBe(moment);
  });
});

describe("what the answers come to", () => {
  test.each([
    ["nothing", [], "open"],
    ["sore in the evening", [answer("hours", "sore")], "open"],
    ["usual in the evening says nothing of the morning", [answer("hours", "usual")], "open"],
    ["usual in the morning", [answer("hours", "sore"), answer("morning", "usual", 0)], "fine"],
    ["worse in the morning", [answer("morning", "worse", 4)], "too-much"],
    [
      "worse at first, usual after",
      [answer("morning", "worse", 4), answer("second-morning", "usual", 0)],
      "too-much",
    ],
    [
      "still there on the third morning",
      [answer("morning", "sore"), answer("second-morning", "sore"), answer("third-morning", "sore")],
      "refer",
    ],
    ["rising from day to day", [answer("morning", "sore", 4), answer("second-morning", "sore", 5)], "refer"],
    ["not rising", [answer("morning", "sore", 4), answer("second-morning", "sore", 4)], "open"],
  ] as const)("%s", (_, answers, verdict) => {
    expect(followUpVerdict(cause, answers)).toBe(verdict);
  });

  test("does not depend on the order in which they came", () => {
    const answers = [
      answer("second-morning", "sore", 5),
      answer("hours", "usual", 1),
      answer("morning", "sore", 4),
    ];
    expect(followUpVerdict(cause, answers)).toBe("refer");
    expect(followUpVerdict(cause, answers.toReversed())).toBe("refer");
  });
});
