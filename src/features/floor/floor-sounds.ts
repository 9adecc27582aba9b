"use client";

import { useEffect, useRef, useSyncExternalStore } from "react";
import type { StepPart } from "@/core/floor";

/** How a device makes itself heard. */
export interface SoundSettings {
  /** 0 silent to 1 loud. */
  volume: number;
  voice: boolean;
  vibration: boolean;
}

const USUAL: SoundSettings = { volume: 0.6, voice: false, vibration: true };
const KEY = "iron-step-sounds";

let kept: SoundSettings | null = null;
const listeners = new Set<() => void>();

function read(): SoundSettings {
  if (kept) return kept;
  try {
    const { volume, voice, vibration } = { ...USUAL, ...JSON.parse(localStorage.getItem(KEY) ?? "{}") };
    kept = {
      volume: Math.min(1, Math.max(0, Number(volume) || 0)),
      voice: voice === true,
      vibration: vibration !== false,
    };
  } catch {
    kept = USUAL;
  }
  return kept;
}

/** How this device makes itself heard, kept for the next time. */
export function useSoundSettings(): [SoundSettings, (change: Partial<SoundSettings>) => void] {
  const settings = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    read,
    () => USUAL,
  );
  const change = (to: Partial<SoundSettings>) => {
    kept = { ...read(), ...to };
    try {
      localStorage.setItem(KEY, JSON.stringify(kept));
    } catch {
      // It holds while the page is open.
    }
    for (const listener of listeners) listener();
    if (to.volume !== undefined) play("tick");
  };
  return [settings, change];
}

type Sound = "tick" | "change" | "done";

/** Frequencies in hertz and lengths in seconds, one after the other. */
const TONES: Record<Sound, readonly (readonly [hertz: number, seconds: number])[]> = {
  tick: [[660, 0.09]],
  change: [
    [660, 0.12],
    [990, 0.2],
  ],
  done: [
    [880, 0.18],
    [660, 0.18],
    [1320, 0.35],
  ],
};

let audio: AudioContext | null = null;

/** Plays a sound; a browser that has not been touched yet stays silent. */
function play(sound: Sound): void {
  const { volume, vibration } = read();
  if (vibration && sound !== "tick") navigator.vibrate?.(sound === "done" ? [200, 80, 200] : 150);
  if (volume === 0 || typeof AudioContext === "undefined") return;
  audio ??= new AudioContext();
  void audio.resume();
  let at = audio.currentTime;
  for (const [hertz, seconds] of TONES[sound]) {
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    tone.frequency.value = hertz;
    loud.gain.setValueAtTime(volume, at);
    loud.gain.exponentialRampToValueAtTime(0.001, at + seconds);
    tone.connect(loud).connect(audio.destination);
    tone.start(at);
    tone.stop(at + seconds);
    at += seconds;
  }
}

/** Calls something in the browser's own voice, where the coach wants that. */
function call(words: string): void {
  if (!read().voice || !words || typeof speechSynthesis === "undefined") return;
  const said = new SpeechSynthesisUtterance(words);
  said.lang = "en";
  said.volume = read().volume;
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
}

/** What is called when a stretch begins. */
function callOf(part: StepPart, before: StepPart | undefined): string {
  if (part.kind === "rest") return "Rest";
  if (part.side === 2 && before?.side === 1) return "Other side";
  return part.says;
}

/** The moments of a step that are heard: three, two, one before the end of each stretch, the changes, the end. Seconds since it began. */
export function soundsOf(
  parts: readonly StepPart[],
  next: string | null,
): { at: number; sound: Sound; call: string }[] {
  let until = 0;
  return parts.flatMap((part, i) => {
    until += part.seconds;
    const end = until;
    const following = parts[i + 1];
    // Short stretches, as of contractions, are not counted down.
    const counted =
      part.seconds >= 8 ? [3, 2, 1].map((s) => ({ at: end - s, sound: "tick" as const, call: "" })) : [];
    return [
      ...counted,
      following
        ? { at: end, sound: "change" as const, call: callOf(following, part) }
        : { at: end, sound: "done" as const, call: next ? `Next: ${next}` : "Done" },
    ];
  });
}

/** What is too long ago is not heard any more, as after a night of sleep. Seconds. */
const TOO_LATE = 1;

/** Plays what is to be heard of a step when its moment comes. */
export function useStepSounds(
  parts: readonly StepPart[],
  into: number,
  next: string | null,
  isOn: boolean,
): void {
  const before = useRef<number | null>(null);
  useEffect(() => {
    const since = before.current;
    before.current = into;
    if (!isOn || since === null || into < since) return;
    for (const { at, sound, call: words } of soundsOf(parts, next)) {
      if (at <= since || at > into || into - at > TOO_LATE) continue;
      play(sound);
      call(words);
    }
  }, [parts, into, next, isOn]);
}

/** Keeps the screen on while a session runs, where the browser allows it. */
export function useScreenOn(isOn: boolean): void {
  useEffect(() => {
    if (!isOn || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async () => {
      if (document.visibilityState !== "visible" || isOver) return;
      lock = await navigator.wakeLock.request("screen").catch(() => null);
      if (isOver) void lock?.release();
    };
    void hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      isOver = true;
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, [isOn]);
}
