"use client";

import { type ComponentType, useEffect, useState, useSyncExternalStore } from "react";
import { type FetchedOnce, fetchedOnce } from "@/lib/fetched-once";

/** How long a page is left alone before it fetches what may be opened next. Milliseconds. */
const REST_FIRST = 1500;

/** What is fetched, or null until it is there; asked for at once, or when the page has come to rest. */
export function useFetched<T>(code: FetchedOnce<T>, isWanted = true): T | null {
  useEffect(() => {
    const timer = setTimeout(code.ask, isWanted ? 0 : REST_FIRST);
    return () => clearTimeout(timer);
  }, [code, isWanted]);
  return useSyncExternalStore(code.subscribe, code.current, () => null);
}

/**
 * A component whose code is no part of the page: it is fetched when it is opened, or once the page has come to rest.
 * One without `open` counts as open. A server that is away never breaks the page that it stands on.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const code = fetchedOnce(load);
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each module that is loaded later
  return function Later(props: P) {
    const isOpen = !("open" in props) || Boolean(props.open);
    const [wasOpen, setWasOpen] = useState(isOpen);
    if (isOpen && !wasOpen) setWasOpen(true);
    const Loaded = useFetched(code, isOpen);
    return wasOpen && Loaded ? <Loaded {...props} /> : null;
  };
}
