import { heatColour, heatHex } from "./heat";

const channels = (colour: string) => colour.match(/\d+/g)!.map(Number);

test("runs from cold slate to ember", () => {
  expect(heatColour(0)).toBe("rgb(96 114 134)");
  expect(heatColour(1)).toBe("rgb(190 58 16)");
});

test("warms steadily: less blue the hotter", () => {
  const blues = [0, 0.2, 0.4, 0.65, 0.8, 1].map((h) => channels(heatColour(h))[2]!);
  expect(blues).toEqual(blues.toSorted((a, b) => b - a));
});

test("lets the ground through, and stays in range outside 0 to 1", () => {
  expect(heatColour(1, 0.3)).toBe("rgb(190 58 16 / 0.3)");
  for (const h of [-1, 2]) for (const c of channels(heatColour(h))) expect(c).toBeLessThanOrEqual(255);
});

test("is the same colour in files", () => {
  expect(heatHex(0)).toBe("#607286");
  expect(heatHex(1)).toBe("#be3a10");
});
