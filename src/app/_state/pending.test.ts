import type { Edit } from "@/data/edits";
import { begin, dropWritten, pendingNow, pendingRow, withPending, written } from "./pending";

const rows = [
  { id: "a", n: 1 },
  { id: "b", n: 1 },
];
const put = (id: string, n: number): Edit => ({ table: "dishes", id, row: { id, n } as never });
const out = (id: string): Edit => ({ table: "dishes", id, row: null });
const shown = () => withPending(rows, "dishes", pendingNow());
/** Each test begins with nothing on its way. */
afterEach(() => {
  written([...pendingNow().values()].map((p) => p.edit));
  dropWritten(() => true);
});

test("an edit is there at once: changed, added, gone; other tables don't see it", () => {
  expect(shown()).toBe(rows);
  begin([put("a", 2), put("c", 3), out("b")]);
  expect(shown()).toEqual([
    { id: "a", n: 2 },
    { id: "c", n: 3 },
  ]);
  expect(withPending(rows, "eaters", pendingNow())).toBe(rows);
  expect(pendingRow(pendingNow(), "dishes", "b")).toBeNull();
  expect(pendingRow(pendingNow(), "dishes", "x")).toBeUndefined();
});
test("written, it stays until the store is read again; unwritten, it stays", () => {
  const [first, second] = [put("a", 2), put("b", 2)];
  begin([first]);
  begin([second]);
  dropWritten(() => true);
  expect(shown()).toEqual([
    { id: "a", n: 2 },
    { id: "b", n: 2 },
  ]);
  written([first]);
  expect(shown()[0]).toEqual({ id: "a", n: 2 });
  dropWritten(() => true);
  expect(shown()).toEqual([
    { id: "a", n: 1 },
    { id: "b", n: 2 },
  ]);
});
test("a second edit on top of the first is not dropped when the first is written", () => {
  const first = put("a", 2);
  begin([first]);
  begin([put("a", 3)]);
  written([first]);
  dropWritten(() => true);
  expect(shown()[0]).toEqual({ id: "a", n: 3 });
});
test("what is not written yet stays shown, however often the store is read", () => {
  begin([put("a", 2)]);
  dropWritten(() => true);
  dropWritten(() => true);
  expect(shown()[0]).toEqual({ id: "a", n: 2 });
});

test("a read of one table drops nothing of another", () => {
  const edit = put("a", 2);
  begin([edit]);
  written([edit]);
  dropWritten((table) => table === "suppers");
  expect(shown()[0]).toEqual({ id: "a", n: 2 });
  dropWritten((table) => table === "dishes");
  expect(shown()[0]).toEqual({ id: "a", n: 1 });
});
