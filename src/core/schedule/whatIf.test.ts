import { DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { plan } from "../plan";
import { scheduleQuestion } from "./question";
import { schedule } from "./schedule";
import { CHANGES, whatIf } from "./whatIf";

const AT = "2026-11-29T19:00:00.000Z";
const planned = plan({
  supper: demoSupper(AT),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
});

test("each change is worked out anew: a helper never begins earlier, slower hands and fewer burners never later", () => {
  const now = schedule(scheduleQuestion(planned, DEMO_KITCHEN, AT));
  const start = now.kind === "fits" ? now.startMin : NaN;
  const answers = new Map(whatIf(planned, DEMO_KITCHEN, AT).map((a) => [a.change, a]));
  expect([...answers.keys()]).toEqual([...CHANGES]);
  const of = (change: (typeof CHANGES)[number]) => answers.get(change)?.startMin ?? -Infinity;
  expect(of("helper")).toBeGreaterThanOrEqual(start);
  expect(of("longer-hands")).toBeLessThan(start);
  expect(of("burner-less")).toBeLessThanOrEqual(start);
  // An hour later the same work begins an hour later, as long as nobody sleeps or is away meanwhile.
  expect(of("hour-later")).toBe(start + 60);
  expect(of("hour-earlier")).toBeLessThanOrEqual(start - 60 + 1);
});
test("a kitchen with one burner is not asked to do without", () => {
  const one = { ...DEMO_KITCHEN, burners: DEMO_KITCHEN.burners.slice(0, 1) };
  expect(whatIf(planned, one, AT).map((a) => a.change)).not.toContain("burner-less");
});
