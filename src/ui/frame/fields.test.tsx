import { act, fireEvent, screen } from "@testing-library/react";
import { show } from "../__tests__/support";
import { Choice, NumberField, TextField } from "./fields";
import { buildTheme } from "./theme";
import { anyTyped, storeTyped } from "./typing";

const field = (value: number | null, onCommit: (n: number | null) => void, more = {}) => (
  <NumberField label="Minutes" value={value} low={0} high={60} unit="min" onCommit={onCommit} {...more} />
);

describe("a number field", () => {
  test("is taken on Enter, and on leaving; a comma is a point", async () => {
    const commit = jest.fn();
    const { user } = show(field(10, commit));
    const input = screen.getByLabelText("Minutes");
    await user.clear(input);
    await user.type(input, "12,5{Enter}");
    expect(commit).toHaveBeenLastCalledWith(12.5);
    await user.clear(input);
    await user.type(input, "7");
    await user.tab();
    expect(commit).toHaveBeenLastCalledWith(7);
  });
  test.each([
    ["ten", "Minutes: “ten” is not a number. Type digits, such as 12.5."],
    ["-1", "Minutes can be 0 to 60 min. It was left as it is."],
    ["61", "Minutes can be 0 to 60 min. It was left as it is."],
  ])("%s stays, with a sentence that names the field", async (typed, says) => {
    const commit = jest.fn();
    const { user } = show(field(10, commit));
    const input = screen.getByLabelText("Minutes");
    await user.clear(input);
    await user.type(input, `${typed}{Enter}`);
    expect(screen.getByRole("alert")).toHaveTextContent(says);
    expect(input).toHaveValue(typed);
    expect(input).toHaveAttribute("aria-invalid", "true");
    expect(commit).not.toHaveBeenCalled();
    await user.keyboard("{Escape}");
    expect(input).toHaveValue("10");
    expect(screen.queryByRole("alert")).toBeNull();
  });
  test("empty means the usual only where it may", async () => {
    const commit = jest.fn();
    const { user, again } = show(field(10, commit, { mayBeEmpty: true }));
    await user.clear(screen.getByLabelText("Minutes"));
    await user.keyboard("{Enter}");
    expect(commit).toHaveBeenLastCalledWith(null);
    again(field(null, commit, { mayBeEmpty: true }));
    expect(screen.getByLabelText("Minutes")).toHaveAttribute("placeholder", "usual");
  });
  test("a value that changed elsewhere replaces what was being typed", async () => {
    const { user, again } = show(field(10, jest.fn()));
    await user.type(screen.getByLabelText("Minutes"), "5");
    again(field(20, jest.fn()));
    expect(screen.getByLabelText("Minutes")).toHaveValue("20");
  });
  test("the same value commits nothing", async () => {
    const commit = jest.fn();
    const { user } = show(field(10, commit));
    await user.clear(screen.getByLabelText("Minutes"));
    await user.type(screen.getByLabelText("Minutes"), "10{Enter}");
    expect(commit).not.toHaveBeenCalled();
  });
});

test("a text field refuses to be emptied where it must not", async () => {
  const commit = jest.fn();
  const { user } = show(<TextField label="Name" value="Ilse" onCommit={commit} />);
  await user.clear(screen.getByLabelText("Name"));
  await user.keyboard("{Enter}");
  expect(screen.getByRole("alert")).toHaveTextContent("Name must not be empty.");
  await user.type(screen.getByLabelText("Name"), " Else {Enter}");
  expect(commit).toHaveBeenCalledWith("Else");
});

test("a choice answers with its value", async () => {
  const choose = jest.fn();
  const { user } = show(
    <Choice
      label="With"
      value="hands"
      options={[
        { value: "hands", label: "both hands" },
        { value: "cloth", label: "a cloth" },
      ]}
      onChoose={choose}
    />,
  );
  await user.selectOptions(screen.getByLabelText("With"), "a cloth");
  expect(choose).toHaveBeenCalledWith("cloth");
});

