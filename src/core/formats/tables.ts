import * as v from "valibot";
import { between, id, list, name } from "./basics";
import { ANIMAL_JOBS } from "../recipe/lines/animals";
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { STEP_KINDS } from "../process/registry";
import { SALT_TARGETS, type SaltTarget } from "../models/salt";

/** Shapes of the tables that ship as data: whoever adds a row is told by a test what is wrong with it. */

const bite = between(0, 10);
const setting = v.union([v.number(), v.string(), v.boolean(), v.null()]);
const ChainSchema = v.pipe(
  list(
    v.strictObject({
      kind: v.picklist(STEP_KINDS),
      adds: list(v.strictTuple([v.union([id, v.literal("@batter")]), between(0, 2000)]), 20),
      with: v.record(v.string(), setting),
    }),
    20,
  ),
  v.minLength(1, "has no step"),
);
/** A row of `swap/routes.json`: grams are per 100 g of the route's main food. */
export const RouteRowSchema = v.strictObject({
  id,
  name,
  how: name,
  food: id,
  bulk: v.picklist(["mince", "strips", "whole"]),
  salt: v.picklist(Object.keys(SALT_TARGETS) as SaltTarget[]),
  waitsMin: between(0, 1440),
  forms: v.pipe(list(v.picklist(MEAT_FORMS), MEAT_FORMS.length), v.minLength(1, "takes no form")),
  kinds: v.nullable(list(v.picklist(MEAT_KINDS), MEAT_KINDS.length)),
  bite: v.strictTuple([bite, bite, bite, bite, bite, bite, bite, bite]),
  from: v.picklist(["table", "house"]),
  honest: v.boolean(),
  littleProtein: v.boolean(),
  steps: ChainSchema,
  second: v.nullable(v.strictObject({ name, steps: ChainSchema })),
});

/** Names are written as they are heard on a line: without capitals, one of a thing. */
const Names = v.pipe(
  list(v.pipe(v.string(), v.minLength(2), v.regex(/^\S+(?: \S+)*$/, "has spaces too many")), 400),
  v.minLength(1, "names nothing"),
  v.check((names) => new Set(names).size === names.length, "names something twice"),
);
/** `recipe/lines/animals.json`: what comes of an animal by its job, meats by their kind, and what only sounds like them. */
export const AnimalsSchema = v.strictObject({
  products: v.strictObject(Object.fromEntries(ANIMAL_JOBS.map((job) => [job, Names]))),
  meats: v.strictObject(Object.fromEntries(MEAT_KINDS.map((kind) => [kind, Names]))),
  soundsLike: Names,
  formNames: Names,
});
