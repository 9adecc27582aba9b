import { Document, Page, Text, View } from "@react-pdf/renderer";
import type { ReactNode } from "react";
import type { Catalog } from "@/core/catalog";
import { type Drill, drillById, liftById, needsOf } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { GroupPlan } from "@/core/group";
import { type GymKit, USUAL_SETTINGS } from "@/core/gym";
import { isBarKit } from "@/core/plates";
import { ordersByShift, rackTitles, turnChange } from "@/core/rack";
import { loadUnit } from "@/core/ramp";
import { arriveBy, type Session, sharedRows } from "@/core/session";
import { formatClock, formatSeconds, formatWeight, type UnitSystem, type Weight } from "@/core/units";
import { timeInWords } from "@/lib/time-in-words";
import type { OrderedRacks } from "@/server/plans/order-racks";
import { dayInWords } from "@/ui/day-in-words";
import { PdfFigure } from "./pdf-figure";
import { EMBER, PAPERS, PdfTable, styles } from "./pdf-parts";

/**
 * A session on paper for the wall, without areas and notes: what all do, what each does alone, all ramps, and a sheet
 * for each rack.
 */
export function SheetsPdf({
  session,
  plan,
  gym,
  racks,
  catalog,
}: {
  session: Session;
  plan: GroupPlan;
  gym: GymKit;
  racks: OrderedRacks | null;
  catalog: Catalog;
}) {
  const { clock, paper } = gym.settings ?? USUAL_SETTINGS;
  const size = PAPERS[paper];
  const inWords = (time: string) => timeInWords(time, clock);
  const readyAt = racks?.ready.seconds ?? plan.seconds;
  const together = session.together && plan.shared.length > 0;
  const kitOf = (drill: Drill) => needsOf(drill, gym).join(", ");
  const nameOf = (id: string) => plan.members.find((m) => m.id === id)?.name.split(" ")[0] ?? id;
  const ramps = plan.members.flatMap((m) =>
    m.ramps.flatMap((ramp, i) => (ramp ? [{ key: `${m.id} ${i}`, name: m.name, ramp }] : [])),
  );
  const most = Math.max(0, ...ramps.map((r) => r.ramp.sets.length));
  const head = (
    <View style={styles.head} fixed>
      <Text style={styles.title}>{session.name}</Text>
      <Text>
        {dayInWords(session.day)}
        {session.time
          ? `, first working set ${inWords(session.time)}, arrive ${inWords(arriveBy(session.time, session.minutes, readyAt))}`
          : ""}
      </Text>
    </View>
  );
  return (
    <Document title={`${session.name}, ${session.day}`} creator="Iron Step" language="en">
      <Page size={size} orientation="landscape" style={styles.page}>
        {head}
        {together && (
          <PdfTable
            columns={[
              { title: "", width: 38 },
              { title: "Shared drills", share: 5 },
              { title: "Dose", width: 100 },
              { title: "With", share: 2 },
              { title: "Instead", share: 5 },
              { title: "Notes", share: 3 },
            ]}
            rows={sharedRows(plan, session, catalog).map((row) => {
              if (row.kind === "test") {
                const { drill, looksFor, seconds } = row.test;
                const name = (
                  <View key="name">
                    <Text style={styles.strong}>Test: {drill.name}</Text>
                    {looksFor && <Text style={styles.soft}>{looksFor}</Text>}
                  </View>
                );
                return { key: row.key, cells: ["", name, formatSeconds(seconds), kitOf(drill), "", ""] };
              }
              const { shared: s, opens, offers } = row;
              return {
                key: s.drill,
                head: opens,
                cells: [
                  <View key="number" style={{ flexDirection: "row", alignItems: "center", gap: 4 }}>
                    <Text>{String(plan.shared.indexOf(s) + 1)}</Text>
                    <PdfFigure drill={drillById(catalog, s.drill)!} size={20} />
                  </View>,
                  <View key="name" style={s.circuit ? styles.inset : undefined}>
                    <Text style={styles.strong}>{s.name}</Text>
                    {offers.length > 0 && <Text>{offers.join(" ")}</Text>}
                  </View>,
                  formatDose(s.dose) + (s.turns > 1 ? ", two turns" : ""),
                  kitOf(drillById(catalog, s.drill)!),
                  s.substitutes
                    .map((o) => {
                      const drill = o.drill && drillById(catalog, o.drill)?.name;
                      return `${nameOf(o.member)}: ${drill ?? "rests"}`;
                    })
                    .join("; "),
                  "",
                ],
              };
            })}
          />
        )}
        <Text style={styles.part}>{together ? "Individual drills" : "Drills"}</Text>
        <PdfTable
          columns={[
            { title: "Athlete", width: 120 },
            { title: "Drills", share: 6 },
            { title: "Ready at", width: 52 },
            { title: "Notes", share: 2 },
          ]}
          rows={plan.members.map((m) => ({
            key: m.id,
            cells: [
              <Text key="name" style={styles.strong}>
                {m.name}
              </Text>,
              m.steps
                .filter((s) => (!together || s.kind === "personal") && s.placed.round === 1)
                .map((s) => `${s.name} ${formatDose(s.dose)}`)
                .join(", "),
              formatClock(m.seconds),
              "",
            ],
          }))}
        />
      </Page>
      <Page size={size} orientation="landscape" style={styles.page}>
        {head}
        <PdfTable
          columns={[
            { title: "Athlete", width: 104 },
            { title: "Lift", width: 70 },
            ...Array.from({ length: most }, (_, i) => ({ title: String(i + 1) })),
            { title: "Working weight", width: 72 },
            { title: "Notes", width: 60 },
          ]}
          rows={ramps.map(({ key, name, ramp }) => {
            const plates = (load: { perSide: readonly Weight[] }) =>
              isBarKit(ramp.kit) ? load.perSide.map(formatWeight).join(" + ") || "empty" : "";
            return {
              key,
              cells: [
                <Text key="name" style={styles.strong}>
                  {name}
                </Text>,
                liftById(catalog, ramp.lift)?.name ?? ramp.lift,
                ...Array.from({ length: most }, (_, i) => {
                  const set = ramp.sets[i];
                  return set ? (
                    <View key={plates(set) + String(set.fraction)}>
                      <Text>
                        <Text style={styles.strong}>{formatWeight(set.weight)}</Text> × {set.reps}
                      </Text>
                      <Text style={{ fontSize: 6.5 }}>{plates(set)}</Text>
                    </View>
                  ) : (
                    ""
                  );
                }),
                <View key="work">
                  <Text style={[styles.strong, { color: EMBER, fontSize: 11 }]}>
                    {formatWeight(ramp.working.weight)} {loadUnit(ramp.kit, gym.unit)}
                  </Text>
                  <Text style={{ fontSize: 6.5 }}>{plates(ramp.working)}</Text>
                </View>,
                "",
              ],
            };
          })}
        />
      </Page>
      {racks && <RackPages {...{ head, racks, size }} unit={gym.unit} />}
    </Document>
  );
}

