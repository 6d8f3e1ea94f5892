import { newStep } from "../process/registry";
import { reshaped } from "./shapes";

test("a form brings its usual piece along; what the cook has set stays", () => {
  const patties = newStep("shape", "s");
  const parcels = reshaped(patties, "parcel", 600);
  expect(parcels).toEqual({ ...patties, form: "parcel", pieceG: 120, diameterMm: 110 });
  // A loaf is all there is, and back again it is not.
  const loaf = reshaped(parcels, "loaf", 600);
  expect(loaf.pieceG).toBe(600);
  expect(reshaped(loaf, "patty", 600)).toEqual(patties);
  expect(reshaped(patties, "loaf", null).pieceG).toBe(80);
  expect(reshaped({ ...patties, pieceG: 65 }, "ball", 600)).toMatchObject({ pieceG: 65, diameterMm: 42 });
  expect(reshaped({ ...patties, diameterMm: 100 }, "log", 600)).toMatchObject({ pieceG: 80, diameterMm: 100 });
});