describe("the theme", () => {
  /** WCAG 2.2 relative luminance and contrast. */
  const luminance = (hex: string) => {
    const [r, g, b] = [1, 3, 5].map((i) => {
      const c = parseInt(hex.slice(i, i + 2), 16) / 255;
      return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    }) as [number, number, number];
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (a: string, b: string) => {
    const [high, low] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
    return (high + 0.05) / (low + 0.05);
  };
  const colours = buildTheme(true)._config.theme?.semanticTokens?.colors as unknown as Record<
    string,
    { value: { base: string; _dark: string } }
  >;
  const pairs = [
    ["ink", "page", 4.5],
    ["ink", "card", 4.5],
    ["quiet", "card", 4.5],
    ["quiet", "page", 4.5],
    ["quiet", "sunk", 4.5],
    ["quiet", "jadeTint", 4.5],
    ["onJade", "jade", 4.5],
    ["jade", "card", 4.5],
    ["jade", "jadeTint", 4.5],
    ["turmeric", "card", 4.5],
    ["ink", "turmericTint", 4.5],
    ["quiet", "turmericTint", 4.5],
    ["chilli", "card", 4.5],
    ["ink", "chilliTint", 4.5],
    ["edge", "card", 3],
  ] as const;
  test.each(pairs.flatMap(([a, b, least]) => [[a, b, "base", least] as const, [a, b, "_dark", least] as const]))(
    "%s on %s (%s) has contrast",
    (a, b, light, least) => {
      expect(contrast(colours[a]?.value[light] as string, colours[b]?.value[light] as string)).toBeGreaterThanOrEqual(
        least,
      );
    },
  );
});

describe("free text", () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const type = (text: string) => fireEvent.change(screen.getByLabelText("Name"), { target: { value: text } });
  const name = (value: string, onCommit: (name: string) => void) => (
    <TextField label="Name" value={value} onCommit={onCommit} />
  );
  const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms));

  test("is stored as one types, half a second after the last key; until then the browser would ask before it leaves", () => {
    const commit = jest.fn();
    const { again } = show(name("Ilse", commit));
    type("Else");
    pass(400);
    type("Elsa");
    pass(400);
    expect(commit).not.toHaveBeenCalled();
    expect(anyTyped()).toBe(true);
    pass(200);
    expect(commit.mock.calls).toEqual([["Elsa"]]);
    expect(anyTyped()).toBe(false);
    // It comes back from the store while one goes on typing.
    type("Elsab");
    again(name("Elsa", commit));
    expect(screen.getByLabelText("Name")).toHaveValue("Elsab");
    fireEvent.blur(screen.getByLabelText("Name"));
    expect(commit).toHaveBeenLastCalledWith("Elsab");
  });
  test("a page that is hidden, and a field that goes, take nothing with them", () => {
    const commit = jest.fn();
    const { again } = show(name("Ilse", commit));
    type("Else");
    storeTyped();
    expect(commit.mock.calls).toEqual([["Else"]]);
    again(name("Else", commit));
    type("Elsa");
    again(<span />);
    expect(commit).toHaveBeenLastCalledWith("Elsa");
    expect(anyTyped()).toBe(false);
  });
  test("what another tab stored is shown and not overwritten; what was typed here can be put back", () => {
    const commit = jest.fn();
    const { again } = show(name("Ilse", commit));
    fireEvent.focus(screen.getByLabelText("Name"));
    again(name("Ada", commit));
    fireEvent.blur(screen.getByLabelText("Name"));
    expect(screen.getByLabelText("Name")).toHaveValue("Ada");
    expect(commit).not.toHaveBeenCalled();
    type("Adam");
    again(name("Bo", commit));
    expect(screen.getByLabelText("Name")).toHaveValue("Bo");
    pass(1000);
    expect(commit).not.toHaveBeenCalled();
    expect(screen.getByRole("status")).toHaveTextContent("Typed here: “Adam”");
    fireEvent.click(screen.getByRole("button", { name: "Put mine back" }));
    pass(600);
    expect(commit.mock.calls).toEqual([["Adam"]]);
  });
  test("an undo in between is shown, whatever was typed before", () => {
    const commit = jest.fn();
    const { again } = show(name("Ilse", commit));
    type("Else");
    pass(600);
    again(name("Else", commit));
    again(name("Ilse", commit));
    expect(screen.getByLabelText("Name")).toHaveValue("Ilse");
  });
  test("a number that was typed and not taken makes the browser ask; taken or put back it does not", () => {
    show(<NumberField label="Minutes" value={10} low={0} high={60} onCommit={jest.fn()} />);
    fireEvent.change(screen.getByLabelText("Minutes"), { target: { value: "12" } });
    expect(anyTyped()).toBe(true);
    fireEvent.keyDown(screen.getByLabelText("Minutes"), { key: "Escape" });
    expect(anyTyped()).toBe(false);
  });
});
