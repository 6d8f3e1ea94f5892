import type { Kitchen } from "./kitchen";

/** A kitchen before anybody has said anything about it: one cook, a usual hob, the browser's zone. */
export function plainKitchen(timeZone: string): Kitchen {
  return {
    name: "My kitchen",
    place: "",
    timeZone,
    altitudeM: 0,
    roomC: 20,
    cooks: [{ id: "cook", name: "Cook", hours: null }],
    burners: [
      { id: "burner-1", name: "Burner 1", kind: "induction", watts: 1800 },
      { id: "burner-2", name: "Burner 2", kind: "induction", watts: 1400 },
    ],
    ovens: [{ id: "oven", name: "Oven", shelves: 2 }],
    fridgeL: null,
    freezerL: null,
    pans: [
      { id: "frying-pan", name: "Frying pan", kind: "frying", diameterCm: 28, heightCm: 5 },
      { id: "second-pan", name: "Second pan", kind: "frying", diameterCm: 24, heightCm: 5 },
      { id: "pot", name: "Pot", kind: "pot", diameterCm: 22, heightCm: 13 },
    ],
    tins: [{ id: "tin", name: "Oven dish", lengthCm: 30, widthCm: 20, heightCm: 6, round: false }],
    machines: [{ id: "blender", name: "Blender", kind: "blender", volumeMl: 1500, basketCm: null }],
    sleep: { from: "23:00", to: "07:00" },
    away: [],
    units: "metric",
    spoons: "metric",
    scaleStepG: 1,
    scale: "typed",
    pointMin: 20,
  };
}
