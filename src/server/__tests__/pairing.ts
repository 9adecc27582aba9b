import { type Actor, actAs } from "../access/actor";
import { showCode } from "../access/devices";

/** A coach without an account. */
export const coach: Actor = { role: "coach", name: "Teo", userId: null, athleteId: null };

/** A code that a coach has shown. */
export async function codeFor(asked: Parameters<typeof showCode>[0] = { role: "coach" }): Promise<string> {
  const shown = await actAs(coach, () => showCode(asked, coach));
  if (shown.kind !== "shown") throw new Error(shown.message);
  return shown.code;
}

/** Everybody has to sign in during the tests of a file. */
export function withSignInOn(): void {
  beforeAll(() => {
    process.env.SIGN_IN = "on";
  });
  afterAll(() => {
    delete process.env.SIGN_IN;
  });
}
