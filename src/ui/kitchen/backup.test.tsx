import { screen, within } from "@testing-library/react";
import { CLEARING } from "@/words/clearing";
import { show } from "../__tests__/support";
import { Backup, type BackupProps } from "./Backup";

const holds = { counter: 2, shelf: 13, people: 5, foods: 0, kitchen: 1, notebook: 6 };
const backup = (more: Partial<BackupProps> = {}) => {
  const props: BackupProps = {
    hasData: true,
    ready: null,
    problem: null,
    holds,
    undoable: null,
    aside: 0,
    keptSays: "Not exported yet.",
    busy: null,
    copies: [],
    onCopy: jest.fn(),
    onRemoveCopies: jest.fn(),
    onSaveAside: jest.fn(),
    onExport: jest.fn(),
    onFile: jest.fn(),
    onBringIn: jest.fn(),
    onDecided: jest.fn(),
    onForget: jest.fn(),
    onDemo: jest.fn(),
    onClear: jest.fn(),
    onUndo: jest.fn(),
    ...more,
  };
  return { props, ...show(<Backup {...props} />) };
};

test("each kind is cleared by itself, after what goes was said and an export offered", async () => {
  const { user, props } = backup();
  // What holds nothing is not offered.
  expect(screen.queryByRole("button", { name: CLEARING.foods.does })).toBeNull();
  await user.click(screen.getByRole("button", { name: "Empty the notebook" }));
  const asks = screen.getByRole("group", { name: "Empty the notebook" });
  expect(asks).toHaveTextContent("This takes away 6 entries.");
  await user.click(within(asks).getByRole("button", { name: "Export first" }));
  expect(props.onExport).toHaveBeenCalledTimes(1);
  expect(props.onClear).not.toHaveBeenCalled();
  await user.click(within(asks).getByRole("button", { name: "Empty the notebook now" }));
  expect(props.onClear).toHaveBeenCalledWith(["notebook"]);
});

test("rows that could not be read are told, and can be saved", async () => {
  const { user, props } = backup({ aside: 2 });
  expect(screen.getByRole("alert")).toHaveTextContent("2 rows of an older version could not be read.");
  await user.click(screen.getByRole("button", { name: "Save it to a file" }));
  expect(props.onSaveAside).toHaveBeenCalled();
});

test("copies that the browser made are looked at like a file; what is being read is told, and nothing else begins", async () => {
  const { user, props, again } = backup({ copies: [{ id: 3, when: "Sun 29 Nov, 15:00" }] });
  const copies = within(screen.getByRole("group", { name: "Copies in this browser" }));
  await user.click(copies.getByRole("button", { name: "Sun 29 Nov, 15:00" }));
  expect(props.onCopy).toHaveBeenCalledWith(3, "Sun 29 Nov, 15:00");
  await user.click(copies.getByRole("button", { name: "Remove the copies" }));
  expect(props.onRemoveCopies).toHaveBeenCalled();
  again(<Backup {...props} busy="Reading the file: 200 of 900 rows." />);
  expect(screen.getByRole("status")).toHaveTextContent("200 of 900");
  expect(screen.getByRole("button", { name: "Import a file" })).toBeDisabled();
});
test("the way back stays beside the clearing, also when nothing is left", async () => {
  const { user, props } = backup({ hasData: false, undoable: "Clear everything" });
  await user.click(screen.getByRole("button", { name: "Undo: Clear everything" }));
  expect(props.onUndo).toHaveBeenCalled();
  expect(screen.getByRole("button", { name: "Load the demo household" })).toBeInTheDocument();
});

test("what a file says differently is asked row by row; the safer word stands unless it is overruled", async () => {
  const clash = (id: string) => ({ id, asks: `About ${id}?`, stands: "Keep the safer", other: "Take the other" });
  const asked = { how: "copies" as const, clashes: [clash("tamari.gluten"), clash("miso.fish")] };
  const { user, props } = backup({ ready: { name: "f.json", says: "From today.", asked } });
  await user.selectOptions(screen.getByLabelText("About miso.fish?"), "Take the other");
  await user.click(screen.getByRole("button", { name: "Add as copies" }));
  expect(props.onDecided).toHaveBeenCalledWith("copies", new Set(["miso.fish"]));
});
