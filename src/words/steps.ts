import { mainFood } from "@/core/process/contents";
import type { FoodLookup } from "@/core/foods/food";
import type { Row } from "@/core/process/row";
import type { StepKind } from "@/core/process/registry";
import type { ShapeForm } from "@/core/process/step";

/** The words of each kind of step, in one place; what is said of a step with its amounts is in `stepText`. */
interface StepWords {
  readonly name: string;
  /** Where a cook looks for it. */
  readonly group: (typeof GROUPS)[number];
  /** What is looked at, felt, heard or smelled to know that it is done. */
  readonly cue: string;
  /** The model behind it and how sure it is, in one line; `docs/models.md` has the formulas. */
  readonly howSure: string;
}
const GROUPS = ["Get ready", "Water in", "Water out", "Flavour in", "Structure", "Heat", "Join and keep"] as const;

const WORDS: Readonly<Record<StepKind, StepWords>> = {
  weigh: {
    name: "Weigh",
    group: "Get ready",
    cue: "the scale agrees",
    howSure: "Grams as weighed: as sure as the scale.",
  },
  sort: {
    name: "Sort",
    group: "Get ready",
    cue: "no stones, no husks",
    howSure: "What is sorted out: rule of thumb, 0–2 %.",
  },
  cut: { name: "Cut", group: "Get ready", cue: "pieces of one size", howSure: "No mass moves; minutes are estimates." },
  pulse: {
    name: "Pulse",
    group: "Get ready",
    cue: "bits you can still see",
    howSure: "Batches by the bowl to two thirds; what sticks is an estimate.",
  },
  mash: {
    name: "Mash",
    group: "Get ready",
    cue: "no lumps, falls slowly from the spoon",
    howSure: "Steam while mashing: estimate, 1–5 %.",
  },
  soak: {
    name: "Soak",
    group: "Water in",
    cue: "bends without a dry core",
    howSure: "Peleg uptake in a cooling bath; lot and thickness spread it by a third.",
  },
  cook: {
    name: "Cook soft",
    group: "Water in",
    cue: "squashes between tongue and palate",
    howSure: "First-order softening, z 28 K; lots differ by ±40 %, pressure is least sure.",
  },
  boil: {
    name: "Boil",
    group: "Water in",
    cue: "a knife slides out",
    howSure: "Conduction into a cube, salt by diffusion; ±25 %.",
  },
  steam: {
    name: "Steam",
    group: "Water in",
    cue: "firm to the finger, hot in the middle",
    howSure: "Conduction behind a steam film; ±25 %.",
  },
  blanch: {
    name: "Blanch",
    group: "Water in",
    cue: "bright green and still crisp",
    howSure: "Rule of thumb: two minutes, 0–8 % water taken up.",
  },
  gel: {
    name: "Make a gel",
    group: "Water in",
    cue: "trembles like egg white",
    howSure: "Binder water and time; eggs by common practice.",
  },
  drain: {
    name: "Drain",
    group: "Water out",
    cue: "nothing runs any more",
    howSure: "A film of 2–10 % clings: estimate.",
  },
  strain: {
    name: "Strain",
    group: "Water out",
    cue: "the sieve no longer drips",
    howSure: "Pieces keep the water that is theirs, ±20 %: estimate. Weigh it.",
  },
  discard: {
    name: "Throw away",
    group: "Water out",
    cue: "nothing of it is left",
    howSure: "A share of the whole: as sure as the share.",
  },
  rinse: {
    name: "Rinse",
    group: "Water out",
    cue: "a piece tastes of little salt",
    howSure: "Mass balance; how far it comes to one strength is an estimate.",
  },
  squeeze: {
    name: "Squeeze",
    group: "Water out",
    cue: "drips only when squeezed again",
    howSure: "Power law of pressure and consolidation; exponents are estimates. Weigh it.",
  },
  press: {
    name: "Press",
    group: "Water out",
    cue: "the board has stopped sinking",
    howSure: "Terzaghi consolidation; time ±2×. Weigh it.",
  },
  freeze: {
    name: "Freeze",
    group: "Water out",
    cue: "hard as a stone, yellowed",
    howSure: "Plank's equation; the surface spreads it widely.",
  },
  thaw: {
    name: "Thaw",
    group: "Water out",
    cue: "bends, no ice in the middle",
    howSure: "Plank's equation; the surface spreads it widely.",
  },
  pat: {
    name: "Pat dry",
    group: "Water out",
    cue: "the towel stays dry",
    howSure: "Rule of thumb: 0.5–4 % of the water.",
  },
  season: {
    name: "Season",
    group: "Flavour in",
    cue: "tastes right to you",
    howSure: "Salt by mass balance: as sure as the figures of the foods.",
  },
  marinate: {
    name: "Marinate",
    group: "Flavour in",
    cue: "nothing runs in the bowl",
    howSure: "Sponge refill and mass balance; refill is an estimate.",
  },
  glaze: {
    name: "Glaze",
    group: "Flavour in",
    cue: "shines all over",
    howSure: "Rule of thumb: 3–15 % stays on the brush.",
  },
  toast: {
    name: "Toast",
    group: "Flavour in",
    cue: "smells of nuts, a shade darker",
    howSure: "Rule of thumb: a third to two thirds of its little water in five minutes.",
  },
  bind: {
    name: "Bind",
    group: "Structure",
    cue: "a squeezed ball keeps its shape",
    howSure: "Binding window calibrated on practice; a tested ball knows better.",
  },
  batter: {
    name: "Stir a batter",
    group: "Structure",
    cue: "runs off the spoon in a ribbon",
    howSure: "Water to flour by mass, limits of common practice.",
  },
  rest: {
    name: "Rest",
    group: "Structure",
    cue: "releases the hand, no cracks at the edge",
    howSure: "Binders take up water by their time constants, 1.3 times slower cold.",
  },
  shape: {
    name: "Shape",
    group: "Structure",
    cue: "all alike when laid side by side",
    howSure: "Geometry at 1050 kg/m³; what sticks is an estimate.",
  },
  stuff: { name: "Fill", group: "Structure", cue: "level with the rim", howSure: "Equal shares of the whole." },
  slice: {
    name: "Slice",
    group: "Structure",
    cue: "slices of one thickness",
    howSure: "Equal shares; crumbs are an estimate.",
  },
  coat: { name: "Coat", group: "Structure", cue: "no bare spots", howSure: "Pick-up by kind of coating: estimate." },
  sear: {
    name: "Sear",
    group: "Heat",
    cue: "brown at the edges, dry to the touch",
    howSure: "Heat balance of pan and water; loss and oil are estimates.",
  },
  brown: {
    name: "Brown",
    group: "Heat",
    cue: "the pan is dry and it smells nutty",
    howSure: "Measured ranges of loss; minutes by heat balance.",
  },
  sweat: {
    name: "Sweat",
    group: "Heat",
    cue: "soft and glassy, the pan nearly dry",
    howSure: "In fat as it is; without it splashes of 15–30 mL, one to two minutes each: common practice.",
  },
  fry: {
    name: "Pan-fry",
    group: "Heat",
    cue: "a crust that lets go of the pan",
    howSure: "Conduction, one face at a time; ±25 %.",
  },
  griddle: {
    name: "Griddle",
    group: "Heat",
    cue: "dark stripes, lets go by itself",
    howSure: "Conduction, one face at a time; ±25 %.",
  },
  "deep-fry": {
    name: "Deep-fry",
    group: "Heat",
    cue: "golden, and the bubbling slows",
    howSure: "Oil bath balance for the batch; loss and uptake are estimates.",
  },
  "air-fry": {
    name: "Air-fry",
    group: "Heat",
    cue: "crisp when tapped",
    howSure: "Finite volumes with a drying surface; ±25 %.",
  },
  bake: {
    name: "Bake",
    group: "Heat",
    cue: "brown at the edges, hot in the middle",
    howSure: "Finite volumes with a drying surface, ±25 %; loose pieces by measured ranges.",
  },
  simmer: {
    name: "Simmer",
    group: "Heat",
    cue: "small bubbles all over",
    howSure: "Evaporation by the Lewis analogy; air over the pan is an estimate.",
  },
  reduce: { name: "Reduce", group: "Heat", cue: "a spoon leaves a trail", howSure: "Power balance of the burner." },
  thicken: {
    name: "Thicken",
    group: "Heat",
    cue: "coats the back of a spoon",
    howSure: "Starch equivalents per 100 g: common practice.",
  },
  layer: { name: "Layer", group: "Join and keep", cue: "level, pressed gently", howSure: "Volume at 1 g/mL." },
  top: { name: "Top", group: "Join and keep", cue: "covered to the edge", howSure: "Mass balance." },
  hold: {
    name: "Keep warm",
    group: "Join and keep",
    cue: "still steams when opened",
    howSure: "Rule of thumb: 0.3–2 % of the water in ten minutes.",
  },
  stand: {
    name: "Let stand",
    group: "Join and keep",
    cue: "the juices have settled",
    howSure: "Newton cooling; steam is a rule of thumb.",
  },
  cool: {
    name: "Cool",
    group: "Join and keep",
    cue: "cold to the hand underneath",
    howSure: "Newton cooling, 30 % added for thick food.",
  },
  store: {
    name: "Store",
    group: "Join and keep",
    cue: "closed and dated",
    howSure: "Nothing moves; days by authority.",
  },
  "set-aside": {
    name: "Set aside",
    group: "Join and keep",
    cue: "closed and dated",
    howSure: "Mass balance; of pieces whole ones.",
  },
  reheat: {
    name: "Reheat",
    group: "Join and keep",
    cue: "steaming right through",
    howSure: "Rule of thumb: test the middle.",
  },
  "as-written": {
    name: "As written",
    group: "Join and keep",
    cue: "as the recipe says",
    howSure: "Nobody works this out: every gram stays, but for up to a quarter of the water where it heats.",
  },
  serve: { name: "Serve", group: "Join and keep", cue: "on warm plates", howSure: "Mass balance." },
};
const each = (value: (words: StepWords) => string): Readonly<Record<StepKind, string>> =>
  Object.fromEntries(Object.entries(WORDS).map(([kind, words]) => [kind, value(words)])) as Record<StepKind, string>;

