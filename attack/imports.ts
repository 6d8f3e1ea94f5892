import "fake-indexeddb/auto";
import { type AllergenState, stricter } from "@/core/foods/allergens";
import { broughtIn } from "@/core/formats/bringIn";
import {
  type Household,
  type HouseholdFile,
  readHousehold,
  writeCheckedHousehold,
  writeHousehold,
} from "@/core/formats/household";
import { openBook } from "@/core/foods/book";
import { labelsOnce } from "@/core/formats/labelsOnce";
import { Changes } from "@/data/changes";
import { JadePanDb } from "@/data/db";
import { editsFor, editsToClear, readAll } from "@/data/household";
import { demoHousehold } from "@/app/_state/demo";
import { bent, type Dice, torn } from "./chance";
import { type Row, Tally } from "./report";

const NOW = Date.parse("2026-11-27T12:00:00Z");
const WHEN = "2026-11-27T12:00:00.000Z";
/** A household with everything in it, and labels that matter. */
function household(): Household {
  const demo = demoHousehold(NOW, "Europe/Dublin");
  const label = (food: string, allergen: string, state: string) => ({
    id: `${food}.${allergen}`,
    food,
    allergen,
    state,
  });
  return {
    ...demo,
    labels: [label("tamari", "gluten", "contains"), label("oat-cream", "gluten", "free")],
  } as unknown as Household;
}
type Said = { readonly id: string; readonly state?: AllergenState };

/** What goes wrong when this text is brought into a household with these labels; null where nothing does. */
async function faultOf(text: string, here: Household, how: "copies" | "replace", n: number): Promise<string | null> {
  const read = readHousehold(text);
  if (!read.ok) return null;
  const db = new JadePanDb(`attack-${n}`);
  try {
    await new Changes(db).apply("Here", editsFor(here));
    const changes = new Changes(db);
    const before = writeHousehold(await readAll(db), WHEN);
    const brought = broughtIn(await readAll(db), read.value as HouseholdFile, how, new Set(), "~new");
    const cleared = how === "replace" ? await editsToClear(db) : [];
    await changes.apply("Import", [...cleared, ...editsFor(brought)]);
    const now = await readAll(db);
    const { aside } = writeCheckedHousehold(now, WHEN);
    if (aside.length > 0) return `what was brought in cannot be exported: ${aside[0]?.why}`;
    if (how === "copies")
      for (const label of here.labels as readonly Said[]) {
        const kept = (now.labels as readonly Said[]).find((l) => l.id === label.id);
        if (label.state && (!kept?.state || stricter(label.state, kept.state) !== kept.state))
          return `the label ${label.id} became weaker`;
      }
    await changes.undo();
    return writeHousehold(await readAll(db), WHEN) === before ? null : "taken back, the household is not what it was";
  } finally {
    db.close();
    await db.delete();
  }
}

/** Files that were damaged on their way, by hand or by chance: refused by name, or brought in whole and taken back whole. */
export async function imports(dice: Dice, count: number): Promise<Row[]> {
  const tally = new Tally("damaged household files");
  const here = household();
  const text = writeHousehold(here, WHEN);
  const data: unknown = JSON.parse(text);
  let taken = 0;
  for (let n = 0; n < count; n++) {
    const damaged = dice.next() < 0.3 ? torn(text, dice) : JSON.stringify(bent(data, dice));
    const how = dice.one(["copies", "replace"] as const);
    const fault = await faultOf(damaged, here, how, n).catch(
      (e: unknown) => `an exception: ${String(e).slice(0, 120)}`,
    );
    if (readHousehold(damaged).ok) taken++;
    tally.note(fault);
  }
  return [
    tally.row(`${taken} could be read and were brought in and taken back whole, the others were refused by name`),
  ];
}

const SPOKEN_OF = ["tamari", "oat-cream", "stock", "miso"] as const;
const STATES = ["contains", "may", "free"] as const;
/** Backups of other days, with labels that are missing, older, or under other ids: none weakens what was read here, unasked. */
export function restores(dice: Dice, count: number): Row {
  const tally = new Tally("restored backups");
  const demo = household();
  const label = () => {
    const [food, allergen] = [dice.one(SPOKEN_OF), dice.one(["gluten", "soy", "milk"] as const)];
    return { id: dice.one([`${food}.${allergen}`, `label-${dice.below(9)}`]), food, allergen, state: dice.one(STATES) };
  };
  const labels = () =>
    [...new Map(Array.from({ length: dice.below(6) }, label).map((l) => [l.id, l])).values()] as Household["labels"];
  for (let n = 0; n < count; n++) {
    const here: Household = { ...demo, labels: labelsOnce(labels()) };
    const read = readHousehold(writeHousehold({ ...demo, labels: labels() }, WHEN));
    const how = dice.one(["copies", "replace"] as const);
    if (!read.ok) {
      tally.note(`refused: ${JSON.stringify(read.failure)}`);
      continue;
    }
    const after = broughtIn(here, read.value, how, new Set(), "~new");
    const now = openBook({
      foods: [],
      labels: how === "copies" ? labelsOnce([...here.labels, ...after.labels]) : after.labels,
    });
    const weaker = here.labels.find(
      (l) =>
        "state" in l &&
        stricter(now.food(l.food)?.allergens[l.allergen] ?? "free", l.state) !==
          (now.food(l.food)?.allergens[l.allergen] ?? "free") &&
        l.state !== "free",
    );
    tally.note(weaker === undefined ? null : `${how}: the label ${weaker.id} became weaker`);
  }
  return tally.row("nothing that was read here became weaker unasked");
}
