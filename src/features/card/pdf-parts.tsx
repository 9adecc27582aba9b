import path from "node:path";
import { Font, StyleSheet, Text, View } from "@react-pdf/renderer";
import { Fragment, type ReactNode } from "react";

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

export const styles = StyleSheet.create({
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
});

/** How wide a column is: points, or a share of what is left. */
export type Column = { title: string; width?: number; share?: number };

function sizeOf({ width, share }: Column) {
  return width ? { width } : { flexGrow: share ?? 1, flexBasis: 0 };
}

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
