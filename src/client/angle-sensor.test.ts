import { isSimulated, openAngleSensor } from "./angle-sensor";

const page = (search: string, more: object = {}) =>
  Object.assign(globalThis, { window: { location: { search }, ...more } });

afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, "window");
  Reflect.deleteProperty(globalThis, "DeviceOrientationEvent");
});

test("a simulated sensor rises and stays, and is only there where it is asked for", async () => {
  jest.useFakeTimers();
  page("?sensor=simulated");
  expect(isSimulated()).toBe(true);
  const told: number[] = [];
  const end = (await openAngleSensor())!.watch((angle) => told.push(angle));
  jest.advanceTimersByTime(5000);
  expect(told[0]).toBe(2);
  expect(told.at(-1)).toBe(62);
  expect(told.toSorted((a, b) => a - b)).toEqual(told);
  end();
  const count = told.length;
  jest.advanceTimersByTime(1000);
  expect(told).toHaveLength(count);
  page("?sensor=other");
  expect(isSimulated()).toBe(false);
});

test("a device without the sensor has none", async () => {
  page("");
  expect(await openAngleSensor()).toBeNull();
});

/** A device with the sensor: `ask` is what its browser wants before it is read. */
function device(ask?: () => Promise<"granted" | "denied">) {
  const listeners = new Set<(e: { beta: number | null }) => void>();
  const event = ask ? { requestPermission: ask } : {};
  Object.assign(globalThis, { DeviceOrientationEvent: event });
  page("", {
    DeviceOrientationEvent: event,
    addEventListener: (_: string, listen: (e: { beta: number | null }) => void) => listeners.add(listen),
    removeEventListener: (_: string, listen: (e: { beta: number | null }) => void) =>
      listeners.delete(listen),
  });
  return { tilt: (beta: number | null) => listeners.forEach((l) => void l({ beta })), listeners };
}

test("a phone tells how far it is lifted from level, either way, until it is let go of", async () => {
  const { tilt, listeners } = device();
  const told: number[] = [];
  const end = (await openAngleSensor())!.watch((angle) => told.push(angle));
  tilt(44.6);
  tilt(-30);
  // Where the sensor has nothing to say nothing is told.
  tilt(null);
  expect(told).toEqual([45, 30]);
  end();
  expect(listeners.size).toBe(0);
});

test("a browser that asks may refuse", async () => {
  device(async () => "denied");
  expect(await openAngleSensor()).toBeNull();
  device(async () => "granted");
  expect(await openAngleSensor()).not.toBeNull();
});
