import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { editStep } from "@/core/dish/edit";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { FOODS } from "@/core/foods/table";
import { openApi } from "@/core/formats/openapi";
import { plan, type PlanInput } from "@/core/plan";
import { heavy as HEAVY } from "@/core/schedule/__tests__/heavy";
import { closePool, laneOf, workOut } from "./pool";
import { GET as getPlan, POST as postPlan } from "./plan/route";
import { POST as postConvert } from "./convert/route";
import { POST as postSwap } from "./swap/route";
import { POST as postSchedule } from "./schedule/route";

// The threads run what the build bundles.
beforeAll(() => execFileSync("node", ["scripts/jobs.mjs"]));
afterAll(closePool);

const input: PlanInput = {
  supper: demoSupper("2026-11-29T19:00:00.000Z"),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
};
const send = (post: (r: Request) => Promise<Response>, body: unknown) =>
  post(
    new Request("http://local/", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: typeof body === "string" ? body : JSON.stringify(body),
    }),
  );

test("the plan over HTTP is the plan, and its tasks make a schedule", async () => {
  const two = { ...input, supper: { ...input.supper, dishes: DEMO_DISHES.slice(0, 2) } };
  const response = await send(postPlan, two);
  expect(response.status).toBe(200);
  const body = await response.json();
  const direct = JSON.parse(JSON.stringify(plan(two)));
  expect(body.perEater).toEqual(direct.perEater);
  expect(body.tasks).toEqual(direct.tasks);
  expect(body.ranges).toBeNull();
  const { tasks, lags, apart, budgets, capacities, ovens } = body;
  expect(budgets.length).toBeGreaterThan(0);
  const scheduled = await send(postSchedule, {
    tasks,
    lags,
    apart,
    budgets,
    capacities,
    ovens,
    blocked: [],
    horizonMin: 2880,
    nodes: 5000,
  });
  expect((await scheduled.json()).kind).toBe("fits");
});
test.each(DEMO_DISHES.map((d) => [d.id, d] as const))(
  "%s goes over HTTP with every kind of step",
  async (_id, dish) => {
    const body = await (await send(postPlan, { ...input, supper: { ...input.supper, dishes: [dish] } })).json();
    expect(body.blocked).toBe(0);
    expect(body.dishes[0].parts.every((p: { endG: number }) => p.endG > 0)).toBe(true);
  },
);
test("a step that cannot be done is a reason in the answer, and the rest is computed", async () => {
  const torn = DEMO_DISHES.find((d) => d.id === "torn-filling") as (typeof DEMO_DISHES)[number];
  const dish = editStep(torn, "torn-thaw", (s) => (s.kind === "thaw" ? { ...s, minutes: 300 } : s));
  const body = await (await send(postPlan, { ...input, supper: { ...input.supper, dishes: [dish] } })).json();
  const [main, dressing] = body.dishes[0].parts;
  expect(main.rows.find((r: { state: string }) => r.state === "blocked").failure).toEqual({ kind: "still-frozen" });
  expect(dressing.endG).toBeGreaterThan(100);
});
test("ranges come when asked for", async () => {
  const body = await (await send(postPlan, { ...input, samples: 20 })).json();
  expect(body.ranges["mustard-strips.strips-squeeze"].massG.low).toBeGreaterThan(300);
});
test.each([
  ["{ nope", 400, undefined],
  [{ ...input, kitchen: { ...DEMO_KITCHEN, cooks: 1 } }, 422, "kitchen/cooks"],
  [{ ...input, supper: { ...input.supper, serveAt: "at seven" } }, 422, "supper/serveAt"],
  [{ ...input, samples: 1e6 }, 422, "samples"],
  [{ ...input, surprise: 1 }, 422, "surprise"],
  [
    { ...input, foods: [{ ...FOODS[1], per100: { ...FOODS[1]?.per100, proteinG: 80, carbohydrateG: 60 } }] },
    422,
    "foods/0/per100",
  ],
  [
    {
      ...input,
      supper: {
        ...input.supper,
        dishes: [
          editStep(DEMO_DISHES[0] as never, "strips-weigh", (s) => ({
            ...s,
            adds: [{ kind: "food", food: "soy-strips", massG: -5 }],
          })),
        ],
      },
    },
    422,
    "supper/dishes/0/parts/0/steps/0/adds/0/massG",
  ],
  [{ ...input, foods: Array.from({ length: 501 }, () => FOODS[0]) }, 422, "foods"],
])("bad input %# is a problem document that names the field", async (body, status, field) => {
  const response = await send(postPlan, body);
  expect(response.status).toBe(status);
  expect(response.headers.get("content-type")).toBe("application/problem+json");
  const problem = await response.json();
  expect(problem.field).toBe(field);
  expect(problem.detail.length).toBeGreaterThan(10);
});
test("too many bytes are refused, and a lag to nowhere is a contradiction", async () => {
  expect((await send(postPlan, `"${"x".repeat(5_000_001)}"`)).status).toBe(413);
  const lost = {
    tasks: [],
    lags: [{ from: "a", to: "serve", minMin: 0, maxMin: null }],
    apart: [],
    capacities: {},
    blocked: [],
    horizonMin: 10,
    nodes: 10,
  };
  expect((await send(postSchedule, lost)).status).toBe(422);
});
test("the description names its doors and a request schema each", () => {
  const described = openApi();
  expect(Object.keys(described.paths)).toEqual(["/api/v1/plan", "/api/v1/swap", "/api/v1/convert", "/api/v1/schedule"]);
  expect(JSON.stringify(described.paths["/api/v1/plan"])).toContain("#/components/schemas/Supper");
  expect(JSON.stringify(described.components.schemas.Dish)).toContain("waitsForTableMin");
});

