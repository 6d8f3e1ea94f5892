import { screen } from "@testing-library/react";
import { show } from "../__tests__/support";
import { describeExportDue, describeLastExport, describePersisted } from "@/words/safekeeping";
import { describeTrouble, describeUnstored } from "@/words/troubles";
import { TroubleBar } from "./TroubleBar";
import { stored, troublesNow, tryAllAgain } from "./troubleQueue";

const full = Object.assign(new Error("x"), { name: "QuotaExceededError" });

test("a write that fails is told, goes on only when it is stored, and can be tried again", async () => {
  let room = false;
  const write = jest.fn(() => (room ? Promise.resolve() : Promise.reject(full)));
  let done = false;
  const waiting = stored("Rename dish", write).then(() => (done = true));
  await new Promise((r) => setTimeout(r));
  expect(done).toBe(false);
  expect(troublesNow().map((t) => t.what)).toEqual(["Rename dish"]);
  const onSave = jest.fn();
  const { user } = show(<TroubleBar notes={null} onSave={onSave} />);
  expect(screen.getByRole("alert")).toHaveTextContent("Not stored yet: Rename dish");
  expect(screen.getByRole("alert")).toHaveTextContent("no room left");
  await user.click(screen.getByRole("button", { name: "Save a copy to a file" }));
  expect(onSave).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole("button", { name: "Try again" }));
  expect(done).toBe(false);
  room = true;
  await user.click(screen.getByRole("button", { name: "Try again" }));
  await waiting;
  expect([done, troublesNow().length, write.mock.calls.length]).toEqual([true, 0, 3]);
  expect(screen.queryByRole("alert")).toBeNull();
});
test("several are tried in the order in which they were done; what works is told no more", async () => {
  const order: string[] = [];
  let room = false;
  const write = (name: string) => () => {
    if (!room) return Promise.reject(full);
    order.push(name);
    return Promise.resolve();
  };
  const all = Promise.all([stored("a", write("a")), stored("b", write("b"))]);
  await new Promise((r) => setTimeout(r));
  room = true;
  await tryAllAgain();
  await all;
  expect([order, troublesNow()]).toEqual([["a", "b"], []]);
});
test("what was done later is never stored before what failed first", async () => {
  const order: string[] = [];
  let room = false;
  const write = (name: string, fits: () => boolean) => () => {
    if (!fits()) return Promise.reject(full);
    order.push(name);
    return Promise.resolve();
  };
  const first = stored(
    "older",
    write("older", () => room),
  );
  await new Promise((r) => setTimeout(r));
  const second = stored(
    "newer",
    write("newer", () => true),
  );
  await new Promise((r) => setTimeout(r));
  expect([order, troublesNow().map((t) => t.what)]).toEqual([[], ["older", "newer"]]);
  room = true;
  await stored(
    "newest",
    write("newest", () => true),
  );
  await Promise.all([first, second]);
  expect([order, troublesNow()]).toEqual([["older", "newer", "newest"], []]);
});
test("each trouble says what to do; the error inside counts", () => {
  const of = (name: string, inner?: string) => describeTrouble({ name, ...(inner ? { inner: { name: inner } } : {}) });
  expect(of("AbortError", "QuotaExceededError")).toContain("no room");
  expect(of("VersionError")).toContain("newer Jade Pan");
  expect(of("DatabaseClosedError")).toContain("Reload");
  expect(of("DatabaseClosedError", "MissingAPIError")).toContain("private window");
  expect(describeTrouble(new Error("?"))).toContain("save a copy");
  expect(describeUnstored(["Add a step", "b", "c"])).toContain("Add a step and 2 more");
});
test("the last export, and when one is due", () => {
  const day = 24 * 3_600_000;
  const last = (days: number | null, cookingsSince: number) => ({
    at: days === null ? null : 100 * day - days * day,
    now: 100 * day,
    cookingsSince,
  });
  expect(describeLastExport(last(null, 0))).toBe("Not exported yet.");
  expect(describeLastExport(last(null, 2))).toBe("Not exported yet; 2 cookings so far.");
  expect(describeLastExport(last(0, 0))).toBe("Last export today, nothing cooked since.");
  expect(describeLastExport(last(12, 3))).toBe("Last export 12 days ago, 3 cookings since.");
  expect([last(null, 4), last(29, 1), last(31, 0)].map(describeExportDue)).toEqual([null, null, null]);
  expect(describeExportDue(last(null, 5))).toContain("5 cookings lie in this browser alone");
  expect(describeExportDue(last(31, 1))).toContain("1 cooking lies");
  expect([true, false, null].map(describePersisted).every((s) => s.endsWith("."))).toBe(true);
});
