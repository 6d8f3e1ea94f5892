"use client";

import { useState } from "react";
import { asCopies, type HouseholdFile, readHousehold, writeHousehold } from "@/core/formats/household";
import { foodLookup } from "@/core/foods/food";
import { db } from "@/data/db";
import { editsFor, editsToClear, readAll, restoreLogs } from "@/data/household";
import { ownFood } from "@/core/foods/own";
import { FoodShelf } from "@/ui/foods/FoodShelf";
import { Backup } from "@/ui/kitchen/Backup";
import { KitchenForm } from "@/ui/kitchen/KitchenForm";
import { counted, foodName, sayFileFailure } from "@/ui/wording/words";
import { clearAll, loadDemo } from "./demo";
import { download } from "./download";
import { browserZone, change, newId, put, remove, saveKitchen, useHouse } from "./store";

export function KitchenPage() {
  const house = useHouse();
  const [file, setFile] = useState<{ name: string; data: HouseholdFile } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  if (house.state === "loading") return null;
  const { kitchen, eaters } = house;
  const foods = foodLookup(house.foods);

  const take = (name: string, text: string) => {
    const read = readHousehold(text);
    setProblem(read.ok ? null : sayFileFailure(read.failure));
    setFile(read.ok ? { name, data: read.value } : null);
  };
  const bringIn = async (how: "replace" | "copies") => {
    if (!file) return;
    const data = how === "copies" ? asCopies(file.data, `~${newId("copy").slice(-4)}`) : file.data;
    const cleared = how === "replace" ? await editsToClear(db) : [];
    await change(
      how === "replace" ? "Replace by a file" : "Add a file as copies",
      [...cleared, ...editsFor(data)],
      how === "replace" ? "The file has taken the place of what was here." : "The file stands beside what was here.",
    );
    await restoreLogs(db, data);
    setFile(null);
  };

  return (
    <KitchenForm
      kitchen={kitchen}
      eaters={eaters}
      labels={house.labels.map((l) => ({ ...l, name: foodName(foods, l.food) }))}
      newId={newId}
      onKitchen={(k, label) => void saveKitchen(k, label)}
      onEater={(eater, label) => void change(label, [put("eaters", eater)])}
      onRemoveEater={(eater) =>
        void change("Remove somebody", [remove("eaters", eater.id)], `${eater.name} is out of the household.`)
      }
      onForgetLabel={(label) =>
        void change("Forget a label", [remove("labels", label.id)], "The label is to be read again.")
      }
      foods={
        <FoodShelf
          foods={house.foods}
          isOwn={(id) => house.own.some((f) => f.id === id)}
          onFigure={(food, figure, per100) => {
            const own = house.own.find((f) => f.id === food.id);
            if (own)
              void change("Figure of a food", [put("foods", { ...own, per100: { ...own.per100, [figure]: per100 } })]);
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
                put("foods", { ...own, allergens: { ...own.allergens, [allergen]: state } } as never),
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
          onOwn={(food, label) => void change(label, [put("foods", food)])}
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
          hasData={!house.empty}
          ready={file && { name: file.name, says: saysOf(file.data) }}
          problem={problem}
          onExport={() =>
            void readAll(db).then((all) =>
              download("jade-pan-household.json", "application/json", writeHousehold(all, new Date().toISOString())),
            )
          }
          onFile={take}
          onReplace={() => void bringIn("replace")}
          onCopies={() => void bringIn("copies")}
          onForget={() => setFile(null)}
          onDemo={() => void loadDemo(Date.now(), browserZone())}
          onClear={() => void clearAll()}
        />
      }
    />
  );
}

const saysOf = (f: HouseholdFile) =>
  `From ${f.exportedAt.slice(0, 10)}: ${counted(f.eaters.length, "person", "people")}, ${counted(f.dishes.length, "dish", "dishes")}, ${counted(f.suppers.length, "supper")}, ${counted(f.entries.length, "entry", "entries")}.`;