test("the swap of the documentation answers, and each of its dishes gives the same figures as a plan", async () => {
  const example = /```json swap\n([\s\S]*?)```/.exec(readFileSync("docs/api.md", "utf8"))?.[1] ?? "";
  const asked = JSON.parse(example) as { table: { supper: object; kitchen: object; eaters: object[] } };
  const body = await (await send(postSwap, asked)).json();
  const fit = body.cards.filter((c: { out: unknown[] }) => c.out.length === 0);
  expect(fit.length).toBeGreaterThan(2);
  const { supper, kitchen, eaters } = asked.table;
  const of = { ...supper, dishes: [fit[0].dish] };
  const planned = await (await send(postPlan, { supper: of, kitchen, eaters, foods: [], log: [] })).json();
  expect(planned.perEater.proteinG).toBe(fit[0].proteinG);
  expect(planned.perEater.saltG).toBe(fit[0].saltG);
  // Ada must not eat soy: what is certain is out, by name.
  expect(body.cards.find((c: { id: string }) => c.id === "soy-strips-seared").out[0]).toMatchObject({
    kind: "contains",
    allergen: "soy",
  });
});
test.each([
  [{ ask: { form: "slab" } }, "ask/form"],
  [{ ask: { rawG: 0 } }, "ask/rawG"],
  [{ ask: { rawG: "much" } }, "ask/rawG"],
])("a senseless swap is refused by its field (%#)", async (wrong, field) => {
  const example = JSON.parse(/```json swap\n([\s\S]*?)```/.exec(readFileSync("docs/api.md", "utf8"))?.[1] ?? "");
  const response = await send(postSwap, { ...example, ask: { ...example.ask, ...wrong.ask } });
  expect(response.status).toBe(422);
  expect((await response.json()).field).toBe(field);
});

const exampleOf = (name: string) =>
  JSON.parse(
    new RegExp(`\`\`\`json ${name}\\n([\\s\\S]*?)\`\`\``).exec(readFileSync("docs/api.md", "utf8"))?.[1] ?? "",
  );
