import path from "node:path";
import { Font, StyleSheet, Text, View } from "@react-pdf/renderer";
import { createContext, Fragment, type ReactNode, useContext } from "react";

const FILES = path.join(process.cwd(), "node_modules/@fontsource/archivo/files");
const WEIGHTS = [400, 700] as const;

// Two files of one typeface: letters of western and of eastern Europe.
for (const [family, part] of [
  ["Archivo", "latin"],
  ["Archivo more", "latin-ext"],
] as const) {
  Font.register({
    family,
    fonts: WEIGHTS.map((weight) => ({
      src: path.join(FILES, `archivo-${part}-${weight}-normal.woff`),
      fontWeight: weight,
    })),
  });
}
// Words are not broken: names of drills and people stay whole.
Font.registerHyphenationCallback((word) => [word]);

export const INK = "#1d2125";
export const SOFT = "#4c535b";
export const EMBER = "#b83a12";
const LINE = "#d8d8d0";

/** What a page may be, by the name that the renderer has for it. */
export const PAPERS = { a4: "A4", letter: "LETTER" } as const;

const BASE = {
  page: {
    paddingVertical: 26,
    paddingHorizontal: 32,
    fontFamily: ["Archivo", "Archivo more"],
    fontSize: 9,
    color: INK,
    lineHeight: 1.3,
  },
  head: {
    flexDirection: "row",
    justifyContent: "space-between",
    alignItems: "flex-end",
    borderBottom: `1.5pt solid ${INK}`,
    paddingBottom: 5,
    marginBottom: 10,
  },
  title: { fontSize: 17, fontWeight: 700, lineHeight: 1.15 },
  part: { fontSize: 11, fontWeight: 700, marginTop: 10, marginBottom: 2 },
  row: {
    flexDirection: "row",
    alignItems: "center",
    borderBottom: `0.5pt solid ${LINE}`,
    paddingVertical: 3,
    gap: 6,
  },
  dense: { paddingVertical: 0 },
  headRow: { flexDirection: "row", borderBottom: `0.75pt solid ${INK}`, paddingVertical: 2, gap: 6 },
  soft: { color: SOFT, fontSize: 8 },
  strong: { fontWeight: 700 },
  /** What goes round, under the head of its circuit. */
  inset: { marginLeft: 10 },
  box: { width: 10, height: 10, border: `0.75pt solid ${INK}` },
} as const;

/** The styles with everything that takes room smaller by a factor. */
function scaled(by: number) {
  const shrink = (style: object) =>
    Object.fromEntries(
      Object.entries(style).map(([name, value]) => [
        name,
        typeof value === "number" && !UNSCALED.includes(name) ? value * by : value,
      ]),
    );
  return StyleSheet.create(
    Object.fromEntries(Object.entries(BASE).map(([name, style]) => [name, shrink(style)])),
  ) as unknown as { [N in keyof typeof BASE]: Style };
}
type Style = ReturnType<typeof StyleSheet.create>[string];
const UNSCALED = ["fontWeight", "lineHeight"];

export const styles = scaled(1);

const Scale = createContext({ styles, by: 1 });

/** Everything in it smaller by a factor, so that more fits a page. */
export function Scaled({ by, children }: { by: number; children: ReactNode }) {
  return <Scale.Provider value={{ styles: by === 1 ? styles : scaled(by), by }}>{children}</Scale.Provider>;
}

/** The styles as they are here, and by which factor they are smaller. */
export function useStyles() {
  return useContext(Scale);
}

/** How wide a column is: points, or a share of what is left. */
export type Column = { title: string; width?: number; share?: number };

/** A table: its heads, and rows of cells that are words or anything else. */
export function PdfTable({
  columns,
  rows,
  dense = false,
}: {
  columns: readonly Column[];
  rows: readonly {
    key: string;
    /** What stands over it and the rows that belong to it. */
    head?: string | null;
    cells: readonly ReactNode[];
  }[];
  /** Whether rows stand close, so that many of them fit one page. */
  dense?: boolean;
}) {
  const { styles, by } = useStyles();
  const sizeOf = ({ width, share }: Column) =>
    width ? { width: width * by } : { flexGrow: share ?? 1, flexBasis: 0 };
  return (
    <View>
      <View style={styles.headRow} fixed>
        {columns.map((c) => (
          <Text key={c.title} style={[styles.soft, sizeOf(c)]}>
            {c.title}
          </Text>
        ))}
      </View>
      {rows.map(({ key, head, cells }) => (
        <Fragment key={key}>
          {head && (
            <Text style={[styles.row, dense ? styles.dense : {}, styles.strong]} minPresenceAhead={24}>
              {head}
            </Text>
          )}
          <View style={dense ? [styles.row, styles.dense] : styles.row} wrap={false}>
            {columns.map((c, i) => (
              <View key={c.title} style={sizeOf(c)}>
                {typeof cells[i] === "string" ? <Text>{cells[i]}</Text> : cells[i]}
              </View>
            ))}
          </View>
        </Fragment>
      ))}
    </View>
  );
}
