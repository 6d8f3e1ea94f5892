import { screen, within } from "@testing-library/react";
import { DEMO_KITCHEN } from "@/demo/household";
import { FOODS } from "@/core/foods/table";
import { show } from "../__tests__/support";
import { AddPart } from "./AddPart";

function start() {
  const actions = { addPart: jest.fn(), addChain: jest.fn(), ownFood: jest.fn() };
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
  await user.click(await screen.findByRole("option", { name: /^Tempeh/ }));
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
test("without an amount a usual one for everybody is taken: less of what is dry", async () => {
  const { user, actions } = start();
  await search();
  await user.paste("soy strips");
  await user.click(await screen.findByRole("option", { name: /^Dried soy strips/ }));
  await user.click(await screen.findByRole("button", { name: /^Only weighed out/ }));
  expect(actions.addChain).toHaveBeenCalledWith(null, expect.objectContaining({ id: "soy-strips" }), 120);
});
test("a pattern is one press, and Escape leaves", async () => {
  const { user, actions, done } = start();
  await search();
  await user.click(screen.getByRole("button", { name: "Layered and baked" }));
  expect(actions.addPart).toHaveBeenCalledWith("baked");
  await user.keyboard("{Escape}");
  expect(done).toHaveBeenCalled();
});
