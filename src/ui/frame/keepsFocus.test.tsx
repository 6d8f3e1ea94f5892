import { screen } from "@testing-library/react";
import { useState } from "react";
import { show } from "../__tests__/support";
import { KeepsFocus } from "./KeepsFocus";

function Steps() {
  const [steps, setSteps] = useState(["Soak", "Drain"]);
  const [count, setCount] = useState(0);
  return (
    <>
      <KeepsFocus label="The step in hand">
        {steps.slice(0, 1).map((s) => (
          <button key={s} onClick={() => setSteps((all) => all.slice(1))}>
            Remove {s}
          </button>
        ))}
      </KeepsFocus>
      <button onClick={() => setCount(count + 1)}>Drawn {count}</button>
      <p>beside</p>
    </>
  );
}
test("what is removed with the focus on it leaves the focus near by; whoever presses beside it has none", async () => {
  const { user } = show(<Steps />);
  await user.click(screen.getByRole("button", { name: "Remove Soak" }));
  expect(screen.getByRole("group", { name: "The step in hand" })).toHaveFocus();
  // The next one is a key away.
  await user.tab();
  expect(screen.getByRole("button", { name: "Remove Drain" })).toHaveFocus();
  await user.click(screen.getByText("beside"));
  expect(document.body).toHaveFocus();
  await user.click(screen.getByRole("button", { name: "Drawn 0" }));
  expect(screen.getByRole("button", { name: "Drawn 1" })).toHaveFocus();
});
