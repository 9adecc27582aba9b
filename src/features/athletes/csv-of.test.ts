import { csvOf } from "./csv-of";

test("rows of a sheet become CSV: days as days, numbers as they are, quotes doubled", () => {
  const rows = [
    ["Name", "Weight", "Day", "Note"],
    ['Una "U" Vell', 102.5, new Date("2026-01-31T00:00:00Z"), null],
    ["A, B", true, undefined, "two\nlines"],
  ];
  expect(csvOf(rows).split("\n")).toEqual([
    "Name,Weight,Day,Note",
    '"Una ""U"" Vell",102.5,2026-01-31,',
    '"A, B",true,,"two',
    'lines"',
  ]);
});
