import { Document, Page, Rect, Svg, Text, View } from "@react-pdf/renderer";
import { format, parseISO } from "date-fns";
import { EQUIPMENT, kitInUse } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { GymKit } from "@/core/gym";
import { type LiftPlan, planOfLift, type Stair, stairOf } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad, loadUnit } from "@/core/ramp";
import { arriveBy, type Session } from "@/core/session";
import { formatClock, formatSeconds, formatWeight, type Weight } from "@/core/units";
import { heatHex } from "@/features/shared/heat";
import type { MemberWarmUp } from "@/server/plans/plan-session";
import { cautionsOf } from "./cautions-of";
import { EMBER, INK, PdfTable, styles } from "./pdf-parts";

/** The cards of a session, each athlete on a page of their own, as on the screen. */
export function CardsPdf({
  session,
  gym,
  warmUps,
}: {
  session: Session;
  gym: GymKit;
  warmUps: readonly MemberWarmUp[];
}) {
  return (
    <Document title={`${session.name}, ${session.day}`} creator="Iron Step" language="en">
      {warmUps.map((warmUp) => (
        <CardPage key={warmUp.member.athlete.id} session={session} gym={gym} warmUp={warmUp} />
      ))}
    </Document>
  );
}

function CardPage({ session, gym, warmUp }: { session: Session; gym: GymKit; warmUp: MemberWarmUp }) {
  const { member, request, plan } = warmUp;
  const { athlete, draft } = member;
  const { day, time } = session;
  const cautions = cautionsOf(warmUp, session);
  const rows =
    plan.steps.filter((s) => s.round === 1).length + plan.ramps.flatMap((r) => r?.sets ?? []).length;
  return (
    <Page size="A4" style={styles.page}>
      <View style={styles.head}>
        <View>
          <Text style={styles.title}>{athlete.name}</Text>
          {draft.lifts.map((d, i) => {
            const { lift } = request.lifts[i]!;
            const load = d.weight === null ? "" : ` × ${formatWeight(d.weight)} ${gym.unit}`;
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
              <Text key={i}>{lift.kind ? lift.name : `${lift.name}, ${d.sets} × ${d.reps}${load}`}</Text>
            );
          })}
        </View>
        <View style={{ alignItems: "flex-end" }}>
          <Text>
            {format(parseISO(day), "EEEE d MMMM yyyy")}
            {time ? `, ${time}` : ""}
          </Text>
          <Text style={styles.soft}>
            {time ? `Be there at ${arriveBy(time, request.minutes, plan.seconds)}. ` : ""}
            The warm-up takes {formatClock(plan.seconds)}.
          </Text>
        </View>
      </View>
      <PdfStair stair={stairOf(planOfLift(plan, 0), request.minutes)} />
      {request.lifts.map(({ lift, kit }, at) => (
        <LiftPart
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          key={at}
          plan={planOfLift(plan, at)}
          gym={gym}
          title={request.lifts.length > 1 ? lift.name : null}
          hasKit={kit !== null}
          dense={rows > MOST_LOOSE}
        />
      ))}
      <View style={{ marginTop: rows > MOST_LOOSE ? 6 : 12 }} wrap={false}>
        {cautions.map((c) => (
          <Text key={c.message} style={styles.soft}>
            {c.message}
          </Text>
        ))}
        <Text style={[styles.part, { marginTop: 6 }]}>Notes</Text>
        {(rows > MOST_LOOSE ? [0, 1] : [0, 1, 2]).map((line) => (
          <View key={line} style={{ height: 18, borderBottom: `0.5pt solid ${INK}` }} />
        ))}
      </View>
    </Page>
  );
}

/** Rows that fit one page with room between them. */
const MOST_LOOSE = 20;

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

function LiftPart({
  plan,
  gym,
  title,
  hasKit,
  dense,
}: {
  plan: LiftPlan;
  gym: GymKit;
  title: string | null;
  hasKit: boolean;
  dense: boolean;
}) {
  const leads = plan.blocks[plan.block]!.lifts[0] === plan.at;
  const steps = leads ? plan.steps.filter((s) => s.round === 1) : [];
  const ramp = plan.ramps[0];
  const box = () => <View style={styles.box} />;
  return (
    <View>
      {title && <Text style={styles.part}>{title}</Text>}
      {steps.length > 0 && (
        <PdfTable
          dense={dense}
          columns={[
            { title: "At", width: 28 },
            { title: "Drill", share: 5 },
            { title: "Dose", width: 92 },
            { title: "Cue", share: 6 },
            { title: "Done", width: 26 },
          ]}
          rows={steps.map((s) => {
            const kit = kitInUse(s.drill.equipment, gym.equipment).map((k) => EQUIPMENT[k].toLowerCase());
            return {
              key: s.drill.id,
              cells: [
                formatClock(s.startsAt),
                <Text key="name">
                  <Text style={styles.strong}>{s.drill.name}</Text>
                  {kit.length > 0 ? ` (${kit.join(", ")})` : ""}
                </Text>,
                formatDose(s.dose) + (s.rounds > 1 ? `, ${s.rounds} rounds` : ""),
                <Text key="cue" style={styles.soft}>
                  {s.drill.cues[0]}
                </Text>,
                box(),
              ],
            };
          })}
        />
      )}
      {!ramp && hasKit && (
        <Text style={{ marginTop: 8 }}>No working weight yet: ask the coach before the ramp.</Text>
      )}
      {ramp && (
        <View style={{ marginTop: 8 }}>
          <PdfTable
            dense={dense}
            columns={[
              { title: "Ramp", width: 76 },
              { title: "Reps", width: 32 },
              ...(isBarKit(ramp.kit) ? [{ title: "Plates, one side", share: 4 }] : []),
              { title: isBarKit(ramp.kit) ? "Change" : "Load", share: 5 },
              { title: "Rest", width: 52 },
              { title: "How it felt", width: 60 },
              { title: "Done", width: 26 },
            ]}
            rows={[...ramp.sets, null].map((set, i) => {
              const load = set ?? ramp.working;
              const plates = (perSide: readonly Weight[]) => perSide.map(formatWeight).join(" + ") || "empty";
              return {
                key: set ? String(i) : "work",
                cells: [
                  <Text key="weight" style={[styles.strong, { fontSize: 11, color: set ? INK : EMBER }]}>
                    {formatWeight(load.weight)} {loadUnit(ramp.kit, gym.unit)}
                  </Text>,
                  set ? `× ${set.reps}` : "work",
                  ...(isBarKit(ramp.kit) ? [plates(load.perSide)] : []),
                  <Text key="change" style={styles.soft}>
                    {describeLoad(ramp.kit, load, gym.unit)}
                  </Text>,
                  set ? formatSeconds(set.restSeconds) : "",
                  "",
                  box(),
                ],
              };
            })}
          />
        </View>
      )}
    </View>
  );
}
