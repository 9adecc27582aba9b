import { addDays, parseISO, subDays } from "date-fns";
import QRCode from "qrcode";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import {
  addCardAddresses,
  deleteCardAddresses,
  listCardAddresses,
  listCardAddressesFrom,
  readCardAddress,
} from "@/data/card-addresses";
import { readSession } from "@/data/sessions";
import { isoDay } from "@/lib/iso-day";
import { newSecret } from "../access/secrets";
import { presentOf } from "../plans/plan-session";
import { type Refused, refuse } from "../schemas/problems";
import { openSession, openWarmUp } from "../sessions/open-session";

/** For how many days after its session an address works. */
const DAYS_AFTER = 7;

/** The last day on which the addresses of a session's cards work. */
export function lastDayOfCards(sessionDay: string): string {
  return isoDay(addDays(parseISO(sessionDay), DAYS_AFTER));
}

/** The first day of sessions whose cards' addresses still work. */
function firstDayInForce(): string {
  return isoDay(subDays(new Date(), DAYS_AFTER));
}

/** Under which address phones reach this server: PUBLIC_URL, without a slash at its end; null: it is not set. */
export function publicUrl(): string | null {
  const url = process.env.PUBLIC_URL?.trim().replace(/\/+$/, "");
  return url && /^https?:\/\/\S+$/.test(url) ? url : null;
}

/** A card's address on phones, and the same as a picture to be scanned. */
export interface PhoneAddress {
  path: string;
  /** Whole; null: PUBLIC_URL is not set. */
  url: string | null;
  /** An SVG of the code; null likewise. */
  qr: string | null;
}

async function addressOf(token: string): Promise<PhoneAddress> {
  const path = `/card/${token}`;
  const base = publicUrl();
  const url = base && `${base}${path}`;
  const qr = url && (await QRCode.toString(url, { type: "svg", margin: 0, errorCorrectionLevel: "M" }));
  return { path, url, qr };
}

/** The addresses there are of a session's cards, by athlete. */
export async function cardAddressesOf(sessionId: string): Promise<Map<string, PhoneAddress>> {
  const rows = await listCardAddresses(sessionId);
  const found = await Promise.all(rows.map(async (r) => [r.athleteId, await addressOf(r.token)] as const));
  return new Map(found);
}

export const cardsSchema = z.strictObject({
  sessionId: z.string().max(100),
  athleteIds: z.array(z.string().max(100)).min(1).max(80),
});

/** Makes addresses for the cards of those who are there and have none yet. */
export async function shareCards(
  { sessionId, athleteIds }: z.output<typeof cardsSchema>,
  catalog: Catalog,
): Promise<{ kind: "shared" } | Refused> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  if (opened.value.session.day < firstDayInForce())
    return refuse("Links to cards end a week after their session. This one is longer ago.");
  const known = await listCardAddresses(sessionId);
  const wanted = presentOf(opened.value)
    .map((m) => m.athlete.id)
    .filter((id) => athleteIds.includes(id) && !known.some((k) => k.athleteId === id));
  await addCardAddresses(
    wanted.map((athleteId) => ({
      token: newSecret(),
      sessionId,
      athleteId,
    })),
  );
  return { kind: "shared" };
}

/** The word in the address of one athlete's card of a session; made where there is none yet. */
export async function cardTokenFor(sessionId: string, athleteId: string): Promise<string> {
  const known = (await listCardAddresses(sessionId)).find((c) => c.athleteId === athleteId);
  if (known) return known.token;
  const token = newSecret();
  await addCardAddresses([{ token, sessionId, athleteId }]);
  return token;
}

/** Revokes the addresses of some cards: they lead nowhere from then on. */
export async function stopSharingCards({
  sessionId,
  athleteIds,
}: z.output<typeof cardsSchema>): Promise<{ kind: "stopped" }> {
  await deleteCardAddresses(sessionId, athleteIds);
  return { kind: "stopped" };
}

/** The addresses in force of all sessions, each session with whose cards they are and the last day on which they work. */
export async function sharedCards() {
  const rows = await listCardAddressesFrom(firstDayInForce());
  const sessions = [...new Map(rows.map((r) => [r.session.id, r.session])).values()];
  return sessions.map((session) => ({
    ...session,
    lastDay: lastDayOfCards(session.day),
    athletes: rows.filter((r) => r.session.id === session.id).map((r) => r.athlete),
  }));
}
export type SharedCards = Awaited<ReturnType<typeof sharedCards>>[number];

/** Whose card in which session an address shows; null: there is none, it has ended, or it has been revoked. */
export async function addressInForce(token: string) {
  const row = token.length <= 64 ? await readCardAddress(token) : null;
  const session = row && (await readSession(row.sessionId));
  return session && session.session.day >= firstDayInForce() ? row : null;
}

/** The warm-up that an address shows; null: there is none, it has ended, or it has been revoked. */
export async function openByAddress(token: string, catalog: Catalog) {
  const row = token.length <= 64 ? await readCardAddress(token) : null;
  const opened = row && (await openWarmUp(row.sessionId, row.athleteId, catalog));
  if (!opened?.ok || opened.value.session.day < firstDayInForce()) return null;
  return opened.value;
}
