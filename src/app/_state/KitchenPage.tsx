"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useRef, useState } from "react";
import type { HowToBringIn } from "@/core/formats/bringIn";
import type { FileFailure } from "@/core/formats/household";
import type { Food, FoodLookup } from "@/core/foods/food";
import type { Result } from "@/core/quantities/result";
import { db } from "@/data/db";
import { copiesDb, copiesKept } from "@/data/copies";
import { ownFood } from "@/core/foods/own";
import { FoodShelf } from "@/ui/foods/FoodShelf";
import { Backup, type ReadyFile } from "@/ui/kitchen/Backup";
import { KitchenForm } from "@/ui/kitchen/KitchenForm";
import { Recent } from "@/ui/kitchen/Recent";
import { notify } from "@/ui/frame/noticeQueue";
import { stored } from "@/ui/frame/troubleQueue";
import { describeBroughtBack } from "@/words/clearing";
import {
  describeCopy,
  describeLastExport,
  describePersisted,
  describeRows,
  describeSetAside,
} from "@/words/safekeeping";
import { writeDay } from "@/words/time";
import { browserZone, localTime } from "@/core/calendar/localTime";
import { HOW_SAYS, describeFileFailure, describeFileTrouble } from "@/words/files";
import { foodName } from "@/words/words";
import { computing } from "@/workers/client";
import { useDrawnInSlices } from "@/ui/frame/useDrawnInSlices";
import { clear, loadDemo } from "./house";
import { download } from "./download";
import { useOnce } from "./once";
import { noteExport, useLastExport, usePersisted } from "./safekeeping";
import {
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

const NO_COPIES: Awaited<ReturnType<typeof copiesKept>> = [];

export function KitchenPage() {
  const house = useHouse();
  const [file, setFile] = useState<ReadyFile | null>(null);
  const history = useHistory();
  const [problem, setProblem] = useState<string | null>(null);
  const allFoods = useFoods();
  const aside = useLiveQuery(() => db.aside.count());
  const recent = useLiveQuery(() => db.recent.orderBy("seq").reverse().toArray()) ?? [];
  const drawn = useDrawnInSlices(house.state === "ready" && allFoods !== null);
  const persisted = usePersisted();
  const [busy, setBusy] = useState<string | null>(null);
  /** The work on a file that runs; what it tells after its end counts no more. */
  const atIt = useRef<object | null>(null);
  const copies = useLiveQuery(() => copiesKept().catch(() => [])) ?? NO_COPIES;
  const once = useOnce(false);
  const lastExport = useLastExport(useNow(60_000));
  if (!drawn || house.state === "loading" || allFoods === null) return null;
  const { kitchen, eaters } = house;
  const foods = namesIn(allFoods);
  const keptSays = `${lastExport === null ? "" : `${describeLastExport(lastExport)} `}${describePersisted(persisted)}`;

  /** Work on a file, with what it is at; one that fails says so and changes nothing. */
  const atWork = async (says: string, work: () => Promise<void>) => {
    const mine = (atIt.current = {});
    setBusy(says);
    setProblem(null);
    await work().catch((error: unknown) => setProblem(describeFileTrouble(error)));
    if (atIt.current !== mine) return;
    atIt.current = null;
    setBusy(null);
  };
  const told = (what: string) => {
    const mine = atIt.current;
    return (done: number, all: number) => {
      if (mine !== null && atIt.current === mine) setBusy(describeRows(what, done, all));
    };
  };
  const take = (name: string, read: () => Promise<Result<string, FileFailure> | null>) =>
    atWork("Reading the file …", async () => {
      const came = await read();
      setProblem(came === null || came.ok ? null : describeFileFailure(came.failure));
      setFile(came?.ok ? { name, says: came.value, asked: null } : null);
    });
  const exportAll = () =>
    atWork("Writing the file …", async () => {
      const { file, aside } = await computing.exportAll(new Date().toISOString(), told("Reading it back"));
      download("jade-pan-household.json", "application/json", file);
      if (aside.length > 0) {
        download("jade-pan-rows-set-aside.json", "application/json", JSON.stringify(aside, null, 2));
        notify({ says: describeSetAside(aside) });
      }
      noteExport(Date.now());
    });
  const ask = (how: HowToBringIn) =>
    atWork("Comparing …", async () => {
      if (!file) return;
      const clashes = await computing.clashes(how);
      if (clashes.length === 0) await bringIn(how, []);
      else setFile({ ...file, asked: { how, clashes } });
    });
  const bringIn = (how: HowToBringIn, overruled: readonly string[]) =>
    atWork("Storing what the file holds …", async () => {
      const label = how === "replace" ? "Replace by a file" : "Add a file as copies";
      await stored(label, async () => {
        const seq = await computing.bringIn(label, how, overruled, `~${newId("copy").slice(-4)}`);
        if (seq !== null) changes.adopt(label, seq);
      });
      setFile(null);
      notify({ says: HOW_SAYS[how], action: undoAction });
    });

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
          ready={file}
          holds={{
            counter: house.counts.suppers,
            shelf: house.counts.dishes,
            people: house.eaters.length,
            foods: house.own.length + house.labels.length,
            kitchen: house.hasKitchen ? 1 : 0,
            notebook: house.counts.entries,
          }}
          aside={aside ?? 0}
          keptSays={keptSays}
          busy={busy}
          copies={copies.map(({ id, at }) => ({ id, when: writeDay(localTime(at, kitchen.timeZone)) }))}
          onCopy={(id, when) =>
            once(() => take(describeCopy(when), () => computing.readCopy(id, told("Reading the copy"))))
          }
          onRemoveCopies={() => void copiesDb.copies.clear()}
          onSaveAside={() => void saveAside()}
          undoable={history.undoable?.label ?? null}
          problem={problem}
          onExport={() => once(exportAll)}
          onFile={(f) => once(() => take(f.name, () => computing.readFile(f, told("Reading the file"))))}
          onBringIn={(how) => once(() => ask(how))}
          onDecided={(how, overruled) => once(() => bringIn(how, [...overruled]))}
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
async function saveAside(): Promise<void> {
  download("jade-pan-rows-aside.json", "application/json", JSON.stringify(await db.aside.toArray(), null, 2));
}
const namesIn = (foods: readonly Food[]): FoodLookup => {
  const byId = new Map(foods.map((f) => [f.id, f]));
  return (id) => byId.get(id) ?? null;
};
