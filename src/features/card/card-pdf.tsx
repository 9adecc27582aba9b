import { Document, Page, Rect, Svg, Text, View } from "@react-pdf/renderer";
import { format, parseISO } from "date-fns";
import type { CardDrill, CardLift, CardView } from "@/core/card";
import type { Stair } from "@/core/plan";
import type { Session } from "@/core/session";
import { heatHex } from "@/features/shared/heat";
import { MOST_FIGURES } from "./figure-strip";
import { PdfFigure } from "./pdf-figure";
import { EMBER, INK, PAPERS, PdfTable, Scaled, useStyles } from "./pdf-parts";

/** How close a card stands, from a loose one to the smallest that can be read: which factor, and what is left out. */
export const DENSITIES = [
  { by: 1, isLoose: true, lines: 3 },
  { by: 1, isLoose: false, lines: 2 },
  { by: 0.88, isLoose: false, lines: 1 },
  { by: 0.76, isLoose: false, lines: 0 },
  { by: 0.64, isLoose: false, lines: 0 },
] as const;

/** The density that a card is tried at first. */
export function firstDensity(card: CardView): number {
  return card.rows + HEAD_ROWS * (card.lifts.length - 1) > MOST_LOOSE ? 1 : 0;
}

/** The cards of a session, each athlete on a page of their own, as on the screen. */
export function CardsPdf({
  session,
  cards,
  densities,
}: {
  session: Session;
  cards: readonly CardView[];
  /** Of each card, its place among `DENSITIES`; absent: as they are tried at first. */
  densities?: readonly number[];
}) {
  const who = cards.length === 1 ? `${cards[0]!.athlete}: ` : "";
  return (
    <Document title={`${who}${session.name}, ${session.day}`} creator="Iron Step" language="en">
      {cards.map((card, i) => {
        const density = DENSITIES[densities?.[i] ?? firstDensity(card)]!;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: two athletes may have one name
          <Scaled key={i} by={density.by}>
            <CardPage card={card} density={density} />
          </Scaled>
        );
      })}
    </Document>
  );
}

function CardPage({ card, density }: { card: CardView; density: (typeof DENSITIES)[number] }) {
  const { time, arrive, lifts } = card;
  const { styles } = useStyles();
  const dense = !density.isLoose;
  return (
    <Page size={PAPERS[card.paper]} style={styles.page} bookmark={card.athlete}>
      <View style={styles.head}>
        <View>
          <Text style={styles.title}>{card.athlete}</Text>
          {lifts.map(({ name, working }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
            <Text key={i}>
              {working
                ? `${name}, ${working.sets}${working.load ? ` × ${working.load}` : ""}${working.backOffs}`
                : name}
            </Text>
          ))}
        </View>
        <View style={{ alignItems: "flex-end" }}>
          <Text>
            {format(parseISO(card.day), "EEEE d MMMM yyyy")}
            {time ? `, ${time}` : ""}
          </Text>
          <Text style={styles.soft}>
            {arrive ? `Arrive ${arrive}. ` : ""}
            The warm-up takes {card.takes}.
          </Text>
        </View>
      </View>
      <PdfStair stair={card.stair} />
      {lifts.map((lift, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
        <LiftPart key={i} lift={lift} title={lifts.length > 1 ? lift.name : null} dense={dense} />
      ))}
      <View style={{ marginTop: dense ? 6 : 12 }} wrap={false}>
        {card.coolDown && (
          <View wrap={false}>
            <Text style={styles.part}>Cool-down ({card.coolDown.takes})</Text>
            <Text>{card.coolDown.drills.join(" · ")}</Text>
            {card.coolDown.longWork.length > 0 && (
              <Text>Long-term work: {card.coolDown.longWork.join(" · ")}</Text>
            )}
          </View>
        )}
        {card.cautions.map((c) => (
          <Text key={c.message} style={styles.soft}>
            {c.message}
          </Text>
        ))}
        {density.lines > 0 && <Text style={[styles.part, { marginTop: 6 }]}>Notes</Text>}
        {Array.from({ length: density.lines }, (_, line) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: lines to write on are all alike
          <View key={line} style={{ height: 18, borderBottom: `0.5pt solid ${INK}` }} />
        ))}
      </View>
    </Page>
  );
}

/** Rows of a card, the working sets among them, that fit one page with room between them. */
const MOST_LOOSE = 21;
/** Rows that the heads of one more lift take. */
const HEAD_ROWS = 3;

