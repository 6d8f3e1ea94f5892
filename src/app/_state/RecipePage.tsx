"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { browserZone, localTime } from "@/core/calendar/localTime";
import type { Supper } from "@/core/dish/dish";
import type { Allergen } from "@/core/foods/allergens";
import type { RecipeAnswer } from "@/core/recipe/answer";
import type { Decisions } from "@/core/recipe/convert";
import type { Table } from "@/core/swap/answer";
import { db } from "@/data/db";
import { sayingsOf } from "@/data/household";
import { useSame } from "@/ui/frame/useSame";
import { RecipeDesk } from "@/ui/recipe/RecipeDesk";
import { describeRecipeProblem } from "@/words/recipe";
import { writeDate } from "@/words/time";
import { computing } from "@/workers/client";
import { dropDraft, useRecipeDraft } from "./recipeDraft";
import { change, newId, put, useFoods, useHouse, useNow } from "./store";
import { useOnce } from "./once";
import { supperHref } from "./supper";
import { avoidsOf, GUEST, guestWho, ratersOf, seated, tableNames, useDinner } from "./table";

const UNDECIDED: Decisions = { lines: {}, routes: {}, setting: null, servings: null };
const NOBODY = [] as const;

/** A recipe pasted, turned over and put on the Bench. */
export function RecipePage() {
  const house = useHouse();
  const now = useNow(20_000);
  const router = useRouter();
  const once = useOnce(true);
  const ready = house.state === "ready" ? house : null;
  const zone = ready?.kitchen.timeZone ?? browserZone();
  const [text, type, setText] = useRecipeDraft();
  const [given, setGiven] = useState<string | null>(null);
  const [decisions, setDecisions] = useState(UNDECIDED);
  const [avoids, setAvoids] = useState<readonly Allergen[] | null>(null);
  const dinner = useDinner(now, zone, given !== null);
  const allFoods = useFoods();
  const recipes = useLiveQuery(() => db.recipes.toArray());
  // One that was turned over before is read again: what was given stands beside what becomes of it.
  const of = useSearchParams().get("of");
  const kept = of === null ? undefined : recipes?.find((r) => r.id === of)?.text;
  const [opened, setOpened] = useState<string | null>(null);
  if (kept !== undefined && opened !== of) {
    setOpened(of);
    setText(kept);
    setGiven(kept);
  }
  const entries = useLiveQuery(() => db.entries.orderBy("finishedAt").toArray());
  const eaters = ready?.eaters ?? NOBODY;
  const people = eaters.map((e) => ({ name: e.name, avoids: avoidsOf(e) }));
  const guest = useMemo(() => (eaters.length > 0 ? null : guestWho(avoids)), [avoids, eaters.length]);
  const minute = now === null ? null : Math.floor(now / 60_000);
  const asked = useSame(
    given === null || ready === null || dinner.serveAt === null || minute === null
      ? null
      : {
          text: given,
          decisions,
          around: {
            spoons: ready.kitchen.spoons,
            availableMin: Date.parse(dinner.serveAt) / 60_000 - minute,
            table: {
              supper: {
                id: "new",
                name: "New supper",
                serveAt: dinner.serveAt,
                eaters: guest ? [GUEST] : eaters.map((e) => e.id),
                guests: 0,
                atHand: [],
                afterMin: {},
                pins: {},
                roomMin: 0,
                madeWith: {},
              },
              kitchen: ready.kitchen,
              eaters: guest ? [guest] : eaters,
              foods: ready.own,
              labels: sayingsOf(ready.labels),
            } satisfies Table,
            ratings: [...([...ratersOf(entries ?? []).values()].at(-1) ?? [])],
          },
        },
  );
  const [found, setFound] = useState<{ readonly asked: object; readonly answer: RecipeAnswer } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const newest = useRef<object | null>(null);
  useEffect(() => {
    newest.current = asked;
    if (asked === null) return;
    const { around } = asked;
    void computing
      .recipe(asked.text, asked.decisions, { ...around, ratings: new Map(around.ratings) })
      .then((answer) => {
        // Only the newest question counts; an older answer would jump back.
        if (newest.current !== asked) return;
        if ("kind" in answer) {
          setProblem(describeRecipeProblem(answer));
          setGiven(null);
        } else setFound({ asked, answer });
      });
  }, [asked]);
  const answer = given === null ? null : (found?.answer ?? null);
  const textContext = useMemo(
    () => tableNames(answer?.foods ?? [], ready?.kitchen.units ?? "metric", eaters),
    [answer, ready?.kitchen.units, eaters],
  );
  if (ready === null || now === null) return null;
  const before = recipes?.find((r) => sameText(r.text, given ?? ""))?.name ?? null;
  const take = async () => {
    if (answer === null || dinner.serveAt === null || found?.asked !== asked) return;
    const dish = { ...answer.dish, id: newId("dish") };
    const guests = eaters.length > 0 ? 0 : dish.servings;
    const seat = seated(
      {
        id: newId("supper"),
        name: "",
        serveAt: dinner.serveAt,
        eaters: eaters.map((e) => e.id),
        guests,
        atHand: [],
        afterMin: {},
        pins: {},
        roomMin: 0,
        madeWith: {},
      },
      guest,
    );
    const supper: Supper = {
      ...seat.supper,
      name: `${dish.name.split(",")[0] ?? dish.name}, ${writeDate(localTime(Date.parse(dinner.serveAt), zone)).split(" ")[0] ?? ""}`,
      dishes: [dish],
    };
    dropDraft();
    await change("A recipe turned over", [
      put("suppers", supper),
      put("recipes", { id: newId("recipe"), dish: dish.id, name: dish.name, text: given ?? "" }),
      // A food of that name that is here already keeps what is known of it.
      ...answer.own.filter((f) => !ready.own.some((o) => o.id === f.id)).map((food) => put("foods", food)),
      ...seat.edits,
    ]);
    router.push(supperHref("bench", supper.id));
  };
  return (
    <RecipeDesk
      text={text}
      onText={(next) => {
        type(next);
        setProblem(null);
        setGiven(null);
        setFound(null);
      }}
      onRead={() => {
        setProblem(null);
        setFound(null);
        setDecisions(UNDECIDED);
        setGiven(text);
      }}
      problem={problem}
      reading={given !== null && answer === null}
      answer={answer}
      before={before}
      choices={decisions.lines}
      onChoice={(line, choice) => setDecisions((d) => ({ ...d, lines: { ...d.lines, [line]: choice } }))}
      onRoute={(line, route) => setDecisions((d) => ({ ...d, routes: { ...d.routes, [line]: route } }))}
      onSetting={(setting) => setDecisions((d) => ({ ...d, setting, routes: {} }))}
      onServings={(servings) => setDecisions((d) => ({ ...d, servings }))}
      from={decisions.from ?? answer?.recipe.from ?? ""}
      onFrom={(from) => setDecisions((d) => ({ ...d, from }))}
      avoids={eaters.length > 0 ? [] : avoids}
      onAvoids={setAvoids}
      people={people}
      dinner={dinner.field}
      foods={allFoods}
      textContext={textContext}
      onTake={() => answer !== null && found?.asked === asked && once(take)}
    />
  );
}
/** The same recipe, however it was wrapped or spaced. */
const sameText = (a: string, b: string): boolean => squeezed(a) === squeezed(b);
const squeezed = (text: string): string => text.replace(/\s+/g, " ").trim().toLowerCase();
