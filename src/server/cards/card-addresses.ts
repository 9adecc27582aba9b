import { randomBytes } from "node:crypto";
import QRCode from "qrcode";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import {
  addCardAddresses,
  deleteCardAddresses,
  listCardAddresses,
  readCardAddress,
} from "@/data/card-addresses";
import { presentOf } from "../plans/plan-session";
import { type Refused, refuse } from "../schemas/problems";
import { openSession, openWarmUp } from "../sessions/open-session";

/** Bytes of an address: as many as a good key has. */
const TOKEN_BYTES = 18;

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
  const known = await listCardAddresses(sessionId);
  const wanted = presentOf(opened.value)
    .map((m) => m.athlete.id)
    .filter((id) => athleteIds.includes(id) && !known.some((k) => k.athleteId === id));
  await addCardAddresses(
    wanted.map((athleteId) => ({
      token: randomBytes(TOKEN_BYTES).toString("base64url"),
      sessionId,
      athleteId,
    })),
  );
  return { kind: "shared" };
}

/** Revokes the addresses of some cards: they lead nowhere from then on. */
export async function stopSharingCards({
  sessionId,
  athleteIds,
}: z.output<typeof cardsSchema>): Promise<{ kind: "stopped" }> {
  await deleteCardAddresses(sessionId, athleteIds);
  return { kind: "stopped" };
}

/** The warm-up that an address shows; null: there is none, or it has been revoked. */
export async function openByAddress(token: string, catalog: Catalog) {
  const row = token.length <= 64 ? await readCardAddress(token) : null;
  const opened = row && (await openWarmUp(row.sessionId, row.athleteId, catalog));
  return opened?.ok ? opened.value : null;
}
