/**
 * The closed forms against numerical integration written here: explicit finite differences and Runge–Kutta on the
 * differential equations themselves, sharing no code with the models.
 */
import { altitudeOfBoilingM, atmospherePa, boilingPointC, saturationPa, saturationTempC } from "./boilingPoint";
import { centreRemaining, conductionModes, j0, j1, minutesToCore, type Shape } from "./conduction";
import { consolidatedFraction } from "./consolidation";
import { hoursBetween } from "./cooling";
import { uptakeLargeBath, uptakeSmallBath } from "./diffusion";
import { shapeFactors } from "./freezing";
import { minutesToDry } from "./panHeat";
import { equalPieces } from "./forming";
import { batchesFor, heatUpSeconds, largestBatchKg, type OilBath, oilTempC, piecesPerLayer } from "./panHeat";
import { minutesToReduce, openEvaporationGPerMin } from "./reduction";
import { SURFACES } from "../process/steps/geometry";
import { SURROUNDINGS } from "./freezing";
import { findRoot } from "./roots";
import { diluteG, saltToAddG } from "./salt";
import { bathTempC, minutesToSoak, pelegRate, soakedFraction, type SoakingKinetics } from "./soaking";
import { refilledMoisture } from "./sponge";
import { thicknessOf, thickeningStarchG, starchPer100 } from "./thickening";

/** Classic Runge–Kutta of dy/dt = f(t, y). */
function integrate(f: (t: number, y: number) => number, y0: number, end: number, steps = 4000): number {
  const h = end / steps;
  let y = y0;
  for (let i = 0; i < steps; i++) {
    const t = i * h;
    const a = f(t, y);
    const b = f(t + h / 2, y + (h * a) / 2);
    const c = f(t + h / 2, y + (h * b) / 2);
    const d = f(t + h, y + h * c);
    y += (h / 6) * (a + 2 * b + 2 * c + d);
  }
  return y;
}

/** Explicit finite differences for a slab (0), cylinder (1) or sphere (2) of unit half size with surface resistance; centre value. */
function centreByDifferences(geometry: 0 | 1 | 2, biot: number, fourier: number, nodes = 60): number {
  const dx = 1 / nodes;
  const dt = 0.2 * dx * dx;
  let u = new Float64Array(nodes + 1).fill(1);
  for (let t = 0; t < fourier; t += dt) {
    const next = u.slice();
    for (let i = 1; i < nodes; i++) {
      const x = i * dx;
      const curvature = ((u[i + 1] as number) - 2 * (u[i] as number) + (u[i - 1] as number)) / dx ** 2;
      const slope = ((u[i + 1] as number) - (u[i - 1] as number)) / (2 * dx);
      next[i] = (u[i] as number) + dt * (curvature + (geometry / x) * slope);
    }
    next[0] = (u[0] as number) + dt * 2 * (geometry + 1) * (((u[1] as number) - (u[0] as number)) / dx ** 2);
    // Ghost node beyond the surface: −du/dx = Bi u.
    const ghost = (u[nodes - 1] as number) - 2 * dx * biot * (u[nodes] as number);
    const curvature = (ghost - 2 * (u[nodes] as number) + (u[nodes - 1] as number)) / dx ** 2;
    next[nodes] = (u[nodes] as number) + dt * (curvature + geometry * ((ghost - (u[nodes - 1] as number)) / (2 * dx)));
    u = next;
  }
  return u[0] as number;
}

