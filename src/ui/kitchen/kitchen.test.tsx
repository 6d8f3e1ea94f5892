import { screen, within } from "@testing-library/react";
import { DEMO_EATERS, DEMO_KITCHEN } from "@/demo/household";
import { FOODS } from "@/core/foods/table";
import { ownFood } from "@/core/foods/own";
import { FoodShelf, type FoodShelfProps } from "../foods/FoodShelf";
import { show } from "../__tests__/support";
import { Recent } from "./Recent";
import { KitchenForm, type KitchenFormProps } from "./KitchenForm";

const kitchen = (more: Partial<KitchenFormProps> = {}) => {
  const props: KitchenFormProps = {
    kitchen: DEMO_KITCHEN,
    eaters: DEMO_EATERS,
    labels: [],
    newId: (prefix) => `${prefix}-new`,
    onKitchen: jest.fn(),
    onEater: jest.fn(),
    onRemoveEater: jest.fn(),
    onForgetLabel: jest.fn(),
    allFoods: FOODS,
    foods: null,
    backup: null,
    recent: null,
    ...more,
  };
  return { props, ...show(<KitchenForm {...props} />) };
};
const saved = (props: KitchenFormProps) => (props.onKitchen as jest.Mock).mock.calls.at(-1)[0];

describe("gear", () => {
  test("a burner's power, a pan's depth and a machine's bowl are typed and taken", async () => {
    const { user, props } = kitchen();
    const burner = within(screen.getByRole("group", { name: "Front left" }));
    await user.clear(burner.getByLabelText("Power"));
    await user.type(burner.getByLabelText("Power"), "2400{Enter}");
    expect(saved(props).burners[0]).toMatchObject({ id: "front-left", watts: 2400 });
    const pan = within(screen.getByRole("group", { name: "Iron pan" }));
    await user.clear(pan.getByLabelText("Deep"));
    await user.keyboard("{Enter}");
    expect(saved(props).pans[0]).toMatchObject({ id: "iron", heightCm: null });
    const machine = within(screen.getByRole("group", { name: "Food processor" }));
    await user.clear(machine.getByLabelText("Holds"));
    await user.type(machine.getByLabelText("Holds"), "3000{Enter}");
    expect(saved(props).machines[1]).toMatchObject({ kind: "food-processor", volumeMl: 3000 });
  });
  test("absurd power stays where it was typed, with a sentence that names it", async () => {
    const { user, props } = kitchen();
    const burner = within(screen.getByRole("group", { name: "Back" }));
    await user.clear(burner.getByLabelText("Power"));
    await user.type(burner.getByLabelText("Power"), "99000{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent("Power can be 200 to 10000 W. It was left as it is.");
    expect(props.onKitchen).not.toHaveBeenCalled();
  });
  test("tins and machines come and go; a round tin has one size", async () => {
    const { user, props } = kitchen();
    await user.click(screen.getByRole("button", { name: "Add a tin" }));
    expect(saved(props).tins).toHaveLength(4);
    await user.click(screen.getByRole("button", { name: "Remove Loaf tin" }));
    expect(saved(props).tins.map((t: { id: string }) => t.id)).toEqual(["long-dish", "round-dish"]);
    const tin = within(screen.getByRole("group", { name: "Long oven dish" }));
    await user.selectOptions(tin.getByLabelText("Shape"), "round");
    expect(saved(props).tins[0]).toMatchObject({ round: true, lengthCm: 23, widthCm: 23 });
    expect(within(screen.getByRole("group", { name: "Round dish" })).queryByLabelText("Long")).toBeNull();
  });
  test("a machine that nobody named is called by its kind", async () => {
    const [blender, ...others] = DEMO_KITCHEN.machines;
    const machines = [{ ...blender!, name: "Grandmother's" }, ...others];
    const { user, props } = kitchen({ kitchen: { ...DEMO_KITCHEN, machines } });
    const processor = within(screen.getByRole("group", { name: "Food processor" }));
    await user.selectOptions(processor.getByLabelText("Kind"), "pressure-cooker");
    expect(saved(props).machines[1]).toMatchObject({ kind: "pressure-cooker", name: "Pressure cooker" });
    const named = within(screen.getByRole("group", { name: "Grandmother's" }));
    await user.selectOptions(named.getByLabelText("Kind"), "other");
    expect(saved(props).machines[0]).toMatchObject({ kind: "other", name: "Grandmother's" });
  });
  test("whose cups and spoons", async () => {
    const { user, props } = kitchen();
    await user.selectOptions(screen.getByLabelText("Cups and spoons in my recipes are"), "au");
    expect(saved(props).spoons).toBe("au");
  });
});

describe("people and hours", () => {
  test("somebody is added, avoids something, is small, is removed", async () => {
    const { user, props } = kitchen();
    await user.click(screen.getByRole("button", { name: "Add somebody" }));
    expect(props.onEater).toHaveBeenCalledWith(
      expect.objectContaining({ avoids: [], diets: [], age: null }),
      "Add somebody",
    );
    // Each is one line until it is opened.
    expect(screen.queryByRole("button", { name: "Oda: no sesame" })).toBeNull();
    for (const name of ["Oda", "Pim", "Ilse", "Bram"])
      await user.click(screen.getByRole("button", { name: new RegExp(`^${name}`), expanded: false }));
    await user.click(screen.getByRole("button", { name: "Oda: no sesame" }));
    expect(props.onEater).toHaveBeenLastCalledWith(expect.objectContaining({ avoids: ["sesame"] }), "Oda: no sesame");
    await user.selectOptions(screen.getByLabelText("Age of Pim"), "4 to 6");
    expect(props.onEater).toHaveBeenLastCalledWith(expect.objectContaining({ name: "Pim", age: "4-6" }), "Pim: age");
    await user.selectOptions(screen.getByLabelText("Age of Pim"), "age not said");
    expect(props.onEater).toHaveBeenLastCalledWith(expect.objectContaining({ name: "Pim", age: null }), "Pim: age");
    await user.click(screen.getByRole("button", { name: "Ilse: vegan" }));
    expect(props.onEater).toHaveBeenLastCalledWith(expect.objectContaining({ diets: ["vegan"] }), "Ilse: vegan");
    await user.click(screen.getByRole("button", { name: "Remove Bram" }));
    expect(props.onRemoveEater).toHaveBeenCalledWith(expect.objectContaining({ name: "Bram" }));
  });
  test("hours of sleep can be dropped, days away changed", async () => {
    const { user, props } = kitchen();
    await user.click(screen.getByRole("button", { name: "No fixed hours" }));
    expect(saved(props).sleep).toBeNull();
    await user.click(screen.getByRole("button", { name: "Fri" }));
    expect(saved(props).away[0].days).toEqual([1, 2, 3, 4]);
  });
  test("a label of a figure is told as one, and can be forgotten", async () => {
    const label = { id: "tamari.sodiumMg", food: "tamari", figure: "sodiumMg" as const, per100: 6100, name: "Tamari" };
    const { user, props } = kitchen({ labels: [label] });
    expect(screen.getByText("Tamari: sodium 6100 mg in 100 g")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Forget the label of Tamari" }));
    expect(props.onForgetLabel).toHaveBeenCalledWith(label);
  });
});

describe("foods and labels", () => {
  const mine = ownFood("own-1", "Lupin chunks");
  const shelf = (more: Partial<FoodShelfProps> = {}) => {
    const props: FoodShelfProps = {
      foods: [...FOODS, mine],
      isOwn: (id) => id === "own-1",
      onFigure: jest.fn(),
      onAllergen: jest.fn(),
      onOwnFood: jest.fn(),
      onOwn: jest.fn(),
      onRemoveOwn: jest.fn(),
      ...more,
    };
    return { props, ...show(<FoodShelf {...props} />) };
  };
  const look = async (user: ReturnType<typeof show>["user"], query: string, pick: RegExp) => {
    await user.click(screen.getByRole("button", { name: /^Look up a food:/ }));
    await screen.findByRole("combobox", { name: "Look up a food" });
    await user.paste(query);
    await user.click(await screen.findByRole("option", { name: pick }));
  };
  test("a food is found by the name of another region, with source, packs and keeping", async () => {
    const { user } = shelf();
    await look(user, "garbanzo", /^Chickpeas, tinned/);
    expect(screen.getByText(/One tin is 400 g, 240 g drained/)).toBeInTheDocument();
    expect(screen.getByText(/Keeps, once open: fridge 3 days/)).toBeInTheDocument();
    expect(screen.getByRole("group", { name: /Figures of Chickpeas, tinned/ })).toBeInTheDocument();
  });
  test("a packet's sodium is taken; figures that cannot be are refused with their reason", async () => {
    const { user, props } = shelf();
    await look(user, "tamari", /^Tamari\b/);
    await user.clear(screen.getByLabelText("sodium"));
    await user.type(screen.getByLabelText("sodium"), "6100{Enter}");
    expect(props.onFigure).toHaveBeenCalledWith(expect.objectContaining({ id: "tamari" }), "sodiumMg", 6100);
    await user.clear(screen.getByLabelText("protein"));
    await user.type(screen.getByLabelText("protein"), "80{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent(/water, protein, fat, carbohydrate make 152 g in 100 g/);
    expect(props.onFigure).toHaveBeenCalledTimes(1);
  });
  test("an own food says what it blocks, borrows figures and is added by its name alone", async () => {
    const { user, props } = shelf();
    await look(user, "lupin ch", /^Lupin chunks/);
    expect(screen.getByText("Without its water every figure after it is a wide guess.")).toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText("In the pan it is like"), "soy-strips");
    expect(props.onOwn).toHaveBeenCalledWith(expect.objectContaining({ like: "soy-strips" }), "What it is like");
    await user.click(screen.getByRole("button", { name: /^gluten: read the label/ }));
    expect(props.onAllergen).toHaveBeenCalledWith(expect.objectContaining({ id: "own-1" }), "gluten", "contains");
    await look(user, "Oca roots", /Add “Oca roots” as my own food/);
    expect(props.onOwnFood).toHaveBeenCalledWith("Oca roots", expect.any(Function));
  });
});

describe("what somebody dislikes, and what was done of late", () => {
  test("a dislike is searched for, and taken off by pressing it", async () => {
    const { user, props } = kitchen();
    for (const name of [/^Pim/, /^Oda/]) await user.click(screen.getByRole("button", { name, expanded: false }));
    await user.click(screen.getByRole("button", { name: "Pim may have Tarragon, fresh again" }));
    expect((props.onEater as jest.Mock).mock.calls.at(-1)[0]).toMatchObject({ id: "pim", dislikes: [] });
    await user.click(screen.getByRole("button", { name: "a food that Oda dislikes" }));
    expect(await screen.findByLabelText("A food that Oda dislikes")).toBeInTheDocument();
  });
  test("the last changes can be brought back one by one; what was taken back says so", async () => {
    const onBringBack = jest.fn();
    const change = (seq: number, takenBack: boolean) => ({
      seq,
      label: `Change ${seq}`,
      when: "Fri 27 Nov",
      takenBack,
    });
    const { user } = show(
      <Recent changes={[9, 8, 7, 6, 5, 4, 3].map((n) => change(n, n === 8))} onBringBack={onBringBack} />,
    );
    expect(screen.getByText("taken back")).toBeInTheDocument();
    expect(screen.queryByText("Change 3")).toBeNull();
    await user.click(screen.getByRole("button", { name: "Show all 7" }));
    await user.click(screen.getByRole("button", { name: "Bring back what was there before: Change 3" }));
    expect(onBringBack).toHaveBeenCalledWith(3);
  });
});
describe("who cooks", () => {
  test("somebody comes only at some hours of some days; the last cook stays", async () => {
    const { props, user } = kitchen();
    const remove = screen.getByRole("button", { name: "Remove cook Oda" });
    expect(remove).toBeDisabled();
    await user.click(screen.getByRole("button", { name: "Oda is there only at some hours" }));
    expect(saved(props).cooks[0].hours).toEqual({ days: [1, 2, 3, 4, 5, 6, 7], from: "18:00", to: "22:00" });
    await user.click(screen.getByRole("button", { name: "Add a cook" }));
    expect(saved(props).cooks).toHaveLength(2);
  });
  test("an oven has its shelves; space that is emptied is unknown", async () => {
    const { props, user } = kitchen();
    await user.click(screen.getByRole("button", { name: "Add an oven" }));
    expect(saved(props).ovens[1]).toMatchObject({ name: "Oven 2", shelves: 2 });
    const fridge = screen.getByLabelText(/Fridge, space for food/);
    await user.clear(fridge);
    await user.tab();
    expect(saved(props).fridgeL).toBeNull();
  });
});
