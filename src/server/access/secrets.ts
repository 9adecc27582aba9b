import { createHash, randomBytes, randomInt } from "node:crypto";

/** Bytes of what cannot be guessed. */
const SECRET_BYTES = 24;

/** Something that cannot be guessed, for an address or a cookie. */
export function newSecret(): string {
  return randomBytes(SECRET_BYTES).toString("base64url");
}

/** As what a secret is kept, so that who reads the database does not have it. */
export function hashOf(secret: string): string {
  return createHash("sha256").update(secret).digest("base64url");
}

/** Letters and digits that are not taken for one another. */
const SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
const CODE_LENGTH = 6;

/** A short code that is read off one screen and typed into another. */
export function newCode(): string {
  return Array.from({ length: CODE_LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join("");
}

/** A code as it was meant, however it was typed. */
export function codeAsMeant(typed: string): string {
  return typed.toUpperCase().replace(/[\s-]/g, "");
}
