import { createHash, generateKeyPairSync, randomBytes, sign } from "node:crypto";

const sha256 = (data: string | Buffer) => createHash("sha256").update(data).digest();
const coded = (data: Buffer | string) => Buffer.from(data).toString("base64url");

/** Heads of CBOR values: of bytes under 256, and of texts under 24. */
const bytesOf = (data: Buffer) => Buffer.concat([Buffer.from([0x58, data.length]), data]);
const textOf = (text: string) => Buffer.concat([Buffer.from([0x60 + text.length]), Buffer.from(text)]);

/** User present, and user verified. */
const PRESENT = 0x05;
const HAS_KEY = 0x40;

/** A passkey in software: what a browser with an authenticator answers, for the site at an origin (Web Authentication, level 2). */
export function softwareKey(origin: string, id = randomBytes(16)) {
  const { privateKey, publicKey } = generateKeyPairSync("ec", { namedCurve: "P-256" });
  let counter = 0;
  const data = (flags: number) => {
    const count = Buffer.alloc(4);
    count.writeUInt32BE(counter);
    return Buffer.concat([sha256(new URL(origin).hostname), Buffer.from([flags]), count]);
  };
  const client = (type: string, challenge: string) => JSON.stringify({ type, challenge, origin });
  const answer = (response: Record<string, string>) => ({
    ...{ id: coded(id), rawId: coded(id), type: "public-key", clientExtensionResults: {} },
    response,
  });
  return {
    /** Makes the key. @param challenge as the server has asked it. */
    create(challenge: string) {
      const { x, y } = publicKey.export({ format: "jwk" });
      const key = Buffer.concat([
        // An EC2 key for ES256 on P-256.
        Buffer.from([0xa5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21]),
        bytesOf(Buffer.from(x!, "base64url")),
        Buffer.from([0x22]),
        bytesOf(Buffer.from(y!, "base64url")),
      ]);
      const length = Buffer.from([0, id.length]);
      const authData = Buffer.concat([data(PRESENT + HAS_KEY), Buffer.alloc(16), length, id, key]);
      const attestation = Buffer.concat([
        Buffer.from([0xa3]),
        ...[textOf("fmt"), textOf("none"), textOf("attStmt"), Buffer.from([0xa0])],
        ...[textOf("authData"), bytesOf(authData)],
      ]);
      return answer({
        clientDataJSON: coded(client("webauthn.create", challenge)),
        attestationObject: coded(attestation),
      });
    },
    /** Signs with it, and counts. */
    get(challenge: string) {
      counter += 1;
      const clientData = client("webauthn.get", challenge);
      const authenticatorData = data(PRESENT);
      const signed = sign("sha256", Buffer.concat([authenticatorData, sha256(clientData)]), privateKey);
      return answer({
        clientDataJSON: coded(clientData),
        authenticatorData: coded(authenticatorData),
        signature: coded(signed),
      });
    },
    /** As somebody's copy of it that has signed less often. */
    goBack(times: number) {
      counter -= times;
    },
  };
}
