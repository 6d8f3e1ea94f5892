import { act, screen } from "@testing-library/react";
import { show } from "../__tests__/support";
import { KeyList } from "./KeyList";
import { useSingleKeys } from "./singleKeys";

function Board({ next, weigh }: { next: () => void; weigh: () => void }) {
  useSingleKeys({ Space: { run: next, clicks: true }, w: { run: weigh } });
  return (
    <>
      <button type="button" onClick={next}>
        Done
      </button>
      <input aria-label="Note" />
    </>
  );
}

describe("single keys", () => {
  afterEach(() => act(() => localStorage.clear()));

  test("do what they say, once; not while typing, nor with Ctrl", async () => {
    const next = jest.fn();
    const weigh = jest.fn();
    const { user } = show(<Board next={next} weigh={weigh} />);
    await user.keyboard("w");
    expect(weigh).toHaveBeenCalledTimes(1);
    await user.keyboard("{Control>}w{/Control}");
    expect(weigh).toHaveBeenCalledTimes(1);
    await user.click(screen.getByLabelText("Note"));
    await user.keyboard("w ");
    expect(weigh).toHaveBeenCalledTimes(1);
    expect(next).not.toHaveBeenCalled();
    screen.getByRole("button").focus();
    await user.keyboard(" ");
    expect(next).toHaveBeenCalledTimes(1);
  });
  test("do nothing under a dialog, wherever the focus is", async () => {
    const weigh = jest.fn();
    const { user, again } = show(<Board next={jest.fn()} weigh={weigh} />);
    again(
      <>
        <Board next={jest.fn()} weigh={weigh} />
        <div role="dialog" aria-label="Keys" />
      </>,
    );
    await user.keyboard("w");
    expect(weigh).not.toHaveBeenCalled();
  });
  test("the newest meaning counts as soon as it is drawn", async () => {
    const first = jest.fn();
    const second = jest.fn();
    const { user, again } = show(<Board next={first} weigh={first} />);
    again(<Board next={second} weigh={second} />);
    await user.keyboard("w");
    expect(first).not.toHaveBeenCalled();
    expect(second).toHaveBeenCalledTimes(1);
  });
});

describe("the list of keys", () => {
  afterEach(() => act(() => localStorage.clear()));

  test("opens by ?, names the keys of the page, and silences the single ones", async () => {
    const { user } = show(<KeyList path="/supper/bench" />);
    await user.keyboard("{Shift>}?{/Shift}");
    const sheet = await screen.findByRole("dialog", { name: "Keys" });
    expect(sheet).toHaveTextContent("On the Bench");
    expect(sheet).not.toHaveTextContent("On the Stove");
    await user.click(screen.getByRole("checkbox", { name: /Keys without Ctrl/ }));
    await user.keyboard("{Escape}");
    expect(screen.queryByRole("dialog")).toBeNull();
    await user.keyboard("{Shift>}?{/Shift}");
    expect(screen.queryByRole("dialog")).toBeNull();
    await user.click(screen.getByRole("button", { name: "Keys" }));
    expect(await screen.findByRole("dialog", { name: "Keys" })).toBeVisible();
  });
});