describe("conduction series against finite differences", () => {
  const geometries: [Shape, 0 | 1 | 2][] = [
    ["slab", 0],
    ["cylinder", 1],
    ["sphere", 2],
  ];
  test.each(geometries.flatMap(([shape, g]) => [0.5, 4].map((bi) => [shape, g, bi] as const)))(
    "%s (Bi %s %s)",
    (shape, g, bi) => {
      for (const fo of [0.15, 0.5]) {
        const series = centreRemaining(conductionModes(shape, bi, 5), fo);
        expect(Math.abs(series - centreByDifferences(g, bi, fo))).toBeLessThan(0.004);
      }
    },
  );
  test("Bessel functions (Abramowitz and Stegun, table 9.1)", () => {
    expect(j0(1)).toBeCloseTo(0.7651976866, 9);
    expect(j1(1)).toBeCloseTo(0.4400505857, 9);
    expect(j0(5)).toBeCloseTo(-0.1775967713, 9);
    expect(j1(10)).toBeCloseTo(0.0434727462, 9);
  });
  const body = {
    directions: [{ shape: "sphere" as const, halfM: 0.02 }],
    food: { conductivity: 0.5, density: 1090, specificHeat: 3300, diffusivity: 1.39e-7 },
    surface: 300,
    startC: 5,
    aroundC: 100,
    coreC: 74,
  };
  test("what is never reached, what is done already, what is no size", () => {
    expect(minutesToCore({ ...body, coreC: 100 })).toEqual({ ok: false, failure: { kind: "never", aroundC: 100 } });
    expect(minutesToCore({ ...body, coreC: 4 })).toEqual({ ok: true, value: 0 });
    expect(minutesToCore({ ...body, directions: [{ shape: "sphere", halfM: 0 }] })).toMatchObject({
      ok: false,
      failure: { kind: "out-of-range", field: "piece size" },
    });
    expect(minutesToCore({ ...body, surface: Number.NaN })).toMatchObject({
      ok: false,
      failure: { kind: "not-a-number" },
    });
  });
  test("thinner is sooner, hotter is sooner", () => {
    const minutes = (change: Partial<typeof body>) => {
      const time = minutesToCore({ ...body, ...change });
      return time.ok ? time.value : NaN;
    };
    expect(minutes({ directions: [{ shape: "sphere", halfM: 0.01 }] })).toBeLessThan(minutes({}));
    expect(minutes({ aroundC: 180 })).toBeLessThan(minutes({}));
  });
});

describe("soaking against direct integration", () => {
  const strips: SoakingKinetics = { startMoisture: 0.08, fullMoisture: 2.4, t90At20Min: 25, activationKJ: 20 };
  test.each([
    [90, 60],
    [60, 30],
    [20, 60],
  ])("a bowl from %s °C with time constant %s min", (startC, timeConstantMin) => {
    const bath = { startC, roomC: 20, timeConstantMin };
    const direct = integrate((t, y) => pelegRate(strips)(bathTempC(bath, t)) * (1 - y) ** 2, 0, 10);
    expect(soakedFraction(strips, bath, 10)).toBeCloseTo(direct, 6);
  });
  test("the rate is continuous where a legume's starch gives way", () => {
    const legume: SoakingKinetics = { ...strips, breakC: 55, activationAboveKJ: 12 };
    expect(pelegRate(legume)(55 + 1e-9) / pelegRate(legume)(55)).toBeCloseTo(1, 8);
    expect(pelegRate(legume)(80)).toBeLessThan(pelegRate(strips)(80));
  });
  test("a bath that cannot says how far it gets", () => {
    const slow: SoakingKinetics = { ...strips, t90At20Min: 40_000 };
    expect(minutesToSoak(slow, { startC: 4, roomC: 4, timeConstantMin: Infinity })).toMatchObject({
      kind: "not-reached",
    });
  });
  test("four degrees take 2.58 times as long at 40 kJ/mol (card 2)", () => {
    const chickpea: SoakingKinetics = { startMoisture: 0.11, fullMoisture: 1.2, t90At20Min: 600, activationKJ: 40 };
    expect(pelegRate(chickpea)(20) / pelegRate(chickpea)(4)).toBeCloseTo(2.58, 2);
  });
  test("a sponge refills from where it is, never above what it holds", () => {
    expect(refilledMoisture(1.4, 2.1, 0, 1)).toBe(1.4);
    expect(refilledMoisture(1.4, 2.1, 1, 1)).toBeCloseTo(2.1 - 0.7 / Math.E, 9);
    expect(refilledMoisture(2.2, 2.1, 10, 1)).toBe(2.2);
  });
});

