import { answersTo } from "@/core/swap/answer";
import { DEMO_KITCHEN } from "@/demo/household";
import { inputOf, supperOf } from "@/core/__tests__/supper";
import { MEAT_FORMS } from "@/core/dish/meat";
const table = (eater: object) => { const e = { id: "e", name: "E", avoids: [], diets: [], dislikes: [], age: null, ...eater }; const { supper, ...rest } = inputOf([], { eaters: [e as never] }); return { ...rest, supper: { ...supper, eaters: ["e"], guests: 3 } }; };
const ask = (form: string, setting: string) => ({ form, kind: form === "rasher" ? "pork" : "beef", rawG: 500, setting, words: "x", protein: "plate", bringsFat: false, availableMin: null, mostHandsMin: null, honestOnly: false }) as never;
for (const [name, eater] of Object.entries({ none: {}, soy: { avoids: ["soy"] }, noSalt: { diets: ["no-added-salt"] }, lowSalt: { diets: ["low-salt"] }, noOil: { diets: ["no-added-oil"] } }))
  for (const form of ["mince", "strips", "ball"]) for (const setting of ["dry", "crust", "sauce"]) {
    const { answers } = answersTo(ask(form, setting), table(eater) as never);
    const outs = answers.filter((a) => a.out.length > 0).map((a) => a.route.id + ":" + a.out.map((o) => o.kind + ("food" in o ? " " + o.food : "") + ("failure" in o ? o.failure.kind : "")).join("/"));
    console.log(name, form, setting, answers.length - outs.length, "of", answers.length, outs.slice(0, 3).join(" | "));
  }
