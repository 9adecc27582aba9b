"use client";

import dynamic from "next/dynamic";
import { type ComponentType, useState } from "react";

/** Something that opens and closes, whose code is loaded when it is opened for the first time. */
export function later<P extends { open: boolean }>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Loaded = dynamic(load, { ssr: false }) as ComponentType<P>;
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each module that is loaded later
  return function Later(props: P) {
    const [wasOpen, setWasOpen] = useState(props.open);
    if (props.open && !wasOpen) setWasOpen(true);
    return wasOpen ? <Loaded {...props} /> : null;
  };
}