describe("consolidation and diffusion", () => {
  test("the early and the late form of consolidation meet, and so do those of diffusion", () => {
    expect(consolidatedFraction(0.0500001)).toBeCloseTo(consolidatedFraction(0.0499999), 4);
    expect(uptakeLargeBath("sphere", 0.00100001)).toBeCloseTo(uptakeLargeBath("sphere", 0.00099999), 4);
    expect(uptakeLargeBath("slab", 0.00100001)).toBeCloseTo(uptakeLargeBath("slab", 0.00099999), 4);
  });
  test("a small bath against finite differences with a shrinking bath", () => {
    // Slab of unit half thickness, bath of α times its water; both start at 0 and 1.
    const [nodes, alpha, fourier] = [80, 1, 0.2];
    const dx = 1 / nodes;
    const dt = 0.2 * dx * dx;
    let u = new Float64Array(nodes + 1);
    let bath = 1;
    for (let t = 0; t < fourier; t += dt) {
      u[nodes] = bath;
      const next = u.slice();
      for (let i = 1; i < nodes; i++)
        next[i] =
          (u[i] as number) + (dt / dx ** 2) * ((u[i + 1] as number) - 2 * (u[i] as number) + (u[i - 1] as number));
      next[0] = (u[0] as number) + (2 * dt * ((u[1] as number) - (u[0] as number))) / dx ** 2;
      bath -= ((dt / dx) * ((u[nodes] as number) - (u[nodes - 1] as number))) / alpha;
      u = next;
    }
    const even = alpha / (1 + alpha);
    expect(uptakeSmallBath(alpha, fourier)).toBeCloseTo(1 - (bath - even) / (1 - even), 2);
  });
  test("no bath, no time: no uptake", () => {
    expect(uptakeSmallBath(0, 1)).toBe(0);
    expect(uptakeSmallBath(1, 0)).toBe(0);
    expect(uptakeLargeBath("slab", -1)).toBe(0);
  });
});

describe("frying oil against direct integration", () => {
  const bath: OilBath = {
    capacity: 3912,
    netW: 1200,
    lossWPerK: 2.5,
    roomC: 22,
    startC: 180,
    demandJPerKg: 748_400,
    timeConstantS: 60,
  };
  test("the temperature after a batch goes in", () => {
    const rate = (t: number, temp: number) =>
      (bath.netW -
        bath.lossWPerK * (temp - bath.roomC) -
        ((0.3 * bath.demandJPerKg) / bath.timeConstantS) * Math.exp(-t / bath.timeConstantS)) /
      bath.capacity;
    for (const seconds of [30, 90, 300])
      expect(oilTempC(bath, 0.3, seconds)).toBeCloseTo(integrate(rate, bath.startC, seconds), 3);
  });
  test("the largest batch just touches the floor; a weak burner cannot hold it at all", () => {
    const largest = largestBatchKg(bath, 160);
    if (!largest.ok) throw new Error("cannot hold");
    let lowest = Infinity;
    for (let t = 1; t < 600; t++) lowest = Math.min(lowest, oilTempC(bath, largest.value, t));
    expect(lowest).toBeCloseTo(160, 1);
    expect(largestBatchKg({ ...bath, netW: 300 }, 160)).toEqual({
      ok: false,
      failure: { kind: "cannot-hold", floorC: 160 },
    });
  });
  test("equal time constants take the limit without a jump", () => {
    const theta = bath.capacity / bath.lossWPerK;
    const at = (timeConstantS: number) => oilTempC({ ...bath, timeConstantS }, 0.3, 100);
    expect(at(theta)).toBeCloseTo(at(theta * 1.0001), 2);
    expect(heatUpSeconds({ ...bath, startC: 22 }, 180)).toBeGreaterThan(0);
  });
  test("pieces and batches", () => {
    expect(piecesPerLayer(0.06, 0.2, 0.7)).toBe(0);
    expect(batchesFor(5, 0)).toBeNull();
    expect(batchesFor(0, 4)).toBe(1);
  });
});

