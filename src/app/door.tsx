import { redirect } from "next/navigation";
import type { ReactNode } from "react";
import { NotForYou } from "@/features/access/not-for-you";
import { currentActor, homeOf } from "@/server/access/actor";
import { may, type UseCase } from "@/server/access/rights";

/** A page by its name, as the table of rights has it. */
type PageName = Extract<UseCase, `/${string}`>;

/** A page that only who may can see; others are led to where they sign in, or told. */
export function page<P extends object>(
  what: PageName,
  show: (props: P) => ReactNode | Promise<ReactNode>,
): (props: P) => Promise<ReactNode> {
  return async (props: P) => {
    const actor = await currentActor();
    if (may(actor?.role ?? null, what)) return show(props);
    if (!actor) redirect("/sign-in");
    if (actor.role === "athlete") redirect(homeOf(actor));
    return <NotForYou />;
  };
}

/** The title of a page, for who may see the page; for others what it is called for everybody. */
export function titled<P extends object, M>(
  what: PageName,
  title: (props: P) => Promise<M>,
): (props: P) => Promise<M | { title: string }> {
  return async (props: P) => {
    const actor = await currentActor();
    return may(actor?.role ?? null, what) ? title(props) : { title: "Sign in" };
  };
}
