/**
 * The check values of the model cards against the code. Each value carries its source in `check-values.json`:
 * published tables (Taylor's consolidation table, Crank's roots, Incropera Table 5.1, IAPWS-IF97 Tables 35 and 36,
 * ICAO Doc 7488, NIST factors) and values computed independently with scipy. Cards not built yet are not listed.
 */
import { correctByReading } from "../process/weighIn";
import { EMPTY_VESSEL } from "../process/ledger";
import { liquor, NOTHING, totalG } from "../process/contents";
import { binderSteps, liquidSteps } from "../bind/correction";
import { processOf } from "../foods/process";
import { bindingState, boundShare, FRIDGE_SLOWNESS, freeWaterG } from "../models/binderWater";
import { atmospherePa, boilingPointC, saturationPa, saturationTempC } from "../models/boilingPoint";
import { conductionModes, minutesToCore, type Shape, wrappedSurface } from "../models/conduction";
import { consolidatedFraction, equilibriumMoisture, loadPressureKPa, timeFactor } from "../models/consolidation";
import { hoursBetween } from "../models/cooling";
import { minutesThrough } from "../models/freezing";
import { minutesTo, ovenCurve, valueAt } from "../models/ovenHeat";
import { cookerC, timeFactorAt } from "../models/softening";
import { diffusivityAt, frontDepthM, slabRoots, uptakeLargeBath, uptakeSmallBath } from "../models/diffusion";
import { ballDiameterM, pattyThicknessM } from "../models/forming";
import {
  batchesFor,
  batchMinutes,
  discM2,
  heatUpSeconds,
  largestBatchKg,
  oilTempC,
  piecesPerLayer,
} from "../models/panHeat";
import { minutesToReduce, openEvaporationGPerMin } from "../models/reduction";
import { findRoot } from "../models/roots";
import { diluteG, saltToAddG, SODIUM_SHARE_OF_SALT } from "../models/salt";
import {
  coolingTimeConstantMin,
  coveringLiquidG,
  minutesToSoak,
  mixedTempC,
  moistureAfterSoak,
  type SoakingKinetics,
} from "../models/soaking";
import { feltStarch, starchPer100, thinningLiquidG } from "../models/thickening";
import { thermalProperties } from "../models/thermal";
import { triangularCdf } from "../quantities/range";
import type { Result } from "../quantities/result";
import * as units from "../quantities/units";
import table from "./check-values.json";
import { solidsOf } from "../process/solids";

interface Check {
  model: string;
  id: string;
  inputs: Record<string, never>;
  expected: Record<string, number>;
  tolerance: { abs?: number; rel?: number; exact?: boolean };
  source: string;
}
const value = <T>(r: Result<T, unknown>): T => {
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r.value;
};
const kinetics = (
  startMoisture: number,
  fullMoisture: number,
  t90At20Min: number,
  activationKJ: number,
  above?: number,
): SoakingKinetics => ({
  startMoisture,
  fullMoisture,
  t90At20Min,
  activationKJ,
  ...(above === undefined ? {} : { breakC: 55, activationAboveKJ: above }),
});
/** Table of card 2. */
const SOAKS: Record<string, SoakingKinetics> = {
  soy_strips: kinetics(0.08, 2.4, 25, 20),
  tvp_granules: kinetics(0.08, 2.3, 15, 18),
  lentil_red: kinetics(0.1, 1.1, 90, 35, 12),
  lentil_green: kinetics(0.1, 1.1, 300, 38, 12),
  chickpea: kinetics(0.11, 1.2, 600, 40, 12),
  cashew: kinetics(0.05, 0.5, 300, 27),
  walnut: kinetics(0.04, 0.35, 480, 27),
  shiitake_whole: kinetics(0.1, 4.8, 180, 25),
  shiitake_sliced: kinetics(0.1, 4.8, 45, 25),
};
const soakSeconds = (food: string, startC: number, roomC: number, timeConstantMin: number) => {
  const found = minutesToSoak(SOAKS[food] as SoakingKinetics, { startC, roomC, timeConstantMin });
  return found.kind === "reached" ? found.minutes * 60 : NaN;
};
const held = (tempC: number) => (i: Inputs) =>
  Object.fromEntries((i.foods as string[]).map((f) => [f, soakSeconds(f, tempC, tempC, Infinity)]));
