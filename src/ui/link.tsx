import NextLink from "next/link";
import type { ComponentProps } from "react";

/**
 * A link within the app. What it leads to is fetched when it is followed: a page full of links would otherwise ask for
 * every page that it leads to, twice.
 */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
