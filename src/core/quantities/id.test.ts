import type { FoodId } from "../foods/food";
import type { PartId, StepId } from "../process/step";

test("text becomes an id where it enters; an id of one kind is none of another", () => {
  const food: FoodId = "tofu-firm";
  const part: PartId = "mash";
  // @ts-expect-error a part is no food
  const wrong: FoodId = part;
  const takes = (step: StepId) => step.length;
  // @ts-expect-error nor is a food a step
  expect(takes(food)).toBe(9);
  expect(wrong).toBe("mash");
});