const STAIR = { width: 531, height: 60 };

/** The stair as the screen draws it, in the colours of heat. */
function PdfStair({ stair }: { stair: Stair }) {
  const end = Math.max(stair.seconds, stair.available) + 30;
  const x = (seconds: number) => (seconds / end) * STAIR.width;
  return (
    <Svg width={STAIR.width} height={STAIR.height} style={{ marginBottom: 6 }}>
      {stair.treads.map((t) => {
        const high = Math.max(2, t.height * (STAIR.height - 4));
        return (
          <Rect
            key={`${t.kind} ${t.index}`}
            x={x(t.startsAt)}
            y={STAIR.height - high}
            width={Math.max(1, x(t.nextAt) - x(t.startsAt) - 0.75)}
            height={high}
            fill={heatHex(t.heat)}
            fillOpacity={t.kind === "work" ? 1 : 0.45}
          />
        );
      })}
      <Rect x={0} y={STAIR.height - 0.75} width={STAIR.width} height={0.75} fill={INK} />
    </Svg>
  );
}

/** A figure's side. Points. */
const FIGURE = 42;

/** The drills as a row of figures, numbered as in the table. */
function PdfFigures({ drills }: { drills: readonly CardDrill[] }) {
  const { styles } = useStyles();
  const shown = drills.filter((d) => !d.isTest).slice(0, MOST_FIGURES);
  return (
    <View style={{ flexDirection: "row", gap: 2, marginTop: 4 }}>
      {shown.map(({ id, number, drill }) => (
        <View key={id} style={{ width: FIGURE }}>
          <Text style={[styles.soft, { fontSize: 7, position: "absolute" }]}>{number}</Text>
          <PdfFigure drill={drill} size={FIGURE} />
        </View>
      ))}
    </View>
  );
}

function LiftPart({
  lift: { drills, ramp, missing },
  title,
  dense,
}: {
  lift: CardLift;
  title: string | null;
  dense: boolean;
}) {
  const { styles, by } = useStyles();
  return (
    <View>
      {title && <Text style={styles.part}>{title}</Text>}
      {!dense && <PdfFigures drills={drills} />}
      {drills.length > 0 && (
        <PdfTable
          dense={dense}
          columns={[
            { title: "At", width: 28 },
            { title: "Drill", share: 5 },
            { title: "Dose", width: 92 },
            { title: "Cue", share: 6 },
            { title: "Done", width: 26 },
          ]}
          rows={drills.map((d) => ({
            key: d.id,
            head: d.opensCircuit,
            cells: [
              d.at,
              <Text key="name" style={d.isInCircuit ? styles.inset : {}}>
                <Text style={styles.strong}>
                  {d.number !== null ? `${d.number}  ` : ""}
                  {d.name}
                </Text>
                {d.kit.length > 0 ? ` (${d.kit.join(", ")})` : ""}
                {d.offers.map((offer) => (
                  <Text key={offer} style={styles.soft}>
                    {`\n${offer}`}
                  </Text>
                ))}
              </Text>,
              d.dose,
              <Text key="cue" style={styles.soft}>
                {d.cue}
              </Text>,
              <View key="done" style={styles.box} />,
            ],
          }))}
        />
      )}
      {missing && <Text style={{ marginTop: 8 }}>{missing}</Text>}
      {ramp && (
        <View style={{ marginTop: 8 }}>
          <PdfTable
            dense={dense}
            columns={[
              { title: "Ramp", width: 76 },
              { title: "Reps", width: 32 },
              ...(ramp.hasPlates ? [{ title: "Plates, one side", share: 4 }] : []),
              { title: ramp.hasPlates ? "Change" : "Load", share: 5 },
              { title: "Rest", width: 52 },
              { title: "How it felt", width: 60 },
              { title: "Done", width: 26 },
            ]}
            rows={ramp.rows.map((row, i) => ({
              key: String(i),
              cells: [
                <Text
                  key="weight"
                  style={[styles.strong, { fontSize: 11 * by, color: row.isWork ? EMBER : INK }]}
                >
                  {row.weight} {row.unit}
                </Text>,
                row.reps,
                ...(row.plates === null ? [] : [row.plates]),
                <Text key="change" style={styles.soft}>
                  {[row.change, ...row.notes].join(". ")}
                </Text>,
                row.rest,
                "",
                <View key="done" style={styles.box} />,
              ],
            }))}
          />
        </View>
      )}
    </View>
  );
}
