"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import type { HowToBringIn, Overruled } from "@/core/formats/bringIn";
import type { HouseholdFile } from "@/core/formats/household";
import { LARGEST_FILE } from "@/core/formats/upgrades";
import type { Food, FoodLookup } from "@/core/foods/food";
import { type CookingRow, db } from "@/data/db";
import { copiesDb, copiesKept, textOf } from "@/data/copies";
import { editsFor, editsToClear, readAll } from "@/data/household";
import { ownFood } from "@/core/foods/own";
import { FoodShelf } from "@/ui/foods/FoodShelf";
import { Backup } from "@/ui/kitchen/Backup";
import { KitchenForm } from "@/ui/kitchen/KitchenForm";
import { Recent } from "@/ui/kitchen/Recent";
import { notify } from "@/ui/frame/noticeQueue";
import { describeBroughtBack } from "@/ui/wording/clearing";
import {
  describeCopy,
  describeLastExport,
  describePersisted,
  describeRows,
  describeSetAside,
} from "@/ui/wording/safekeeping";
import { writeDay } from "@/ui/wording/time";
import { localTime } from "@/core/calendar/localTime";
import {
  type ClashWords,
  HOW_SAYS,
  describeFile,
  describeFileFailure,
  describeFileTrouble,
  describeLabelClash,
  describeLogClash,
} from "@/ui/wording/files";
import { foodName } from "@/ui/wording/words";
import { computing } from "@/workers/client";
import { useDrawnInSlices } from "./first";
import { clear, loadDemo } from "./house";
import { download } from "./download";
import { useOnce } from "./once";
import { noteExport, useLastExport, usePersisted } from "./safekeeping";
import {
  browserZone,
  change,
  changes,
  edited,
  newId,
  put,
  remove,
  saveKitchen,
  useFoods,
  useHistory,
  useHouse,
  useNow,
  undo,
  undoAction,
} from "./store";

const NO_COOKINGS: readonly CookingRow[] = [];
const NO_COPIES: Awaited<ReturnType<typeof copiesKept>> = [];

