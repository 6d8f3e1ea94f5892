import { backSince, jumpBetween } from "./jump";

const HOUR = 3_600_000;
test("a clock that runs with the page does not jump, nor one that is corrected by a little", () => {
  expect(jumpBetween({ wall: 1000, run: 500 }, { wall: 61_000, run: 60_500 })).toBe(0);
  expect(jumpBetween({ wall: 1000, run: 500 }, { wall: 59_000, run: 60_500 })).toBe(0);
});
test("set back and set forward by an hour within a second", () => {
  expect(jumpBetween({ wall: 2 * HOUR, run: 0 }, { wall: HOUR + 1000, run: 1000 })).toBe(-HOUR);
  expect(jumpBetween({ wall: 2 * HOUR, run: 0 }, { wall: 3 * HOUR + 1000, run: 1000 })).toBe(HOUR);
});
test("a note from the future says that the clock went back", () => {
  expect(backSince(10 * HOUR, 9 * HOUR)).toBe(-HOUR);
  expect(backSince(9 * HOUR, 10 * HOUR)).toBe(0);
  expect(backSince(9 * HOUR + 100_000, 9 * HOUR)).toBe(0);
});
