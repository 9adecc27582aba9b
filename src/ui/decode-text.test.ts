import { decodeText } from "./decode-text";

const name = "Zoë Łukasz";
const utf16 = (text: string, little: boolean) =>
  [...text].flatMap((c) => {
    const code = c.charCodeAt(0);
    return little ? [code & 255, code >> 8] : [code >> 8, code & 255];
  });

test.each<[string, number[], string]>([
  ["UTF-8", [...new TextEncoder().encode(name)], name],
  ["UTF-8 with its mark", [0xef, 0xbb, 0xbf, ...new TextEncoder().encode(name)], name],
  ["UTF-16 as spreadsheets write it", [0xff, 0xfe, ...utf16(name, true)], name],
  ["UTF-16 the other way round", [0xfe, 0xff, ...utf16(name, false)], name],
  ["an old western code page", [0x5a, 0x6f, 0xeb], "Zoë"],
  ["nothing", [], ""],
])("%s is read", (_, bytes, text) => {
  expect(decodeText(new Uint8Array(bytes))).toEqual({ ok: true, value: text });
});

test("a picture or a workbook is refused with what to do", () => {
  const workbook = new Uint8Array([0x50, 0x4b, 0x03, 0x04, 0, 0, 0]);
  expect(decodeText(workbook)).toMatchObject({ ok: false, error: expect.stringMatching(/CSV/) });
});
