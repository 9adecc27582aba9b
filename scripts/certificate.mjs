import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { hostname, networkInterfaces } from "node:os";
import path from "node:path";
import { createCA, createCert } from "mkcert";
import { install } from "./prepare.mjs";

/**
 * `npm run certificate [NAME …]` makes a small authority, once, and a certificate for this machine's names and addresses by it, in
 * `data/certificates`; says how the server is started with it, and how tablets come to trust it.
 */
install();

const FOLDER = path.resolve("data/certificates");
const files = Object.fromEntries(
  ["authority.pem", "authority-key.pem", "certificate.pem", "key.pem"].map((name) => [
    name,
    path.join(FOLDER, name),
  ]),
);
/** For how long both are in force: as long as phones accept. Days. */
const AUTHORITY_DAYS = 3650;
const CERTIFICATE_DAYS = 397;

mkdirSync(FOLDER, { recursive: true, mode: 0o700 });

/** The authority that is there, or a new one: a new one every device would have to be told of again. */
async function authority() {
  const [cert, key] = [files["authority.pem"], files["authority-key.pem"]];
  if (existsSync(cert) && existsSync(key)) {
    return { cert: readFileSync(cert, "utf8"), key: readFileSync(key, "utf8") };
  }
  const made = await createCA({
    organization: "Iron Step of this gym",
    countryCode: "XX",
    state: "-",
    locality: "-",
    validity: AUTHORITY_DAYS,
  });
  writeFileSync(cert, made.cert);
  writeFileSync(key, made.key, { mode: 0o600 });
  return made;
}

/** This machine's names and addresses, and what else was asked for. */
function names() {
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter((i) => i && i.family === "IPv4")
    .map(({ address }) => address);
  const own = hostname();
  return [...new Set(["localhost", own, `${own}.local`, ...addresses, ...process.argv.slice(2)])];
}

const ca = await authority();
const domains = names();
const made = await createCert({ ca, domains, validity: CERTIFICATE_DAYS });
writeFileSync(files["certificate.pem"], `${made.cert}\n${ca.cert}`);
writeFileSync(files["key.pem"], made.key, { mode: 0o600 });

console.log(`A certificate for ${domains.join(", ")}, in force for ${CERTIFICATE_DAYS} days.

Start with it:
  HOST=0.0.0.0 TLS_CERT=${files["certificate.pem"]} TLS_KEY=${files["key.pem"]} npm start

Each tablet and phone has to be told once that it may trust it. Bring ${files["authority.pem"]}
to the device (never authority-key.pem) and:
  Android: Settings, search for “CA certificate”, install it.
  iPad, iPhone: open the file, install the profile in Settings, then General, About,
    Certificate Trust Settings: switch it on.
  A computer: import it into the browser's authorities.
Until then browsers warn. In a year run this command again: devices need nothing new.`);
