/** Routes for tables drawn by chance, each told by digests of all that the core says of it: see `__tests__/drawn`. */
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { newMemory } from "../quantities/memory";
import { AT_HAND } from "../dish/dish";
import { SETTINGS } from "../bite/targets";
import { answersTo, type Ask } from "../swap/answer";
import { cardsOf } from "../swap/card";
import { PROTEIN_WAYS } from "../swap/brings";
import { FOODS } from "../foods/table";
import { digest, Draw, drawnSupper, seeds, stays } from "./__tests__/drawn";
import { many } from "../__tests__/proof";

test("routes of drawn tables", () => {
  const memory = newMemory();
  const now = seeds(many(12, 50)).map((seed) => {
    const d = new Draw(1000 + seed);
    const { supper, kitchen, eaters, labels } = drawnSupper(seed);
    const ask: Ask = {
      form: d.one(MEAT_FORMS),
      kind: d.one(MEAT_KINDS),
      words: "so much",
      rawG: d.whole(100, 1500),
      setting: d.one(SETTINGS),
      availableMin: d.chance(0.5) ? d.whole(20, 3000) : null,
      mostHandsMin: d.chance(0.3) ? d.whole(5, 60) : null,
      honestOnly: d.chance(0.2),
      protein: d.one(PROTEIN_WAYS),
      bringsFat: d.chance(0.4),
    };
    const { dishes, ...seats } = supper;
    void dishes;
    const atHand = d.some(FOODS, 0.03).map((f) => ({ food: f.id, state: d.one(AT_HAND) }));
    const at = { supper: { ...seats, atHand }, kitchen, eaters, labels, foods: [] };
    const found = answersTo(ask, at, new Map(), memory);
    const cards = cardsOf(found, at);
    return `${seed} ${ask.form} ${ask.kind}: ${digest(found.answers.map((a) => a.route.id))} ${digest(found)} ${digest(cards)}`;
  });
  stays("drawn-routes.txt", now);
});
