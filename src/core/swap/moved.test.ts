import { movedBetween, ranksOf } from "./moved";

const ranks = (...ids: string[]) =>
  ranksOf(
    ids.map((id) => ({ id: id.replace("-", ""), out: id.startsWith("-") ? [{ kind: "too-slow" } as never] : [] })),
  );

test("places count what is in; what is out has none", () => {
  expect([...ranks("a", "-b", "c")]).toEqual([
    ["a", 1],
    ["b", null],
    ["c", 2],
  ]);
});
test("told is what moved by two places, to the top or from it, or came in; not what only made room", () => {
  const moved = (before: ReturnType<typeof ranks>, after: ReturnType<typeof ranks>) => [...movedBetween(before, after)];
  expect(moved(ranks("a", "b", "c", "e", "f"), ranks("e", "a", "b", "c", "f"))).toEqual([
    ["e", { was: 4, is: 1 }],
    ["a", { was: 1, is: 2 }],
  ]);
  expect(moved(ranks("a", "b", "-c"), ranks("a", "c", "b"))).toEqual([["c", { was: null, is: 2 }]]);
  expect(moved(ranks("a", "b", "c", "e"), ranks("a", "e", "b", "c"))).toEqual([["e", { was: 4, is: 2 }]]);
  // What went out says its reason itself; what was not there before moved nowhere.
  expect(moved(ranks("a", "b"), ranks("a", "-b", "n"))).toEqual([]);
});