/** Antoine's equation for water, 1–100 °C (mmHg constants): independent of IF97. */
const antoineTempC = (pressurePa: number): number =>
  1730.63 / (8.07131 - Math.log10((pressurePa * 760) / 101_325)) - 233.426;
describe("water and air", () => {
  test("saturation forwards and back, 1 to 200 °C; Antoine agrees below 100 °C", () => {
    for (let t = 1; t <= 200; t += 13) expect(saturationTempC(saturationPa(t))).toBeCloseTo(t, 6);
    for (const metres of [0, 1000, 2500])
      expect(Math.abs(antoineTempC(atmospherePa(metres)) - boilingPointC(metres))).toBeLessThan(0.06);
  });
  test("a boiling point tells the height", () => {
    expect(altitudeOfBoilingM(boilingPointC(1250))).toBeCloseTo(1250, 4);
    expect(altitudeOfBoilingM(60)).toBeNull();
  });
  test("evaporation grows with heat and surface and never turns round", () => {
    expect(openEvaporationGPerMin(95, 0.05, 20)).toBeGreaterThan(openEvaporationGPerMin(80, 0.05, 20));
    expect(openEvaporationGPerMin(90, 0.1, 20)).toBeCloseTo(2 * openEvaporationGPerMin(90, 0.05, 20), 9);
    expect(openEvaporationGPerMin(1, 0.05, 20)).toBe(0);
  });
  test("more water than there is cannot boil off", () => {
    const pan = {
      massG: 100,
      waterOffG: 200,
      startC: 20,
      boilC: 100,
      burnerW: 1800,
      efficiency: 0.5,
      lossW: 50,
      specificHeat: 3.9,
    };
    expect(minutesToReduce(pan)).toMatchObject({
      ok: false,
      failure: { kind: "out-of-range", field: "water to boil off", high: 100 },
    });
    expect(minutesToReduce({ ...pan, waterOffG: 0 })).toMatchObject({ ok: true, value: { boilMin: 0 } });
  });
  test("cooling: the asymptote is never crossed", () => {
    expect(hoursBetween(57, 21, 22, 9750)).toBeNull();
    expect(hoursBetween(20, 57, 4, 9750)).toBeNull();
    expect(hoursBetween(57, 30.5, 4, 3600 / Math.LN2)).toBeCloseTo(1, 6);
  });
});

