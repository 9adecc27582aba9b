/** What stands for the request that is being answered: where it comes from, and the cookies of its browser. */
const state = { from: "10.0.0.1", cookies: new Map<string, string>(), attributes: new Map<string, string>() };

function keep(name: string, value: string, attributes: string): void {
  if (value === "" || /max-age=0(;|$)/i.test(attributes)) state.cookies.delete(name);
  else state.cookies.set(name, value);
  state.attributes.set(name, attributes);
}

const header = () => [...state.cookies].map(([name, value]) => `${name}=${value}`).join("; ");

/** Stands for Next's headers and cookies of a request. */
export const nextHeaders = {
  headers: async () => new Headers({ "x-from": state.from, cookie: header(), host: "127.0.0.1:3000" }),
  cookies: async () => ({
    get: (name: string) => (state.cookies.has(name) ? { name, value: state.cookies.get(name)! } : undefined),
    set: (name: string, value: string, options: Record<string, unknown> = {}) => {
      const said = Object.entries(options).flatMap(([key, v]) =>
        v === false ? [] : [v === true ? key : `${key}=${v}`],
      );
      keep(name, encodeURIComponent(value), said.join("; "));
    },
    delete: (name: string) => state.cookies.delete(name),
  }),
};

/** A browser of a test: what it keeps, and where it is. */
export function cookiesOfRequest() {
  return {
    clear: () => state.cookies.clear(),
    header,
    set: (text: string) => {
      state.cookies.clear();
      for (const part of text.split("; ")) {
        const [name, ...value] = part.split("=");
        state.cookies.set(name!, value.join("="));
      }
    },
    from: (address: string) => {
      state.from = address;
    },
    attributesOf: (name: RegExp) => [...state.attributes].find(([n]) => name.test(n))?.[1] ?? "",
  };
}
