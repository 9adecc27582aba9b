"use client";

/** A source of the angle at which a phone lies. */
export interface AngleSensor {
  /** Tells the angle to level, in degrees from 0 to 180, whenever it changes. @returns what ends it. */
  watch: (tell: (angle: number) => void) => () => void;
}

interface AskedSensor {
  requestPermission?: () => Promise<"granted" | "denied">;
}

/** The orientation sensor of the phone itself: how far its long side is lifted from level. */
const deviceSensor: AngleSensor = {
  watch: (tell) => {
    const listen = ({ beta }: DeviceOrientationEvent) => beta !== null && tell(Math.round(Math.abs(beta)));
    window.addEventListener("deviceorientation", listen);
    return () => window.removeEventListener("deviceorientation", listen);
  },
};

/** Every how often a simulated sensor tells, how fast it rises, and where it stays. Milliseconds, degrees. */
const SIMULATED = { everyMs: 50, perTick: 2, most: 62 };

/** Stands in for a phone on a desk and in tests: an arm or leg that is lifted and stays there. */
const simulatedSensor: AngleSensor = {
  watch: (tell) => {
    let angle = 0;
    const timer = setInterval(() => {
      angle = Math.min(SIMULATED.most, angle + SIMULATED.perTick);
      tell(angle);
    }, SIMULATED.everyMs);
    return () => clearInterval(timer);
  },
};

/** The name in the address that asks for the stand-in, as in `?sensor=simulated`. */
const SENSOR_PARAM = "sensor";

/** Whether the page was asked for with the stand-in. */
export const isSimulated = () =>
  new URLSearchParams(window.location.search).get(SENSOR_PARAM) === "simulated";

/** The sensor of this device, asked for where the device wants that; null: it has none, or may not be used. */
export async function openAngleSensor(): Promise<AngleSensor | null> {
  if (isSimulated()) return simulatedSensor;
  if (!("DeviceOrientationEvent" in window)) return null;
  const { requestPermission } = DeviceOrientationEvent as unknown as AskedSensor;
  if (requestPermission && (await requestPermission()) !== "granted") return null;
  return deviceSensor;
}