test("the recipe of the documentation is turned over into a dish that plans", async () => {
  const { table } = exampleOf("swap");
  const body = await (await send(postConvert, { ...exampleOf("convert"), table })).json();
  expect(body.recipe).toMatchObject({ name: "Pork and bean pot", servings: 2 });
  expect(body.settled.map((s: { state: string }) => s.state)).toEqual([
    "meat",
    "kept",
    "kept",
    "replaced",
    "replaced",
    "left-out",
  ]);
  expect(body.dish.parts[0].route.id).toBe("soy-chunks-seared");
  const { supper, kitchen, eaters } = table;
  const of = { ...supper, eaters: ["ada"], guests: 1, dishes: [body.dish] };
  const planned = await (await send(postPlan, { supper: of, kitchen, eaters, foods: body.own, log: [] })).json();
  expect(
    planned.dishes[0].parts.every((p: { rows: { state: string }[] }) => p.rows.every((r) => r.state === "computed")),
  ).toBe(true);
  // Soy stands in the verdict of the one who must not eat it, though it was chosen.
  expect(planned.verdicts[0].verdict).toBe("contains");
});
test.each([
  [{ text: "" }, 200, "empty"],
  [{ text: "nothing that is food" }, 200, "no-ingredients"],
  [{ text: "x".repeat(100_001) }, 422, "text"],
  [{ text: 5 }, 422, "text"],
  [{ decisions: { lines: { "1": { massG: -2 } } } }, 422, "decisions/lines/1/massG"],
  [{ decisions: { servings: 0 } }, 422, "decisions/servings"],
])("a senseless recipe is answered or refused by its field (%#)", async (wrong, status, says) => {
  const { table } = exampleOf("swap");
  const response = await send(postConvert, { ...exampleOf("convert"), table, ...wrong });
  const body = await response.json();
  expect([response.status, body.kind ?? body.field]).toEqual([status, says]);
});

test.each(["oven", "waits", "burners", "contradiction"])(
  "the clock answers the documentation's %s as it stands there",
  async (name) => {
    const response = await send(postSchedule, exampleOf(`schedule-${name}`));
    expect([response.status, await response.json()]).toMatchObject([200, exampleOf(`schedule-${name}-answer`)]);
  },
);

describe("what is refused before any work is done", () => {
  const ask = (headers: Record<string, string>, body: BodyInit = JSON.stringify(input)) =>
    postPlan(new Request("http://local/", { method: "POST", headers, body, duplex: "half" } as RequestInit));
  test("a body that does not say it is JSON, as a form of another page would send it", async () => {
    for (const type of ["text/plain", "application/x-www-form-urlencoded", "application/jsonx"])
      expect((await ask({ "content-type": type })).status).toBe(415);
    for (const type of ["application/json", "application/json; charset=utf-8", "application/problem+json"])
      expect((await ask({ "content-type": type })).status).toBe(200);
  });
  test("a page of another address; one of this address is answered", async () => {
    const json = { "content-type": "application/json" };
    expect((await ask({ ...json, origin: "http://elsewhere.example" })).status).toBe(403);
    expect((await ask({ ...json, origin: "null" })).status).toBe(403);
    expect((await ask({ ...json, origin: "http://local" })).status).toBe(200);
  });
  test("another method says which one, as a problem document", async () => {
    const response = getPlan();
    expect([response.status, response.headers.get("allow")]).toEqual([405, "POST"]);
    expect(await response.json()).toMatchObject({ type: "/problems/wrong-method", detail: "Use POST." });
  });
  test("an endless body is not read to its end", async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent++;
        controller.enqueue(new Uint8Array(1_000_000).fill(32));
      },
    });
    expect((await ask({ "content-type": "application/json" }, endless)).status).toBe(413);
    expect(sent).toBeLessThan(12);
  });
});