const bowl = (i: Inputs) => {
  const food = SOAKS[i.food as string] as SoakingKinetics;
  const bath = { startC: i.T0_C as number, roomC: i.Ta_C as number, timeConstantMin: (i.tauCool_s as number) / 60 };
  return {
    M_600s: value(moistureAfterSoak(food, bath, (i.t_s as number) / 60)),
    t90_s: soakSeconds(i.food as string, bath.startC, bath.roomC, bath.timeConstantMin),
  };
};
/** λ of the check is 82 % water times 333.5 kJ/kg; the difference is to the freezing point of −1 °C. */
const plank = (way: "thaw" | "freeze") => (i: Inputs) => {
  const difference = i.dT_K as number;
  const minutes = value(
    minutesThrough(
      { edgesM: [i.a_m as number, i.b_m as number, i.c_m as number], water: 0.82 },
      way,
      way === "thaw" ? difference - 1 : -difference - 1,
      i.h as number,
    ),
  );
  return { t_s: minutes * 60 };
};
const firmTofu = { referenceMoisture: 4.9, thresholdKPa: 0.5, exponent: 0.12, consolidationM2PerS: 1.5e-7 };
const steps = (shape: Shape) => (i: Inputs) => {
  const mode = conductionModes(shape, i.Bi as number, 1)[0];
  return { zeta1: mode?.zeta ?? NaN, C1: mode?.coefficient ?? NaN };
};
const mixFood = {
  conductivity: 0.500988459929211,
  density: 1092.0742877293462,
  specificHeat: 3307.6080287999994,
  diffusivity: 1.3869522285454231e-7,
};
const fryer = {
  capacity: 3912,
  netW: 1200,
  lossWPerK: 2.5,
  roomC: 22,
  startC: 180,
  demandJPerKg: 748_400,
  timeConstantS: 60,
};
const BINDERS: Record<string, string> = {
  flax: "ground-flax",
  crumbs: "breadcrumbs",
  wheat_flour: "wheat-flour",
  psyllium: "husk",
  tapioca_raw: "tapioca-starch",
  oat: "oat-flour",
  gluten: "gluten",
};
const binder = (name: string) => {
  const figures = processOf(BINDERS[name] as string).binder;
  if (!figures) throw new Error(`no binder ${name}`);
  return figures;
};
/** keep_i of card 6. */
const KEEPS: Record<string, number> = { chickpea: 1.4, peel: 7.5, tofu: 2.5, strips: 1.6 };
const binding = (i: Inputs) => {
  const bases = (i.bases as unknown as { base: string; solids_g: number; M: number }[]).map((b) => ({
    food: b.base,
    solidsG: b.solids_g,
    moisture: b.M,
    keeps: KEEPS[b.base] as number,
  }));
  const binders = Object.entries(i.binders_g as unknown as Record<string, number>).map(([food, massG]) => ({
    food,
    massG,
    figures: binder(food),
  }));
  const state = bindingState({
    addedWaterG: i.addedWater_g as number,
    bases,
    binders,
    totalG: i.total_g as number,
    restMin: (i.t_min as number | null) ?? Infinity,
  });
  if (state === null) throw new Error("no binder");
  expect(state.freeWaterG).toBeCloseTo(freeWaterG(i.addedWater_g as number, bases), 9);
  return {
    Wf: state.freeWaterG,
    Dlo: state.holdsFromG,
    Dhi: state.holdsToG,
    p: state.position,
    B: state.strength,
    zone: state.zone,
    set: state.set,
  };
};
const windowOf = (i: Inputs) =>
  Object.entries(i.binders_g as unknown as Record<string, number>).reduce(
    ([from, to], [name, g]) => [from + g * binder(name).holdsFrom, to + g * binder(name).holdsTo],
    [0, 0],
  ) as [number, number];