export const STEP_NAMES = each((w) => w.name);
export const CUES = each((w) => w.cue);
/** What shows that it is done, by the food that it is about where the usual words are of another one. */
export function cueOf(row: Row, foods: FoodLookup): string {
  const { kind } = row.step;
  const usual = CUES[kind];
  if (row.state !== "computed") return usual;
  const main = mainFood(row.outcome.after.batch);
  const food = main === null ? null : foods(main);
  if (kind === "cook" && food?.group === "grain")
    return /pasta|noodle/.test(food.id) ? "a little bite left in the middle" : "tender, no chalk in the middle";
  if (kind === "soak" && food?.group === "pulse") return "plump, no wrinkles left";
  if (kind === "soak" && food?.group === "nut") return "breaks softly between two fingers";
  if (kind === "soak" && food?.group === "grain") return "swollen, no hard grain left";
  if (kind === "batter" && row.outcome.facts.some((f) => f.kind === "batter" && f.body === "thin"))
    return "runs off the spoon like cream";
  return usual;
}
export const HOW_SURE = each((w) => w.howSure);
/** Kinds of step as a cook looks for them: in the order of work. */
export const STEP_GROUPS: readonly (readonly [string, readonly StepKind[]])[] = GROUPS.map((group) => [
  group,
  (Object.keys(WORDS) as StepKind[]).filter((kind) => WORDS[kind].group === group),
]);
/** More of one form. */
export const FORM_PLURALS = {
  ball: "balls",
  patty: "patties",
  log: "logs",
  loaf: "loaves",
  fillet: "fillets",
  rasher: "rashers",
  parcel: "parcels",
  skewer: "skewers",
} as const satisfies Readonly<Record<ShapeForm, string>>;
