import { screen, within } from "@testing-library/react";
import { DEMO_KITCHEN } from "@/demo/household";
import { FOODS } from "@/core/foods/table";
import { show } from "../__tests__/support";
import { AddPart } from "./AddPart";

function start() {
  const actions = { addPart: jest.fn(), addChain: jest.fn(), addWeighed: jest.fn(), ownFood: jest.fn() };
  const done = jest.fn();
  const { user } = show(
    <AddPart foods={FOODS} kitchen={DEMO_KITCHEN} actions={actions as never} heads={4} onDone={done} />,
  );
  return { user, actions, done };
}
const search = () => screen.findByRole("combobox", { name: /^What goes in/ });

test("a food with its amount offers its usual ways, and one press builds the part", async () => {
  const { user, actions, done } = start();
  await search();
  await user.paste("500 g tempeh");
  await user.click(await screen.findByRole("option", { name: "Tempeh: 500 g" }));
  const ways = await screen.findByRole("group", { name: "The usual ways" });
  expect(ways).toHaveTextContent("500 g of Tempeh. What becomes of it?");
  // By keyboard one goes on right here.
  expect(within(ways).getAllByRole("button")[0]).toHaveFocus();
  await user.click(within(ways).getByRole("button", { name: /steamed and seared: skewers/ }));
  expect(actions.addChain).toHaveBeenCalledWith(
    expect.objectContaining({ route: "tempeh-seared", form: "skewer" }),
    expect.objectContaining({ id: "tempeh" }),
    500,
  );
  expect(done).toHaveBeenCalled();
});
test("without an amount a way takes what is usual and says so; weighed out it is to be said", async () => {
  const { user, actions } = start();
  await search();
  await user.paste("soy strips");
  await user.click(await screen.findByRole("option", { name: /^Dried soy strips/ }));
  const ways = await screen.findByRole("group", { name: "The usual ways" });
  expect(ways).toHaveTextContent("Dried soy strips, about 120 g as is usual for 4: change it where it stands.");
  await user.click(screen.getByRole("button", { name: /^Only weighed out/ }));
  expect(actions.addWeighed).toHaveBeenCalledWith("Dried soy strips", [{ food: "soy-strips", grams: null }]);
});
test("several foods at once come in as one part, each with its amount", async () => {
  const { user, actions, done } = start();
  await search();
  await user.paste("250 g tinned chickpeas, 1 red chilli, salt");
  await user.click(
    await screen.findByRole("option", { name: /^Chickpeas, tinned, drained 250 g · Chilli, fresh 15 g/ }),
  );
  expect(actions.addWeighed).toHaveBeenCalledWith("Chickpeas, tinned, drained", [
    { food: "chickpeas-tinned", grams: expect.objectContaining({ likely: 250 }) },
    { food: "chilli", grams: expect.objectContaining({ likely: 15 }) },
    { food: "salt", grams: null },
  ]);
  expect(done).toHaveBeenCalled();
});
test("what only comes nearest says so, and Enter does not take it", async () => {
  const { user, actions } = start();
  await search();
  await user.paste("yacon noodles");
  expect(await screen.findByText("No food here is called “yacon”. These come nearest:")).toBeInTheDocument();
  await user.click(screen.getByRole("option", { name: "Add “yacon noodles” as my own food" }));
  expect(actions.ownFood).toHaveBeenCalledWith("yacon noodles", expect.any(Function));
});
test("a pattern is one press, and Escape leaves", async () => {
  const { user, actions, done } = start();
  await search();
  await user.click(screen.getByRole("button", { name: "Layered and baked" }));
  expect(actions.addPart).toHaveBeenCalledWith("baked");
  await user.keyboard("{Escape}");
  expect(done).toHaveBeenCalled();
});
