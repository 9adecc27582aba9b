import { Document, Page, Text, View } from "@react-pdf/renderer";
import { format, parseISO } from "date-fns";
import { PAPERS, styles } from "@/features/card/pdf-parts";
import type { Report } from "@/server/progress/open-report";

/** A report to an athlete as one page for print. */
export function ReportPdf({ report, paper }: { report: Report; paper: keyof typeof PAPERS }) {
  const { athlete, today, parts } = report;
  return (
    <Document title={`Report: ${athlete.name}, ${today}`} creator="Iron Step" language="en">
      <Page size={PAPERS[paper]} style={[styles.page, { fontSize: 11 }]}>
        <View style={styles.head}>
          <Text style={styles.title}>{athlete.name}</Text>
          <Text>{format(parseISO(today), "d MMMM yyyy")}</Text>
        </View>
        {parts.length === 0 && <Text>Nothing has been written down in this time.</Text>}
        {parts.map(({ title, lines }) => (
          <View key={title} wrap={false}>
            <Text style={[styles.part, { fontSize: 13 }]}>{title}</Text>
            {lines.map((line) => (
              <View key={line} style={styles.row}>
                <Text>{line}</Text>
              </View>
            ))}
          </View>
        ))}
        <Text style={[styles.soft, { marginTop: 14 }]}>
          This is what was measured and lifted, not medical advice. Pain that lasts or is sharp: see a
          licensed clinician.
        </Text>
      </Page>
    </Document>
  );
}