describe("small things that decide a dinner", () => {
  test("a root needs a change of sign", () => {
    expect(findRoot((x) => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 11);
    expect(findRoot((x) => x * x + 1, 0, 2)).toBeNull();
    expect(findRoot((x) => x, 0, 2)).toBe(0);
    expect(findRoot((x) => x - 2, 0, 2)).toBe(2);
  });
  test("salt: bad numbers by name, too salty as a reason, dilution only when needed", () => {
    expect(saltToAddG(-1, 0, 0.01)).toMatchObject({ ok: false, failure: { field: "mass of the mix" } });
    expect(saltToAddG(1000, 0, 0.5)).toMatchObject({ ok: false, failure: { field: "salt target", high: 0.1 } });
    expect(saltToAddG(1000, 20, 0.01)).toMatchObject({ ok: false, failure: { kind: "already-saltier", share: 0.02 } });
    expect(saltToAddG(1000, 10, 0.01)).toMatchObject({ ok: true });
    expect(diluteG(900, 0.01, 0.013)).toBe(0);
  });
  test("thickness bands end where the card says", () => {
    expect([0.79, 0.8, 1.5, 2.8, 5, 5.1].map(thicknessOf)).toEqual([
      "broth",
      "light",
      "coating",
      "thick",
      "thick",
      "sets",
    ]);
    expect(thickeningStarchG(600, 0.8, 2.5, "corn-starch")).toBeCloseTo(10.2, 9);
    expect(thickeningStarchG(600, 0.8, 2.5, "wheat-flour")).toBeCloseTo(20.4, 9);
    expect(thickeningStarchG(600, 3, 2.5, "arrowroot")).toBe(0);
    expect(starchPer100(13, 500)).toBeCloseTo(2.6, 9);
  });
  test("1 100 g at 45 g make 24 of 44.46 g (card 7)", () => {
    const pieces = equalPieces(1100, 45, 0.03);
    expect(pieces.count).toBe(24);
    expect(pieces.eachG).toBeCloseTo(44.46, 2);
    expect(pieces.offTarget).toBe(false);
  });
});

test("below its break a chickpea drinks after the activation energy of the cold, above after that of the hot", () => {
  const chickpea = {
    startMoisture: 0.11,
    fullMoisture: 1.2,
    t90At20Min: 600,
    activationKJ: 40,
    breakC: 55,
    activationAboveKJ: 12,
  };
  // By hand, Arrhenius with R = 8.314: 600 min at 20 °C are 210 at 40 °C; from 55 on only 12 kJ/mol: 600 → 65 at 95 °C (card 2).
  expect(9 / pelegRate(chickpea)(40)).toBeCloseTo(600 * Math.exp((40_000 / 8.314) * (1 / 313.15 - 1 / 293.15)), 1);
  expect(9 / pelegRate(chickpea)(95)).toBeCloseTo(65, -0.5);
});

// Card 18 (still air of a fridge, changed cold water, a freezer) and card 8 (ovens, foil, steam, oil, pan), W/m²K.
test("surface coefficients stand as the cards have them", () => {
  expect(SURROUNDINGS.fridge).toEqual({ tempC: 4, surface: { low: 6, likely: 9, high: 14 } });
  expect(SURROUNDINGS["cold-water"]).toEqual({ tempC: 10, surface: { low: 100, likely: 150, high: 250 } });
  expect(SURROUNDINGS.freezer).toEqual({ tempC: -18, surface: { low: 5, likely: 8, high: 12 } });
  const { stillOven, fanOven, airFryer, foil, steam, deepOil, panContact, boiling, simmering } = SURFACES;
  expect([stillOven, fanOven, airFryer, foil, steam]).toEqual([18, 30, 50, 9, 500]);
  expect([deepOil, panContact, boiling, simmering]).toEqual([300, 300, 800, 600]);
  // Foil with 0.4 mm of still air: 1/(1/500 + 0.0004/0.026) = 57.5.
  expect(SURFACES.steamWrapped).toBeCloseTo(57.5, 1);
});
test("what boils already asks for no heating, only for what goes off", () => {
  const pan = { massG: 500, waterOffG: 50, boilC: 98, burnerW: 1800, efficiency: 0.5, lossW: 60, specificHeat: 3.9 };
  const hot = minutesToReduce({ ...pan, startC: 100 });
  expect(hot.ok && hot.value.heatMin).toBe(0);
  // 50 g · 2257 J/g over 840 W are 134 s.
  expect(hot.ok ? hot.value.boilMin : NaN).toBeCloseTo((50 * 2257) / 840 / 60, 1);
});

test("a pan without heat, with nothing sensible in it, dries nothing", () => {
  const batch = { netW: 800, massG: 300, waterOffG: 60, startC: 20, boilC: 100 };
  expect(minutesToDry(batch).ok).toBe(true);
  for (const bad of [{ netW: 40 }, { massG: -1 }, { waterOffG: NaN }])
    expect(minutesToDry({ ...batch, ...bad })).toMatchObject({ ok: false });
});

test("a cube has the published shape factors 1/6 and 1/24", () => {
  const { p, r } = shapeFactors([0.05, 0.05, 0.05]);
  expect(p).toBeCloseTo(1 / 6, 3);
  expect(r).toBeCloseTo(1 / 24, 3);
});
