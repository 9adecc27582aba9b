import { fieldOf } from "./field-of";

test("a sentence that begins with a field is that field's, without its name", () => {
  expect(fieldOf("name: There is one.", ["name", "code"])).toEqual({ field: "name", text: "There is one." });
});

test("one that does not is nobody's, and stays as it is", () => {
  for (const message of ["There is one.", "other: There is one.", "name There is one.", ""])
    expect(fieldOf(message, ["name"])).toEqual({ field: null, text: message });
});
