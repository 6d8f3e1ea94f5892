import * as v from "valibot";
import { descriptorOf } from "../process/registry";
import { processOf } from "../foods/process";
import { FOODS } from "../foods/table";
import animals from "../recipe/lines/animals.json";
import routes from "../swap/routes.json";
import { AnimalsSchema, RouteRowSchema } from "./tables";

const foods = new Set(FOODS.map((f) => f.id));

describe("tables that ship as data", () => {
  test.each(routes.map((row) => [row.id, row] as const))("the route %s is a row of its schema", (_, row) => {
    expect(v.safeParse(RouteRowSchema, row).issues?.map((i) => `${v.getDotPath(i)}: ${i.message}`)).toBeUndefined();
    expect(foods).toContain(row.food);
    expect(processOf(row.food)).toBeDefined();
    for (const step of [...row.steps, ...(row.second?.steps ?? [])]) {
      for (const [food] of step.adds) if (food !== "@batter") expect(foods).toContain(food);
      // A route sets what its step has, and nothing else; `fit` asks that pieces lie covered.
      const known = [...Object.keys(descriptorOf(step.kind).fields), "fit", "lid"];
      for (const setting of Object.keys(step.with)) expect(known).toContain(setting);
    }
  });
  test("no two routes have one id", () => expect(new Set(routes.map((r) => r.id)).size).toBe(routes.length));
  test("a row that is wrong is told by its field", () => {
    const row = { ...routes[0], steps: [{ kind: "soar", adds: [], with: {} }] };
    const issue = v.safeParse(RouteRowSchema, row).issues?.[0];
    expect(issue && v.getDotPath(issue)).toBe("steps.0.kind");
  });

  test("names of animals are of their schema", () => {
    expect(v.safeParse(AnimalsSchema, animals).issues).toBeUndefined();
    expect(v.safeParse(AnimalsSchema, { ...animals, soundsLike: ["butter  bean"] }).success).toBe(false);
    expect(v.safeParse(AnimalsSchema, { ...animals, formNames: ["steak", "steak"] }).success).toBe(false);
  });
});
