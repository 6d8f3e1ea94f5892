/** What a cook does in a clause of the method. */
export type Action =
  | "fry"
  | "sweat"
  | "deep-fry"
  | "simmer"
  | "reduce"
  | "boil"
  | "bring"
  | "blanch"
  | "steam"
  | "bake"
  | "grill"
  | "toast"
  | "warm"
  | "cook"
  | "melt"
  | "heat"
  | "thicken"
  | "add"
  | "pour"
  | "mix"
  | "toss"
  | "mash"
  | "blend"
  | "knead"
  | "shape"
  | "roll-out"
  | "cut"
  | "slice"
  | "soak"
  | "cover"
  | "drain"
  | "strain"
  | "rinse"
  | "squeeze"
  | "press"
  | "pat"
  | "freeze"
  | "thaw"
  | "marinate"
  | "season"
  | "coat"
  | "brush"
  | "leave"
  | "cool"
  | "chill"
  | "stuff"
  | "layer"
  | "spread"
  | "top"
  | "serve"
  | "lift-out"
  | "return"
  | "put"
  | "none";

/** Verbs of savoury cooking by what is done, in their plain form. */
const VERBS: Readonly<Record<Action, string>> = {
  fry: "fry saute sauté stir-fry stirfry pan-fry shallow-fry flash-fry brown sear caramelise caramelize colour temper crisp scramble sizzle",
  sweat: "sweat soften",
  "deep-fry": "deep-fry",
  simmer: "simmer braise stew poach bubble casserole slow-cook froth blip putter tick",
  reduce: "reduce",
  boil: "boil parboil par-boil",
  bring: "bring",
  blanch: "blanch scald",
  steam: "steam",
  bake: "bake roast air-fry",
  grill: "grill griddle broil barbecue char chargrill",
  toast: "toast",
  warm: "warm reheat rewarm",
  cook: "cook pressure-cook give",
  melt: "melt",
  heat: "heat preheat pre-heat",
  thicken: "thicken",
  add: "add dissolve stir throw chuck tip fold crumble whack drop slide lower work sprinkle-in nestle incorporate dump splash bung ladle squirt swirl deglaze tuck sit set",
  pour: "pour",
  mix: "mix combine whisk beat bind blend-together make",
  toss: "toss turn tumble dress",
  mash: "mash crush",
  blend: "blend blitz puree purée whizz pulse process liquidise grind pound",
  knead: "knead",
  shape: "shape form roll mould mold divide pat-into",
  "roll-out": "roll-out",
  cut: "cut chop dice cube shred grate tear pull flake mince halve quarter snip zest trim scoop pick",
  slice: "slice carve",
  soak: "soak rehydrate steep hydrate",
  cover: "cover",
  drain: "drain",
  strain: "strain sieve",
  rinse: "rinse",
  squeeze: "squeeze wring",
  press: "press",
  pat: "pat dry blot",
  freeze: "freeze",
  thaw: "thaw defrost",
  marinate: "marinate marinade rub massage",
  season: "season salt",
  coat: "coat dip dredge dust flour crumb batter bread roll-in",
  brush: "brush baste glaze drizzle",
  leave: "leave rest stand let",
  cool: "cool",
  chill: "chill refrigerate",
  stuff: "stuff fill pack pile wrap spoon",
  layer: "layer overlap arrange",
  spread: "spread lay drape",
  top: "top scatter sprinkle garnish finish dot",
  serve: "serve eat enjoy dish plate share",
  "lift-out": "lift remove",
  return: "return",
  put: "put place transfer take thread load",
  none: "wash wipe peel line grease oil-the preheat trim prick score crimp flute split turn-over skim taste check unwrap unmould wait use flatten bash keep discard throw-away switch open prepare gather weigh measure flip cover-with-foil repeat continue store freeze-for start get know separate rough fork go need reserve truss tie trust remember watch",
};
const ACTION_OF: ReadonlyMap<string, Action> = new Map(
  (Object.entries(VERBS) as [Action, string][]).flatMap(([action, words]) =>
    words.split(" ").map((w): [string, Action] => [w, action]),
  ),
);

/** Words that are verbs only where something follows that is done to it: elsewhere they are things. */
const ALSO_NOUNS = new Set(
  "mash slice roast stew salt flour batter coat top steam brown toast cover rest press cut glaze crumb dice cube quarter mince bread dress colour dish plate share char crisp dry cool warm set split line oil season puree purée zest pound spoon process dust fork use wrap start open pack pile turn drizzle casserole boil swirl chill splash grill fill thread score work stand layer store stuffing form need marinade barbecue".split(
    " ",
  ),
);
/** Whether a word can be a thing as well. */
export const isAlsoNoun = (word: string): boolean => ALSO_NOUNS.has(word);
/** What is done by a verb in its plain form; null for a word that is none. */
export const actionOf = (word: string): Action | null => ACTION_OF.get(word) ?? null;

/** The plain form of "browned", "simmering", "goes"; as many as it may be. */
function plainForms(word: string): string[] {
  if (/ed$/.test(word)) return [word.slice(0, -2), word.slice(0, -1), word.slice(0, -3)];
  if (/ing$/.test(word)) return [word.slice(0, -3), `${word.slice(0, -3)}e`, word.slice(0, -4)];
  if (/ies$|ied$/.test(word)) return [`${word.slice(0, -3)}y`];
  return /s$/.test(word) ? [word.slice(0, -1), word.slice(0, -2)] : [];
}
/** What was done, by a verb in any other form: "browned", "simmers". */
export function actionOfForm(word: string): Action | null {
  if (word === "fried") return "fry";
  for (const plain of plainForms(word)) {
    const action = actionOf(plain);
    if (action !== null && action !== "none") return action;
  }
  return null;
}
