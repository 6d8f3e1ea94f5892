import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";

/** Grams of sodium in a gram of NaCl, from standard atomic weights (IUPAC): Na 22.98976928, Cl 35.45. */
export const SODIUM_SHARE_OF_SALT = 22.98976928 / (22.98976928 + 35.45);

/** Why no salt can be added up to the target. */
export type SeasonFailure =
  BadNumber | { readonly kind: "already-saltier"; readonly share: number; readonly wanted: number };

/**
 * Salt to add so that it makes up `wanted` of the mix it then is: x = (p M − S)/(1 − p), by mass balance.
 *
 * @param mixG mass before the salt; @param saltG NaCl equivalents already in it; @param wanted fraction, 0–0.1
 */
export function saltToAddG(mixG: number, saltG: number, wanted: number): Result<number, SeasonFailure> {
  const bad = firstBad(
    checkNumber("mass of the mix", mixG, 0, 1e6),
    checkNumber("salt target", wanted, 0, 0.1),
    checkNumber("salt in the mix", saltG, 0, 1e6),
  );
  if (bad) return fail(bad);
  const add = (wanted * mixG - saltG) / (1 - wanted);
  return add < -1e-9 ? fail({ kind: "already-saltier", share: saltG / mixG, wanted }) : succeed(Math.max(0, add));
}

/** Unsalted (or weakly salted) food that brings an over-salted mix down to `wanted`, g; by mass balance. */
export function diluteG(mixG: number, share: number, wanted: number, diluentShare = 0): number {
  return share <= wanted ? 0 : (mixG * (share - wanted)) / (wanted - diluentShare);
}

/** Salt in the food as eaten, fraction by mass: low, aim, high (common practice). */
export const SALT_TARGETS = {
  soup: [0.007, 0.009, 0.01],
  sauce: [0.009, 0.011, 0.013],
  braised: [0.011, 0.013, 0.015],
  mince: [0.012, 0.014, 0.016],
  loaf: [0.011, 0.013, 0.015],
  sausage: [0.015, 0.018, 0.021],
  rasher: [0.018, 0.023, 0.03],
  fillet: [0.009, 0.011, 0.013],
  mash: [0.008, 0.01, 0.012],
} as const;
/** What a part's salt is measured against. */
export type SaltTarget = keyof typeof SALT_TARGETS;