type Inputs = Record<string, number | string | number[] | string[] | Record<string, number>>;
const PROVEN: Record<string, (i: Inputs) => Record<string, number | string>> = {
  nist_factors: () => ({
    lb: units.GRAMS_PER_POUND / 1000,
    oz: units.GRAMS_PER_OUNCE / 1000,
    tsp: units.ML_PER_US_TEASPOON / 1e6,
    tbsp: units.ML_PER_US_TABLESPOON / 1e6,
    cup: units.ML_PER_US_CUP / 1e6,
    psi: units.PASCAL_PER_PSI,
  }),
  fahrenheit: (i) => Object.fromEntries((i.F as number[]).map((f) => [`C${f}`, units.celsiusFromFahrenheit(f)])),
  squeeze_with_dissolved_salt: (i) => {
    const batch = {
      ...NOTHING,
      solids: solidsOf("strips", i.solids_g as number),
      waterG: i.water_g as number,
      saltG: i.salt_g as number,
    };
    const gone = liquor(batch, batch.waterG - (i.M_after as number) * (i.solids_g as number));
    return {
      expelledWater_g: gone.waterG,
      expelledSalt_g: gone.saltG,
      water_g: batch.waterG - gone.waterG,
      salt_g: batch.saltG - gone.saltG,
      total_g: totalG(batch) - totalG(gone),
    };
  },
  triangular_moments: (i) => ({
    cdf: triangularCdf({ low: i.low as number, likely: i.mode as number, high: i.high as number }, i.x as number),
  }),
  isothermal_t90_20C: held(20),
  isothermal_t90_60C: held(60),
  isothermal_t90_95C: held(95),
  bowl_soy_strips_90: bowl,
  bowl_soy_strips_60: bowl,
  bowl_tvp_granules_95: bowl,
  bowl_chickpea_20: bowl,
  mix_temperature: (i) => {
    const n = i as Record<string, number>;
    const shares = [
      { massG: 1000 * (n.water_kg as number), specificHeat: n.cpWater as number, tempC: n.Tw_C as number },
      { massG: 1000 * (n.food_kg as number), specificHeat: n.cpFood as number, tempC: n.Tfood_C as number },
      { massG: 1000 * (n.bowl_kg as number), specificHeat: n.cpBowl as number, tempC: n.Tbowl_C as number },
    ];
    return { T_C: mixedTempC(shares), tauCool_s: 60 * coolingTimeConstantMin(shares, 12 * 0.085) };
  },
  cover_liquid: () => {
    const cover = coveringLiquidG({ dryG: 227, startMoisture: 0.08, moisture: 2.4, bowlDiameterM: 0.22 });
    return { final_kg: cover.finalG / 1000, initial_kg: cover.initialG / 1000, needLoose_kg: cover.needG / 1000 };
  },
  terzaghi_Tv_table: (i) =>
    Object.fromEntries(
      (i.U as number[]).map((u) => [
        `T${Math.round(u * 100)}`,
        findRoot((t) => consolidatedFraction(t) - u, 1e-6, 5) ?? NaN,
      ]),
    ),
  U_series: (i) =>
    Object.fromEntries((i.Tv as number[]).map((t) => [t === 1 ? "U_1.0" : `U_${t}`, consolidatedFraction(t)])),
  tofu_board_4kg: () => {
    const pressure = loadPressureKPa(4, 0.0075);
    const keeps = equilibriumMoisture(firmTofu, pressure);
    const most = (400 / 5.9) * (4.9 - keeps);
    const after = (min: number) => most * consolidatedFraction(timeFactor(firmTofu, min, 0.025));
    return {
      P_kPa: pressure,
      Meq: keeps,
      expelled_inf_g: most,
      expelled_10min_g: after(10),
      expelled_30min_g: after(30),
      expelled_60min_g: after(60),
      expelled_120min_g: after(120),
    };
  },
  tofu_freeze_thaw_hand_squeeze: () => {
    const thawed = { referenceMoisture: 4.312, thresholdKPa: 0.5, exponent: 0.24, consolidationM2PerS: 3e-6 };
    return {
      M_after_thaw: 4.9 * (1 - 0.12),
      Meq: equilibriumMoisture(thawed, 20),
      U60s: consolidatedFraction(timeFactor(thawed, 1, 0.0125)),
    };
  },
  crank_roots_sheet: () => {
    const [q1, q2, q3] = slabRoots(1, 3);
    return { q1: q1 ?? NaN, q2: q2 ?? NaN, q3: q3 ?? NaN };
  },
  half_time_sheet: () => ({ Dt_over_L2: (findRoot((fo) => uptakeLargeBath("slab", fo) - 0.5, 1e-4, 2) ?? NaN) / 4 }),
  uptake_infinite_bath: (i) =>
    Object.fromEntries(
      (i.Fo as number[]).flatMap((fo) => [
        [`slab_${fo}`, uptakeLargeBath("slab", fo)],
        [`sph_${fo}`, uptakeLargeBath("sphere", fo)],
      ]),
    ),
  uptake_finite_bath_slab: (i) =>
    Object.fromEntries(
      (i.alpha as number[]).flatMap((a) => (i.Fo as number[]).map((fo) => [`a${a}_F${fo}`, uptakeSmallBath(a, fo)])),
    ),
  tofu_slab_15mm_both: (i) =>
    Object.fromEntries(
      (i.t_h as number[]).map((h) => [`${h}h`, uptakeLargeBath("slab", ((i.D as number) * h * 3600) / 0.0075 ** 2)]),
    ),
  penetration_10pct: (i) =>
    Object.fromEntries((i.t_h as number[]).map((h) => [`${h}h_mm`, 1000 * frontDepthM(i.D as number, h * 3600)])),
  D_temperature: (i) =>
    Object.fromEntries((i.T_C as number[]).map((t) => [`${t}C`, diffusivityAt(i.D25 as number, t)])),
  sodium_fraction: () => ({ NaFrac: SODIUM_SHARE_OF_SALT }),
  forgot_salt_soy_to_miso: (i) => {
    const n = i as Record<string, number>;
    const soy = ((n.soy_g as number) * (n.soyNa_mg100 as number)) / 1e5 / SODIUM_SHARE_OF_SALT;
    const miso =
      ((n.miso_tbsp as number) * (n.misoTbsp_g as number) * (n.misoNa_mg100 as number)) / 1e5 / SODIUM_SHARE_OF_SALT;
    return { soySaltEq_g: soy, misoSaltEq_g: miso, addSalt_g: soy - miso };
  },
  salt_to_target: (i) => ({
    add_g: value(saltToAddG(i.mix_g as number, i.alreadySaltEq_g as number, i.target as number)),
  }),
  oversalt_dilution: () => ({
    addUnsalted_g: diluteG(900, 0.018, 0.013),
    addDiluent_g: diluteG(900, 0.018, 0.013, 0.002),
  }),
  chickpea_balls_rested: binding,
  peel_balls_rested: binding,
  tofu_joint_rested: binding,
  soy_patty_5min: binding,
  soy_patty_20min: binding,
  soy_patty_240min: binding,
  gluten_log_rested: binding,
  rest: () => ({
    oat_4h_fridge: boundShare(binder("oat"), 240 / FRIDGE_SLOWNESS),
    psyllium_20min: boundShare(binder("psyllium"), 20),
    crumbs_40min_fridge: boundShare(binder("crumbs"), 40 / FRIDGE_SLOWNESS),
    flax_10min: boundShare(binder("flax"), 10),
  }),
  dry_mix_liquid_steps: (i) => ({ steps: liquidSteps(i.Wf_g as number, ...windowOf(i)) }),
  wet_mix_oat_steps: (i) => ({ steps: binderSteps(i.Wf_g as number, ...windowOf(i), binder("oat"), 5.9) }),
  ball_40g: () => ({ d_mm: 1000 * ballDiameterM(40, 1050) }),
  log_500g: () => ({ L_mm: 1000 * pattyThicknessM(500, 1050, 0.06) }),
  patty: () => ({ h_mm: 1000 * pattyThicknessM(113.4, 1030, 0.1) }),
  ...Object.fromEntries(
    (["slab", "cylinder", "sphere"] as const).flatMap((shape) =>
      [0.1, 1, 10].map((bi) => [`incropera_${shape}_Bi${bi}`, steps(shape)]),
    ),
  ),
  choi_okos_water_0C: () => water(0),
  water_20C_vs_handbook: () => water(20),
  choi_okos_mix: () => {
    const x = { water: 0.62, protein: 0.18, fat: 0.06, carbohydrate: 0.1, fibre: 0.02, ash: 0.02 };
    const [dense, porous] = [thermalProperties(x, 40), thermalProperties(x, 40, 0.1)];
    return {
      k: dense.conductivity,
      rho: dense.density,
      cp: dense.specificHeat,
      alpha: dense.diffusivity,
      k_eps10: porous.conductivity,
      rho_eps10: porous.density,
      alpha_eps10: porous.diffusivity,
    };
  },
  ball_time_to_74: () => {
    const seconds = (massG: number, surface: number, aroundC: number) =>
      60 *
      value(
        minutesToCore({
          directions: [{ shape: "sphere", halfM: ballDiameterM(massG, mixFood.density) / 2 }],
          food: mixFood,
          surface,
          aroundC,
          startC: 5,
          coreC: 74,
        }),
      );
    return Object.fromEntries(
      [20, 40, 80].flatMap((m) => [
        [`${m}g_h18_T200`, seconds(m, 18, 200)],
        [`${m}g_h50_T190`, seconds(m, 50, 190)],
        [`${m}g_h600_T95`, seconds(m, 600, 95)],
      ]),
    );
  },
  loaf_11x7x20cm_180C: () => {
    const loaf = (surface: number) =>
      60 *
      value(
        minutesToCore({
          directions: [0.055, 0.035, 0.1].map((halfM) => ({ shape: "slab" as const, halfM })),
          food: mixFood,
          surface,
          startC: 5,
          aroundC: 180,
          coreC: 74,
        }),
      );
    return { bare_s: loaf(18), foil_s: loaf(9) };
  },
  log_6cm_x_17cm_steam: () => ({
    t_s:
      60 *
      value(
        minutesToCore({
          directions: [
            { shape: "cylinder", halfM: 0.03 },
            { shape: "slab", halfM: 0.085 },
          ],
          food: mixFood,
          surface: 60,
          startC: 10,
          aroundC: 100,
          coreC: 85,
        }),
      ),
  }),
  wrap_h_eff: () => ({ h_eff: wrappedSurface(18, [0.015285714285714284]) }),
  deep_fry_300g: () => {
    let [tMin, at] = [Infinity, 0];
    for (let t = 0; t < 400; t += 0.1) if (oilTempC(fryer, 0.3, t) < tMin) [tMin, at] = [oilTempC(fryer, 0.3, t), t];
    return {
      Tmin_C: tMin,
      tMin_s: at,
      T_75s: oilTempC(fryer, 0.3, 75),
      maxBatch_kg: value(largestBatchKg(fryer, 160)),
      t_back_to_175_s: findRoot((t) => oilTempC(fryer, 0.3, t) - 175, 100, 600) ?? NaN,
    };
  },
  airfryer_batches: () => {
    // A square grid in a square basket: a piece takes the square of its side.
    const perBatch = piecesPerLayer(0.0576, 0.05 ** 2, 0.75);
    return { perBatch, batches: batchesFor(40, perBatch) ?? NaN, total_s: 60 * batchMinutes(3, 12, 1, 3) };
  },
  pan_patties: () => {
    const perBatch = piecesPerLayer(discM2(0.26), discM2(0.09), 0.7);
    const batches = batchesFor(8, perBatch) ?? NaN;
    return { perBatch, batches, total_s: 60 * batchMinutes(batches, 8, 0.5, 0) };
  },
  oil_heat_up: () => ({ t_s: heatUpSeconds({ ...fryer, startC: 22 }, 180) }),
  half_litre: () => {
    const time = value(
      minutesToReduce({
        massG: 1000,
        waterOffG: 500,
        startC: 20,
        boilC: 100,
        burnerW: 1800,
        efficiency: 0.55,
        lossW: 60,
        specificHeat: 3.9,
      }),
    );
    return { t_evap_s: time.boilMin * 60, t_heat_s: time.heatMin * 60, total_s: (time.boilMin + time.heatMin) * 60 };
  },
  below_boil_evaporation: () => ({ rate_kg_h: (openEvaporationGPerMin(90, discM2(0.26), 22) * 60) / 1000 }),
  starch_equivalent: () => {
    const corn = 8 + 10 * 0.5;
    const reduced = starchPer100(corn, 375);
    return {
      cEq: starchPer100(corn, 500),
      cEq_after_reduce25: reduced,
      dilute_to_2_g: thinningLiquidG(500, starchPer100(corn, 500), 2),
    };
  },
  cooling_thickens: () => ({ cPerceived: feltStarch(2, 40) }),
  if97_psat: () => ({
    p300_MPa: saturationPa(300 - 273.15) / 1e6,
    p500_MPa: saturationPa(500 - 273.15) / 1e6,
    p600_MPa: saturationPa(600 - 273.15) / 1e6,
  }),
  if97_tsat: () => ({
    T01: saturationTempC(1e5) + 273.15,
    T1: saturationTempC(1e6) + 273.15,
    T10: saturationTempC(1e7) + 273.15,
  }),
  icao_pressure: (i) => Object.fromEntries((i.h_m as number[]).map((h) => [`p${h}`, atmospherePa(h)])),
  boiling_point_altitude: (i) => Object.fromEntries((i.h_m as number[]).map((h) => [`T_${h}`, boilingPointC(h)])),
  cooling_4kg_pot: () => ({
    t57_21_fridge_h: hoursBetween(57, 21, 4, 9750) ?? NaN,
    t21_5_fridge_h: hoursBetween(21, 5, 4, 9750) ?? NaN,
  }),
  ball40_oven_wet_surface_FV: () => {
    // The check's ball has the mix's density, 1092 kg/m³.
    const halfM = ((3 * 0.04) / (4 * Math.PI * mixFood.density)) ** (1 / 3);
    const curve = value(
      ovenCurve({ shape: "sphere", halfM, food: mixFood, surface: 18, wetShare: 0.15, startC: 5, ovenC: 200 }, 60),
    );
    const minutes = minutesTo(curve, 74) ?? NaN;
    return { t_s: minutes * 60, massLossFrac_at_t: valueAt(curve.lossShare, minutes) };
  },
  legume_time_factor: () => ({
    open2000: timeFactorAt(boilingPointC(2000), boilingPointC(0)),
    pc15: timeFactorAt(cookerC(0, (15 * units.PASCAL_PER_PSI) / 1000), boilingPointC(0)),
  }),
  chickpea_paths: () => ({
    unsoaked_min: 60 + (0.9 * soakSeconds("chickpea", 95, 95, Infinity)) / 60,
    pc15_hold_soaked_min: 60 * timeFactorAt(cookerC(0, (15 * units.PASCAL_PER_PSI) / 1000), boilingPointC(0)),
  }),
  pressure_cooker: () => {
    const at = (psi: number, h: number) => cookerC(h, (psi * units.PASCAL_PER_PSI) / 1000);
    return { T_6psi_0m: at(6, 0), T_8psi_0m: at(8, 0), "T_11.6psi_0m": at(11.6, 0), T_15psi_0m: at(15, 0) };
  },
  thaw_fridge_4C_h6: plank("thaw"),
  thaw_fridge_4C_h4: plank("thaw"),
  thaw_cold_water_10C: plank("thaw"),
  "freeze_-18C_h8": plank("freeze"),
  squeeze_363g: (i) => weighed(i, 363),
  squeeze_418g: (i) => weighed(i, 418),
};