/** What hangs at each rack: who lifts when, and what goes on and off before. */
function RackPages({
  head,
  racks: { lifters, orders },
  unit,
  size,
}: {
  head: ReactNode;
  size: (typeof PAPERS)[keyof typeof PAPERS];
  racks: OrderedRacks;
  unit: UnitSystem;
}) {
  return ordersByShift(orders).flatMap((here, shift, shifts) => {
    const titles = rackTitles(here, lifters);
    return here.map((order, r) => (
      <Page key={order.lifters.join()} size={size} style={styles.page}>
        {head}
        <Text style={[styles.title, { marginBottom: 6 }]}>
          {titles[r]}
          {shifts.length > 1 ? `, shift ${shift + 1}` : ""}
        </Text>
        <PdfTable
          columns={[
            { title: "At", width: 34 },
            { title: "Who", share: 3 },
            { title: `Load, ${unit}`, width: 64 },
            { title: "On and off, each side", share: 4 },
            { title: "Done", width: 30 },
            { title: "Notes", share: 2 },
          ]}
          rows={order.best.turns.map((turn) => {
            const { name, sets } = lifters[order.lifters[turn.lifter]!]!;
            const set = sets[turn.set]!;
            return {
              key: `${turn.lifter} ${turn.set}`,
              cells: [
                formatClock(turn.startsAt),
                <Text key="name" style={styles.strong}>
                  {name}
                </Text>,
                <Text key="load">
                  <Text style={styles.strong}>{formatWeight(set.weight)}</Text> × {set.reps}
                </Text>,
                turnChange(turn, set),
                <View key="done" style={styles.box} />,
                "",
              ],
            };
          })}
        />
        <Text style={[styles.soft, { marginTop: 6 }]}>
          All are ready to lift {formatClock(order.best.seconds)} after the start of the warm-up.
        </Text>
      </Page>
    ));
  });
}
