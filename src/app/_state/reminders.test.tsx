import { act, renderHook, waitFor } from "@testing-library/react";
import { useReminders, useTold } from "./reminders";

const told: string[] = [];
class Device {
  static permission: NotificationPermission = "default";
  static requestPermission = jest.fn(() => {
    Device.permission = "granted";
    return Promise.resolve(Device.permission);
  });
  constructor(says: string) {
    told.push(says);
  }
}
const look = (at: DocumentVisibilityState) =>
  Object.defineProperty(document, "visibilityState", { configurable: true, get: () => at });

beforeEach(() => {
  told.length = 0;
  Device.permission = "default";
  Object.assign(globalThis, { Notification: Device });
  look("hidden");
});
afterAll(() => {
  Reflect.deleteProperty(globalThis, "Notification");
  look("visible");
});

test("it is asked once, by a press; where it cannot be asked nothing is offered", async () => {
  const { result, unmount } = renderHook(() => useReminders());
  act(() => result.current?.());
  await waitFor(() => expect(result.current).toBeNull());
  expect(Device.requestPermission).toHaveBeenCalledTimes(1);
  unmount();
  Reflect.deleteProperty(globalThis, "Notification");
  expect(renderHook(() => useReminders()).result.current).toBeNull();
});
test("what comes up is told once, only where it is allowed and the page is out of sight", async () => {
  const { rerender } = renderHook(({ news }) => useTold(news), { initialProps: { news: ["a"] } });
  await act(async () => Promise.resolve());
  expect(told).toEqual([]);
  Device.permission = "granted";
  rerender({ news: ["a", "b"] });
  await waitFor(() => expect(told).toEqual(["b"]));
  rerender({ news: ["b", "a"] });
  look("visible");
  rerender({ news: ["c"] });
  await act(async () => Promise.resolve());
  look("hidden");
  // Stopped and over again, it is told again.
  rerender({ news: ["b"] });
  await waitFor(() => expect(told).toEqual(["b", "b"]));
});
test("where an app is kept, its worker tells", async () => {
  Device.permission = "granted";
  const showNotification = jest.fn(() => Promise.resolve());
  Object.assign(navigator, {
    serviceWorker: { getRegistration: () => Promise.resolve({ active: {}, showNotification }) },
  });
  renderHook(() => useTold(["over"]));
  await waitFor(() => expect(showNotification).toHaveBeenCalledWith("over", { tag: "over" }));
  expect(told).toEqual([]);
  Reflect.deleteProperty(navigator, "serviceWorker");
});