function water(tempC: number) {
  const { conductivity, density, specificHeat } = thermalProperties(
    { water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 },
    tempC,
  );
  return { k: conductivity, rho: density, cp: specificHeat };
}

function weighed(i: Inputs, readingG: number) {
  const n = i as Record<string, number>;
  const batch = {
    ...NOTHING,
    solids: solidsOf("strips", n.solids_g as number),
    waterG: n.water_g as number,
    saltG: n.salt_g as number,
  };
  const after = { ...EMPTY_VESSEL, batch };
  const corrected = value(
    correctByReading("liquor", { after, inputs: [], outputs: [], phases: [], needs: [], facts: [] }, readingG),
  );
  const { waterG, saltG } = corrected.outcome.after.batch;
  return { k: corrected.factor, water_g: waterG, salt_g: saltG, M: waterG / (n.solids_g as number) };
}

const CHECKS = (table as unknown as { checks: Check[] }).checks.filter((c) => c.id in PROVEN);

test("most of the cards of this slice have a check", () => {
  expect(CHECKS.length).toBeGreaterThanOrEqual(60);
});

test.each(CHECKS.map((c) => [`${c.model} ${c.id}`, c] as const))("%s", (_name, check) => {
  const got = (PROVEN[check.id] as (i: Inputs) => Record<string, number | string>)(check.inputs);
  const compared = Object.keys(got).filter((key) => key in check.expected);
  expect(compared.length).toBeGreaterThan(0);
  for (const key of compared) {
    const [actual, expected] = [got[key], check.expected[key] as number];
    const { abs = 0, rel = 0 } = check.tolerance;
    if (typeof expected === "string") expect([key, actual]).toEqual([key, expected]);
    else {
      // The file prints eight significant digits: half a unit of the last one is its own rounding.
      const allowed = abs + Math.max(rel, 5e-8) * Math.abs(expected);
      const near = Math.abs((actual as number) - expected) <= allowed;
      expect({ key, near, actual, expected }).toEqual({ key, near: true, actual, expected });
    }
  }
});
