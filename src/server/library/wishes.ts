import { z } from "zod";
import { type DrillWishes, NO_WISHES } from "@/core/athlete";
import { type Catalog, type CustomContent, drillById } from "@/core/catalog";
import { listGroups, updateGroupWishes } from "@/data/athletes";
import {
  addCustomContent,
  deleteCustomContent,
  readCustomContent,
  updateCustomContent,
} from "@/data/custom-content";
import { listGyms } from "@/data/gyms";
import { memoize } from "@/lib/memoize";
import { openGymKit } from "../gyms/gym-kit";
import { saveGym } from "../gyms/save-gym";
import { filmSchema } from "../schemas/custom-content";
import { drillField, storedWishes } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { openCatalog } from "./catalog";

/** What is wished of a drill; "usual": nothing. */
export const WISHES = ["usual", "favourite", "never"] as const;
export type Wish = (typeof WISHES)[number];

/** For whom a drill is wished. */
export interface WishOf {
  of: "gym" | "group";
  id: string;
  name: string;
  wish: Wish;
}

function wishOf({ favourites, never }: DrillWishes, drill: string): Wish {
  if (favourites.includes(drill)) return "favourite";
  return never.includes(drill) ? "never" : "usual";
}

function withWish({ favourites, never, ...others }: DrillWishes, drill: string, wish: Wish): DrillWishes {
  const without = (list: readonly string[]) => list.filter((id) => id !== drill);
  return {
    ...others,
    favourites: [...without(favourites), ...(wish === "favourite" ? [drill] : [])],
    never: [...without(never), ...(wish === "never" ? [drill] : [])],
  };
}

/** What gyms and groups wish of a drill. */
export async function wishesOfDrill(drill: string): Promise<WishOf[]> {
  const [gyms, groups] = await Promise.all([listGyms(), listGroups()]);
  const opened = await Promise.all(gyms.map((g) => openGymKit(g.id)));
  return [
    ...opened.flatMap((o): WishOf[] =>
      o
        ? [{ of: "gym", id: o.gym.id, name: o.gym.name, wish: wishOf(o.gym.wishes ?? NO_WISHES, drill) }]
        : [],
    ),
    ...groups.map(({ id, name, wishes }): WishOf => {
      const wish = wishOf(storedWishes.parse(wishes) ?? NO_WISHES, drill);
      return { of: "group", id, name, wish };
    }),
  ];
}

export const wishSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    of: z.enum(["gym", "group"]),
    id: z.string().max(100),
    drill: drillField(catalog),
    wish: z.enum(WISHES),
  }),
);

/** Makes a drill a favourite of a gym or a group, or one never to use, or neither. */
export async function wishForDrill({
  of,
  id,
  drill,
  wish,
}: z.output<ReturnType<typeof wishSchema>>): Promise<{ kind: "wished" } | Refused> {
  if (of === "group") {
    const group = (await listGroups()).find((g) => g.id === id);
    const wishes = group && withWish(storedWishes.parse(group.wishes) ?? NO_WISHES, drill, wish);
    const done = wishes && (await updateGroupWishes(id, wishes));
    return done ? { kind: "wished" } : refuse("This group is no longer there.");
  }
  const opened = await openGymKit(id);
  if (!opened) return refuse("This gym is no longer there.");
  const { gym, revision } = opened;
  const wishes = withWish(gym.wishes ?? NO_WISHES, drill, wish) as never;
  const saved = await saveGym({
    revision,
    gym: { ...(gym as never as Parameters<typeof saveGym>[0]["gym"]), wishes },
  });
  return saved.kind === "saved"
    ? { kind: "wished" }
    : refuse("The gym was edited somewhere else. Try again.");
}

export const filmOfSchema = memoize((catalog: Catalog) =>
  z.strictObject({ drill: drillField(catalog), url: filmSchema.shape.url.nullable() }),
);

/** Says where a film of the coach's own shows a drill; null: nowhere. */
export async function noteFilm(
  { drill, url }: z.output<ReturnType<typeof filmOfSchema>>,
  catalog: Catalog,
): Promise<{ kind: "noted"; custom: CustomContent }> {
  const id = `film-${drill}`;
  const there = await readCustomContent(id);
  const content = JSON.stringify({ id, name: drillById(catalog, drill)!.name, drill, url });
  if (url === null) await deleteCustomContent(id);
  else if (there) await updateCustomContent(id, there.revision, content);
  else await addCustomContent({ id, kind: "film", content });
  return { kind: "noted", custom: (await openCatalog()).custom };
}