describe("heavy requests", () => {
  const never = new AbortController().signal;
  const heavy = JSON.stringify(HEAVY);
  const light = JSON.stringify({
    tasks: [],
    lags: [],
    apart: [],
    capacities: {},
    blocked: [],
    horizonMin: 10,
    nodes: 1,
  });
  test("are ended in time, and the next one is answered", async () => {
    expect(await workOut("schedule", heavy, never, 0.05)).toMatchObject({ problem: { type: "/problems/too-heavy" } });
    expect(await workOut("schedule", light, never)).toMatchObject({ answer: { status: 200 } });
  });
  test("end when the caller goes, waiting or in work", async () => {
    const [first, second] = [new AbortController(), new AbortController()];
    const work = [workOut("schedule", heavy, first.signal), workOut("schedule", heavy, second.signal)];
    await new Promise((done) => setTimeout(done, 300));
    second.abort();
    first.abort();
    expect(await Promise.all(work)).toEqual(["cut", "cut"]);
    expect(await workOut("schedule", light, AbortSignal.abort())).toBe("cut");
    expect(await workOut("schedule", light, never)).toMatchObject({ answer: { status: 200 } });
  });
  test("what looks small and is not begins anew among the heavy ones; samples, long searches and long texts never look small", async () => {
    expect(laneOf("plan", JSON.stringify(input))).toBe("small");
    expect(laneOf("plan", JSON.stringify({ ...input, samples: 20 }))).toBe("heavy");
    expect(laneOf("plan", "x".repeat(100_000))).toBe("heavy");
    expect(laneOf("schedule", light)).toBe("small");
    expect(laneOf("schedule", JSON.stringify({ ...HEAVY, nodes: 900_000 }))).toBe("heavy");
    expect(laneOf("swap", "{}")).toBe("heavy");
    const disguised = JSON.stringify({ ...HEAVY, nodes: 900_000 }).replace(
      '"nodes":900000',
      '"nodes":1,"nodes":900000',
    );
    expect(laneOf("schedule", disguised)).toBe("small");
    expect(await workOut("schedule", disguised, never, 4)).toMatchObject({ problem: { type: "/problems/too-heavy" } });
    expect(await workOut("schedule", light, never)).toMatchObject({ answer: { status: 200 } });
  }, 30_000);
  test("beyond those that may wait are told to come back, and leave the others alone", async () => {
    const all = new AbortController();
    const waiting = Array.from({ length: 100 }, () => workOut("schedule", heavy, all.signal));
    const turnedAway = await send(postSchedule, HEAVY);
    expect([turnedAway.status, turnedAway.headers.get("retry-after")]).toEqual([503, "10"]);
    expect(await turnedAway.json()).toMatchObject({ type: "/problems/busy" });
    // Small ones have a lane of their own, and a plan is one.
    expect((await send(postSchedule, JSON.parse(light))).status).toBe(200);
    expect((await send(postPlan, input)).status).toBe(200);
    all.abort();
    const came = await Promise.all(waiting);
    expect(came.filter((o) => o === "cut").length).toBeGreaterThanOrEqual(64);
    expect((await send(postSchedule, JSON.parse(light))).status).toBe(200);
  });
});
test("a refusal speaks of the field in plain words, not in those of the checker", async () => {
  const { ask, table } = exampleOf("swap");
  const saysOf = async (body: object) => (await (await send(postSwap, body)).json()).detail;
  expect(await saysOf({ ask: { ...ask, protein: "much" }, table })).toMatch(/^ask\/protein: must be one of \w+, /);
  expect(await saysOf({ ask: { ...ask, extra: 1 }, table })).toBe("ask/extra: is no field that is known here");
  expect(await saysOf({ ask })).toBe("table: is missing");
  expect(await saysOf({ ask, table: { ...table, supper: 5 } })).toBe("table/supper: must be an object");
  expect(await saysOf({ ask, table: { ...table, eaters: 5 } })).toBe("table/eaters: must be a list");
  expect(await saysOf({ ask: { ...ask, words: 5 }, table })).toBe("ask/words: must be text");
  expect(await saysOf({ ask: { ...ask, honestOnly: 5 }, table })).toBe("ask/honestOnly: must be true or false");
});
test.each([
  ["a million empty tasks", `{"tasks":[${"{},".repeat(1_000_000)}{}]}`, 413, undefined],
  ["more resources than any kitchen has", { capacities: of(300) }, 422, "capacities"],
  ["a task that needs them all", { tasks: [{ ...anyTask(), demands: of(300) }] }, 422, "tasks/0/demands"],
  ["tasks of one name", { tasks: [anyTask(), anyTask()], capacities: { hands: 1 } }, 422, "tasks/1/id"],
  ["too many pairs to keep apart", { apart: Array.from({ length: 100 }, () => [ids(50), ids(50)]) }, 422, "apart"],
])("%s are refused before work is spent on them", async (_says, wrong, status, field) => {
  const body =
    typeof wrong === "string"
      ? wrong
      : { tasks: [], lags: [], apart: [], capacities: {}, blocked: [], horizonMin: 10, nodes: 1, ...wrong };
  const response = await send(postSchedule, body);
  expect([response.status, (await response.json()).field]).toEqual([status, field]);
});
function of(n: number): Record<string, number> {
  return Object.fromEntries(ids(n).map((id) => [id, 1]));
}
function ids(n: number): string[] {
  return Array.from({ length: n }, (_, i) => `x${i}`);
}
function anyTask() {
  return { id: "t", step: "t", dish: "d", part: "p", kind: "hands", minutes: 5, demands: { hands: 1 } };
}