export function KitchenPage() {
  const house = useHouse();
  const [file, setFile] = useState<FileInHand | null>(null);
  const history = useHistory();
  const [problem, setProblem] = useState<string | null>(null);
  const allFoods = useFoods();
  const aside = useLiveQuery(() => db.aside.count());
  const recent = useLiveQuery(() => db.recent.orderBy("seq").reverse().toArray()) ?? [];
  const drawn = useDrawnInSlices(house.state === "ready" && allFoods !== null);
  const persisted = usePersisted();
  const [busy, setBusy] = useState<string | null>(null);
  const copies = useLiveQuery(() => copiesKept().catch(() => [])) ?? NO_COPIES;
  const once = useOnce(false);
  const lastExport = useLastExport(house.state === "ready" ? house.cookings : NO_COOKINGS, useNow(60_000));
  if (!drawn || house.state === "loading" || allFoods === null) return null;
  const { kitchen, eaters } = house;
  const foods = namesIn(allFoods);
  const keptSays = `${lastExport === null ? "" : `${describeLastExport(lastExport)} `}${describePersisted(persisted)}`;

  /** Work on a file, with what it is at; one that fails says so and changes nothing. */
  const atWork = async (says: string, work: () => Promise<void>) => {
    setBusy(says);
    setProblem(null);
    await work().catch((error: unknown) => setProblem(describeFileTrouble(error)));
    setBusy(null);
  };
  const told = (what: string) => (done: number, all: number) => setBusy(describeRows(what, done, all));
  const take = (name: string, bytes: number, text: () => Promise<string>) =>
    atWork("Reading the file …", async () => {
      if (bytes > LARGEST_FILE) return setProblem(describeFileFailure({ kind: "too-big", bytes, most: LARGEST_FILE }));
      const read = await computing.readFile(await text(), told("Reading the file"));
      setProblem(read.ok ? null : describeFileFailure(read.failure));
      setFile(read.ok ? { name, data: read.value, asked: null } : null);
    });
  const lookAtCopy = async (id: number, when: string) => {
    const copy = await copiesDb.copies.get(id);
    if (copy) await take(describeCopy(when), 0, () => textOf(copy));
  };
  const exportAll = () =>
    atWork("Writing the file …", async () => {
      const { text, aside } = await computing.exportAll(new Date().toISOString(), told("Reading it back"));
      download("jade-pan-household.json", "application/json", text);
      if (aside.length > 0) {
        download("jade-pan-rows-set-aside.json", "application/json", JSON.stringify(aside, null, 2));
        notify({ says: describeSetAside(aside) });
      }
      noteExport(Date.now());
    });
  const ask = async (how: HowToBringIn) => {
    if (!file) return;
    const { clashesOf } = await bringing();
    const { labels, logs } = clashesOf(await readAll(db), file.data, how);
    const clashes = [
      ...labels.map((c) => describeLabelClash(c, foodName(namesIn([...allFoods, ...file.data.foods]), c.food))),
      ...logs.map((c) => describeLogClash(c, file.data.suppers.find((s) => s.id === c.supper)?.name ?? "A supper")),
    ];
    if (clashes.length === 0) await bringIn(how, new Set());
    else setFile({ ...file, asked: { how, clashes } });
  };
  const bringIn = async (how: HowToBringIn, overruled: Overruled) => {
    if (!file) return;
    const { broughtIn } = await bringing();
    const brought = broughtIn(await readAll(db), file.data, how, overruled, `~${newId("copy").slice(-4)}`);
    const cleared = how === "replace" ? await editsToClear(db) : [];
    const label = how === "replace" ? "Replace by a file" : "Add a file as copies";
    await atWork("Storing what the file holds …", () =>
      change(label, [...cleared, ...editsFor(brought)], HOW_SAYS[how]),
    );
    setFile(null);
  };

  return (
    <KitchenForm
      kitchen={kitchen}
      eaters={eaters}
      labels={house.labels.map((l) => ({ ...l, name: foodName(foods, l.food) }))}
      newId={newId}
      allFoods={allFoods}
      onKitchen={(k, label) => void saveKitchen(kitchen, k, label)}
      onEater={(eater, label) => {
        const from = eaters.find((e) => e.id === eater.id);
        void change(label, [from ? edited("eaters", from, eater) : put("eaters", eater)]);
      }}
      onRemoveEater={(eater) =>
        void change("Remove somebody", [remove("eaters", eater.id)], `${eater.name} is out of the household.`)
      }
      onForgetLabel={(label) =>
        void change("Forget a label", [remove("labels", label.id)], "The label is to be read again.")
      }
      foods={
        <FoodShelf
          foods={allFoods}
          isOwn={(id) => house.own.some((f) => f.id === id)}
          onFigure={(food, figure, per100) => {
            const own = house.own.find((f) => f.id === food.id);
            if (own)
              void change("Figure of a food", [
                edited("foods", own, { ...own, per100: { ...own.per100, [figure]: per100 } }),
              ]);
            else if (per100 !== null)
              void change(
                "Label",
                [put("labels", { id: `${food.id}.${figure}`, food: food.id, figure, per100 } as never)],
                "Noted what the label says. It counts for every supper.",
              );
          }}
          onAllergen={(food, allergen, state) => {
            const own = house.own.find((f) => f.id === food.id);
            if (own)
              void change("Allergen of a food", [
                edited("foods", own, { ...own, allergens: { ...own.allergens, [allergen]: state } }),
              ]);
            else
              void change("Label", [
                put("labels", { id: `${food.id}.${allergen}`, food: food.id, allergen, state } as never),
              ]);
          }}
          onOwnFood={(name, then) => {
            const food = ownFood(newId("own"), name);
            void change("A food of my own", [put("foods", food)], `${name} is known by its name.`).then(() =>
              then(food.id),
            );
          }}
          onOwn={({ id, name, like }, label) => {
            // What is shown is the food with what it inherits; only what the cook changed is kept.
            const own = house.own.find((f) => f.id === id);
            if (own) void change(label, [edited("foods", own, { ...own, name, like })]);
          }}
          onRemoveOwn={(food) =>
            void change(
              "Remove a food",
              [remove("foods", food.id)],
              `${food.name} is gone. Steps that use it will say so.`,
            )
          }
        />
      }
      backup={
        <Backup
          hasData={house.hasData}
          ready={file && { name: file.name, says: describeFile(file.data), asked: file.asked }}
          holds={{
            counter: house.suppers.length,
            shelf: house.dishes.length,
            people: house.eaters.length,
            foods: house.own.length + house.labels.length,
            kitchen: house.hasKitchen ? 1 : 0,
            notebook: house.entries,
          }}
          aside={aside ?? 0}
          keptSays={keptSays}
          busy={busy}
          copies={copies.map(({ id, at }) => ({ id, when: writeDay(localTime(at, kitchen.timeZone)) }))}
          onCopy={(id, when) => once(() => lookAtCopy(id, when))}
          onRemoveCopies={() => void copiesDb.copies.clear()}
          onSaveAside={() => void saveAside()}
          undoable={history.undoable?.label ?? null}
          problem={problem}
          onExport={() => once(exportAll)}
          onFile={(f) => once(() => take(f.name, f.size, () => f.text()))}
          onBringIn={(how) => once(() => ask(how))}
          onDecided={(how, overruled) => once(() => bringIn(how, overruled))}
          onUndo={() => void undo()}
          onForget={() => setFile(null)}
          onDemo={() => void loadDemo(Date.now(), browserZone())}
          onClear={(kinds) => void clear(kinds)}
        />
      }
      recent={
        <Recent
          changes={recent.map(({ seq, label, at, takenBack }) => ({
            seq: seq as number,
            label,
            when: writeDay(localTime(at, kitchen.timeZone)),
            takenBack,
          }))}
          onBringBack={(seq) => void bringBack(seq)}
        />
      }
    />
  );
}

async function bringBack(seq: number): Promise<void> {
  const back = await changes.bringBack(seq);
  if (back !== null) notify({ says: describeBroughtBack(back), action: undoAction });
}
/** What joins a file to what is here is fetched when somebody imports. */
const bringing = () => import("@/core/formats/bringIn");
async function saveAside(): Promise<void> {
  download("jade-pan-rows-aside.json", "application/json", JSON.stringify(await db.aside.toArray(), null, 2));
}
interface FileInHand {
  readonly name: string;
  readonly data: HouseholdFile;
  /** Once the cook said how, what has to be decided first. */
  readonly asked: { readonly how: HowToBringIn; readonly clashes: readonly ClashWords[] } | null;
}
const namesIn = (foods: readonly Food[]): FoodLookup => {
  const byId = new Map(foods.map((f) => [f.id, f]));
  return (id) => byId.get(id) ?? null;
};
