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
  const last = (days: number | null, cookingsSince: number, changesSince = 0, putAway = false) => ({
    at: days === null ? null : 100 * day - days * day,
    now: 100 * day,
    cookingsSince,
    changesSince,
    putAway,
  });
  expect(describeLastExport(last(null, 0))).toBe("Not exported yet.");
  expect(describeLastExport(last(null, 2))).toBe("Not exported yet; 2 cookings so far.");
  expect(describeLastExport(last(0, 0))).toBe("Last export today, nothing cooked since.");
  expect(describeLastExport(last(12, 3))).toBe("Last export 12 days ago, 3 cookings since.");
  // After ten changes or two cookings, and never again once it was put away.
  expect([last(null, 1, 9), last(29, 1, 0), last(null, 9, 40, true)].map(describeExportDue)).toEqual([
    null,
    null,
    null,
  ]);
  expect(describeExportDue(last(null, 2))).toContain("2 cookings lie in this browser alone");
  expect(describeExportDue(last(31, 0, 10))).toContain("10 changes lie");
  expect([true, false, null].map(describePersisted).every((s) => s.endsWith("."))).toBe(true);
});
test("notes that a full disk refused are told beside what else is not stored, and are tried again from there", async () => {
  const again = jest.fn();
  const { user } = show(<TroubleBar notes={{ count: 6, error: full, onAgain: again }} onSave={jest.fn()} />);
  expect(screen.getByRole("alert")).toHaveTextContent("6 notes of this cooking are not stored yet. Cook on");
  expect(screen.getByRole("alert")).toHaveTextContent("reloading the page now would lose them");
  expect(screen.getByRole("alert")).toHaveTextContent("no room left");
  await user.click(screen.getByRole("button", { name: "Try again" }));
  expect(again).toHaveBeenCalledTimes(1);
  expect(describeTrouble({ name: "ClearedError" })).toContain("cleared in another tab");
});
