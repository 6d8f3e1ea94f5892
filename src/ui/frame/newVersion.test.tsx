import { screen } from "@testing-library/react";
import { show } from "../__tests__/support";
import { NewVersion } from "./NewVersion";

test("a new version comes when the cook says so, or later", async () => {
  const reload = jest.fn();
  const { user } = show(<NewVersion news={{ is: "waiting", onReload: reload }} />);
  expect(screen.getByRole("status")).toHaveTextContent("A new version of Jade Pan is ready");
  await user.click(screen.getByRole("button", { name: "Reload now" }));
  expect(reload).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole("button", { name: "Later" }));
  expect(screen.queryByRole("status")).toBeNull();
});
test("one that was taken in another tab leaves this page as it is", () => {
  const reload = jest.fn();
  show(<NewVersion news={{ is: "taken", onReload: reload }} />);
  expect(screen.getByRole("status")).toHaveTextContent("This page goes on as it is");
  expect(reload).not.toHaveBeenCalled();
});
