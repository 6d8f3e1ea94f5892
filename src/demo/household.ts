import type { Dish, Supper } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import { CARAWAY_PATTIES, MUSTARD_STRIPS } from "./firstDishes";
import { SHELF } from "./shelf";

/** Invented: Lantern Yard, its five people and their dishes stand for nobody. */
export const DEMO_EATERS: readonly Eater[] = [
  { id: "oda", name: "Oda", avoids: [], diets: [], dislikes: [], age: "adult" },
  { id: "bram", name: "Bram", avoids: [], diets: [], dislikes: [], age: "adult" },
  { id: "ilse", name: "Ilse", avoids: ["gluten"], diets: [], dislikes: [], age: "adult" },
  { id: "noor", name: "Noor", avoids: ["nuts"], diets: [], dislikes: [], age: "adult" },
  { id: "pim", name: "Pim", avoids: [], diets: [], dislikes: ["tarragon"], age: "adult" },
];

export const DEMO_KITCHEN: Kitchen = {
  name: "Lantern Yard",
  place: "Saltmere",
  timeZone: "Europe/Dublin",
  altitudeM: 40,
  roomC: 20,
  cooks: [{ id: "oda", name: "Oda", hours: null }],
  burners: [
    { id: "front-left", name: "Front left", kind: "gas", watts: 1800 },
    { id: "front-right", name: "Front right", kind: "gas", watts: 1800 },
    { id: "back", name: "Back", kind: "gas", watts: 1000 },
  ],
  ovens: [{ id: "oven", name: "Oven", shelves: 2 }],
  fridgeL: 60,
  freezerL: 20,
  pans: [
    { id: "iron", name: "Iron pan", kind: "frying", diameterCm: 28, heightCm: 6 },
    { id: "saute", name: "Sauté pan", kind: "frying", diameterCm: 26, heightCm: 7 },
    { id: "pot", name: "Big pot", kind: "pot", diameterCm: 24, heightCm: 16 },
    { id: "small-pot", name: "Small pot", kind: "pot", diameterCm: 18, heightCm: 11 },
  ],
  machines: [
    { id: "blender", name: "Blender", kind: "blender", volumeMl: 1800, basketCm: null },
    { id: "food-processor", name: "Food processor", kind: "food-processor", volumeMl: 2400, basketCm: null },
    { id: "pressure-cooker", name: "Pressure cooker", kind: "pressure-cooker", volumeMl: 5700, basketCm: null },
    { id: "air-fryer", name: "Air fryer", kind: "air-fryer", volumeMl: null, basketCm: 24 },
  ],
  tins: [
    { id: "long-dish", name: "Long oven dish", lengthCm: 33, widthCm: 23, heightCm: 6, round: false },
    { id: "loaf-tin", name: "Loaf tin", lengthCm: 23, widthCm: 11, heightCm: 7, round: false },
    { id: "round-dish", name: "Round dish", lengthCm: 26, widthCm: 26, heightCm: 5, round: true },
  ],
  sleep: { from: "22:30", to: "07:00" },
  away: [{ days: [1, 2, 3, 4, 5], from: "08:00", to: "17:15" }],
  units: "metric",
  spoons: "metric",
  scaleStepG: 1,
  scale: "simulated",
  pointMin: 20,
};

export { CARAWAY_PATTIES, MUSTARD_STRIPS };

export const DEMO_DISHES: readonly Dish[] = [MUSTARD_STRIPS, CARAWAY_PATTIES, ...SHELF];

/** The Sunday that comes, at 19:00 where the kitchen is, given as an instant by the caller. */
export const demoSupper = (serveAt: string): Supper => ({
  id: "sunday-supper",
  name: "Sunday supper",
  serveAt,
  eaters: DEMO_EATERS.map((e) => e.id),
  guests: 0,
  atHand: [],
  afterMin: {},
  pins: {},
  roomMin: 0,
  madeWith: {},
  dishes: [MUSTARD_STRIPS],
});
