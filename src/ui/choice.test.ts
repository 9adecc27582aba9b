import { Ellipsis } from "lucide-react";
import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { Choice, LabelledChoice, OptionalChoice } from "./choice";
import { Menu } from "./menu";

const groups = [
  { label: "Bars", options: [{ value: "hall", label: "Hall bar" }] },
  { options: [{ value: "light", label: "Light bar", note: "15 kg" }] },
];
const choice = { label: "Bar", groups, onChange: () => undefined };

describe("before its list is there", () => {
  test("a choice says what is picked, what it is for, and that it opens a list", () => {
    const html = renderToStaticMarkup(createElement(Choice, { ...choice, value: "light" }));
    expect(html).toContain("<span>Light bar</span>");
    expect(html).toMatch(/role="combobox"/);
    expect(html).toMatch(/aria-label="Bar"/);
    expect(html).toMatch(/aria-haspopup="listbox" aria-expanded="false"/);
  });

  test("one of which nothing is picked says what to do", () => {
    const html = renderToStaticMarkup(
      createElement(Choice, { ...choice, value: "", placeholder: "Pick a bar" }),
    );
    expect(html).toContain("<span>Pick a bar</span>");
  });

  test("one that may be left open says so in its own words", () => {
    const html = renderToStaticMarkup(createElement(OptionalChoice, { ...choice, value: null, none: "Any" }));
    expect(html).toContain("<span>Any</span>");
  });

  test("a label above it is not read out twice", () => {
    const html = renderToStaticMarkup(createElement(LabelledChoice, { ...choice, value: "hall" }));
    expect(html).toMatch(/<span aria-hidden="true"[^>]*>Bar<\/span>/);
  });

  test("a menu is named, opens something, and is off with nothing in it", () => {
    const menu = (entries: { label: string; onSelect: () => void }[]) =>
      renderToStaticMarkup(createElement(Menu, { label: "More", Icon: Ellipsis, entries }));
    expect(menu([{ label: "Rename", onSelect: () => undefined }])).toMatch(
      /aria-label="More"[^>]* aria-haspopup="menu" aria-expanded="false"/,
    );
    expect(menu([{ label: "Rename", onSelect: () => undefined }])).not.toContain("disabled=");
    expect(menu([])).toContain('disabled=""');
  });
});
