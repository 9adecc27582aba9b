import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";

import { withTemporaryDatabase } from "@/server/__tests__/database";
import { type Actor, actAs } from "@/server/access/actor";
import {
  may,
  NOT_ALLOWED,
  NOT_SIGNED_IN,
  RIGHTS,
  ROLES,
  type Role,
  type UseCase,
} from "@/server/access/rights";
import { page, titled } from "./door";

jest.mock("next/headers", () => jest.requireActual("@/server/__tests__/request").nextHeaders);
jest.mock("next/navigation", () => ({
  redirect: (to: string) => {
    throw new Error(`to ${to}`);
  },
  notFound: () => {
    throw new Error("not found");
  },
}));

withTemporaryDatabase();

const actorOf = (role: Role): Actor => ({ role, name: role, userId: null, athleteId: null });
/** Everybody who may ask: each role, and nobody. */
const ASKING: readonly (Role | null)[] = [...ROLES, null];

const ACTIONS = path.join(process.cwd(), "src/server/actions");
const APP = path.join(process.cwd(), "src/app");

function filesNamed(name: RegExp, folder = APP): string[] {
  return readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((f) => name.test(path.basename(f)))
    .map((f) => path.join(folder, f));
}

/** The address of a page or route, from where its file is. */
function addressOf(file: string): string {
  const parts = path.dirname(path.relative(APP, file)).split(path.sep);
  return `/${parts.filter((p) => p !== "." && !p.startsWith("(")).join("/")}`;
}

const routeFiles = filesNamed(/^route\.ts$/);
const pageFiles = filesNamed(/^page\.tsx$/);
const actionFiles = filesNamed(/^(?!.*\.test\.|action\.ts|once\.ts).*\.ts$/, ACTIONS);
const actionNames = actionFiles.flatMap((f) =>
  [...readFileSync(f, "utf8").matchAll(/^export const (\w+)Action\b/gm)].map((m) => m[1]!),
);
const routeNames = routeFiles.flatMap((f) =>
  [
    ...readFileSync(f, "utf8").matchAll(
      /^export (?:const|async function|function) (GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\b/gm,
    ),
  ].map((m) => `${m[1]} ${addressOf(f)}`),
);

describe("the table of rights", () => {
  test("has every action, page and route there is, and nothing else", () => {
    const there = [...actionNames, ...pageFiles.map(addressOf), ...routeNames, "export of everything"];
    expect(Object.keys(RIGHTS).toSorted()).toEqual(there.toSorted());
  });

  test("owners may do everything that coaches may, and coaches everything that assistants may", () => {
    for (const what of Object.keys(RIGHTS) as UseCase[]) {
      if (may("assistant", what)) expect([what, may("coach", what)]).toEqual([what, true]);
      if (may("coach", what)) expect([what, may("owner", what)]).toEqual([what, true]);
      if (may(null, what)) expect([what, ROLES.every((r) => may(r, what))]).toEqual([what, true]);
    }
  });

  test("nobody who has not come in reads or changes anything but by an address or to come in", () => {
    const open = (Object.keys(RIGHTS) as UseCase[]).filter((what) => may(null, what));
    const entries = /^(setPassword|signIn|pairDevice|askPasskey|enterByPasskey)$|^\/(sign-in|pair)$/;
    const addresses = /\/(card|wall|once|calendar)\/\[token\]|\/api\/(health|pair)$/;
    expect(open.filter((what) => !entries.test(what) && !addresses.test(what))).toEqual([]);
  });

  test("athletes have what is theirs, and no page or file of the desk", () => {
    const own = (Object.keys(RIGHTS) as UseCase[]).filter((what) => may("athlete", what) && !may(null, what));
    expect(own.toSorted()).toEqual(
      [
        "/me",
        "/me/card/[id]",
        "/me/report",
        "GET /me/data.json",
        "GET /me/report.pdf",
        "endSignedIn",
        "signOut",
      ].toSorted(),
    );
  });
});

describe("every action asks the table, for every role", () => {
  test.each(actionFiles.map((f) => [path.basename(f, ".ts")]))("%s", async (name) => {
    const actions = (await import(path.join(ACTIONS, `${name}.ts`))) as Record<
      string,
      (request: unknown) => Promise<{ kind?: string; message?: string }>
    >;
    for (const [exported, act] of Object.entries(actions)) {
      const what = exported.replace(/Action$/, "") as UseCase;
      for (const role of ASKING) {
        // What cannot be read as a request is refused for another reason, after the table was asked.
        const outcome = await actAs(role && actorOf(role), () => act({ "no such field": 1 })).catch(() => ({
          kind: "went on",
          message: "",
        }));
        const refusal = role === null ? NOT_SIGNED_IN : NOT_ALLOWED;
        const isRefused = outcome?.kind === "refused" && outcome.message === refusal;
        expect([what, role, isRefused]).toEqual([what, role, !may(role, what)]);
      }
    }
  });
});

describe("every route asks the table, for every role", () => {
  test.each(routeFiles.map((f) => [addressOf(f), f]))("%s", async (address, file) => {
    const route = (await import(file)) as Record<
      string,
      (request: Request, of: { params: Promise<Record<string, string>> }) => Promise<Response>
    >;
    for (const method of ["GET", "POST"] as const) {
      const answer = route[method];
      if (!answer) continue;
      const what = `${method} ${address}` as UseCase;
      for (const role of ASKING) {
        if (may(role, what)) continue;
        const request = new Request(`http://127.0.0.1${address.replace(/[[\]]/g, "")}`, { method });
        const params = Promise.resolve({
          id: "x",
          token: "x",
          athlete: "x",
          file: "x",
          kind: "x",
          drill: "x",
        });
        const { status } = await actAs(role && actorOf(role), () => answer(request, { params }));
        expect([what, role, status]).toEqual([what, role, role === null ? 401 : 403]);
      }
    }
  });
});

describe("every page asks the table, for every role", () => {
  test.each(pageFiles.map((f) => [addressOf(f), f]))("%s", async (address, file) => {
    const text = readFileSync(file, "utf8");
    // What a page shows, and what its title says, both go by the table under the page's own name.
    expect(text).toMatch(new RegExp(`export default page\\("${address.replace(/[[\]/]/g, "\\$&")}", `));
    if (/generateMetadata/.test(text)) {
      expect(text).toMatch(
        new RegExp(`export const generateMetadata = titled\\("${address.replace(/[[\]/]/g, "\\$&")}", `),
      );
    }
    const what = address as Parameters<typeof page>[0];
    for (const role of ASKING) {
      const seen = await actAs(role && actorOf(role), () => page(what, () => "shown")({})).catch(
        (e: Error) => e.message,
      );
      const instead = role === null ? "to /sign-in" : role === "athlete" ? "to /me" : expect.any(Object);
      expect([role, seen]).toEqual([role, may(role, what) ? "shown" : instead]);
      const title = await actAs(role && actorOf(role), () =>
        titled(what, async () => ({ title: "Ilse" }))({}),
      );
      expect(title).toEqual({ title: may(role, what) ? "Ilse" : "Sign in" });
    }
  });
});
