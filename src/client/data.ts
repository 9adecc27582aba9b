"use client";

import { useQuery } from "@tanstack/react-query";

/** How often a window that is looked at asks whether something has been changed elsewhere. Milliseconds. */
const POLL_MS = 4000;

/** Reads from /data. @returns null where there is nothing at that path. @throws where the server gives no answer. */
export async function getData<T>(path: string, signal?: AbortSignal): Promise<T | null> {
  const response = await fetch(`/data/${path}`, { signal, headers: { accept: "application/json" } });
  if (response.status === 404) return null;
  if (!response.ok) throw new Error(`GET /data/${path} answered ${response.status}.`);
  return (await response.json()) as T;
}

/** Something that is read from /data when it is first needed, and again whenever the component is mounted anew. */
export function useData<T>(path: string, { enabled = true }: { enabled?: boolean } = {}) {
  const { data, refetch } = useQuery({
    queryKey: ["data", path],
    queryFn: ({ signal }) => getData<T>(path, signal),
    enabled,
    refetchOnWindowFocus: false,
  });
  return { data, refetch };
}

/** The key of all stamps, for whoever knows that one of them has moved. */
export const STAMPS = ["stamp"] as const;

/** What is watched: a session with everything its pages show, an athlete, a gym, or something of the library. */
export type Watched = "session" | "athlete" | "gym" | "library";

/**
 * The stamp of something stored: how often it has been changed. Asked for every few seconds while the window is looked
 * at, and when it is looked at again; one poll serves all who ask for the same.
 */
export function useStamp<T>(kind: Watched, id: string): T | undefined {
  const { data } = useQuery({
    queryKey: [...STAMPS, kind, id],
    queryFn: ({ signal }) => getData<T>(`stamps/${kind}/${encodeURIComponent(id)}`, signal),
    refetchInterval: POLL_MS,
    refetchOnWindowFocus: "always",
  });
  return data ?? undefined;
}
