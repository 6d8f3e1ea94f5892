"use client";

import { Table } from "@chakra-ui/react";
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  type Modifier,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical } from "lucide-react";
import { type KeyboardEvent, memo } from "react";
import type { StepId } from "@/core/process/step";
import { saltShare, totalG } from "@/core/process/contents";
import type { Row } from "@/core/process/row";
import { writeMass, writeMinutes, writePercent } from "@/core/quantities/write";
import { Card } from "../frame/controls";
import { describeWhatGoesIn } from "@/words/goesIn";
import { cueOf, STEP_NAMES } from "@/words/steps";
import { Failure } from "./Failure";
import { type TextContext } from "@/words/words";
import type { BenchActions, PartViewProps } from "./benchProps";

function minutesOf(row: Extract<Row, { state: "computed" }>): string {
  const hands = row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m + p.minutes : m), 0);
  const other = row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);
  const watching = row.outcome.phases.some((p) => p.kind === "watch");
  const rest = other > 0 ? ` + ${writeMinutes(other)} ${watching ? "watch" : "wait"}` : "";
  return `${writeMinutes(Math.max(1, hands))} hands${rest}`;
}

type Moves = Pick<BenchActions, "placeStep" | "moveStep">;

export const StepTable = memo(function StepTable({
  part,
  plan,
  stepId,
  textContext,
  onSelect,
  frozen,
  actions,
}: PartViewProps & { readonly frozen: boolean; readonly actions: Moves }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const ids = part.rows.map((r) => r.step.id);
  const dropped = ({ active, over }: DragEndEvent) => {
    const to = ids.indexOf(String(over?.id));
    if (!frozen && over && active.id !== over.id && to >= 0) actions.placeStep(String(active.id), to);
  };
  return (
    <Card p="0" overflowX="auto" tabIndex={0} role="region" aria-label={`Steps of ${part.name}`}>
      <DndContext
        id={`steps-${part.id}`}
        sensors={sensors}
        collisionDetection={closestCenter}
        modifiers={[upAndDown]}
        onDragEnd={dropped}
      >
        <Table.Root size="sm" bg="transparent" css={CELLS}>
          {HEAD}
          <Table.Body>
            <SortableContext items={ids} strategy={verticalListSortingStrategy}>
              {part.rows.map((row, i) => (
                <StepRow
                  key={row.key}
                  row={row}
                  number={i + 1}
                  selected={row.step.id === stepId}
                  eaters={plan.eaters}
                  textContext={textContext}
                  onSelect={onSelect}
                  onMove={frozen ? null : actions.moveStep}
                />
              ))}
            </SortableContext>
          </Table.Body>
        </Table.Root>
      </DndContext>
    </Card>
  );
});

/** The same elements at every render. */
const HEAD = (
  <Table.Header>
    <Table.Row bg="transparent">
      {["", "Step", "What goes in", "Time", "In the bowl", "Done when"].map((h, i) => (
        <Table.ColumnHeader key={h || "n"} color="quiet" borderColor="line" textAlign={i === 4 ? "end" : "start"}>
          {h}
        </Table.ColumnHeader>
      ))}
    </Table.Row>
  </Table.Header>
);

/** Styles of all cells at once: rows are plain elements, a long dish repaints on every edit. */
const CELLS = {
  "& tbody tr": { cursor: "pointer" },
  "& tbody tr[data-in-hand]": { background: "jadeTint" },
  "& tbody tr[data-dragging]": { background: "sunk" },
  "& tbody td": {
    borderBottomWidth: "1px",
    borderColor: "line",
    verticalAlign: "top",
    paddingBlock: "0.55rem",
    paddingInline: "0.5rem",
    fontSize: "sm",
  },
  "& td.n": { color: "quiet", whiteSpace: "nowrap" },
  "& td.name": { fontWeight: 600 },
  "& td.in": { minWidth: "10rem" },
  "& td.time": { minWidth: "6.5rem" },
  "& td.mass": { textAlign: "end", whiteSpace: "nowrap" },
  "& td.mass small": { display: "block", color: "quiet", fontSize: "xs" },
  "& td.cue": { minWidth: "7rem", color: "quiet" },
  "& td.blocked": { color: "chilli" },
  "& td.waiting": { color: "quiet" },
  "& .grip": {
    minWidth: "1.5rem",
    minHeight: "1.5rem",
    marginInlineEnd: "0.25rem",
    verticalAlign: "middle",
    cursor: "grab",
    color: "quiet",
    touchAction: "none",
  },
} as const;

/** Rows move up and down only. */
const upAndDown: Modifier = ({ transform }) => ({ ...transform, x: 0 });

interface StepRowProps {
  readonly row: Row;
  readonly number: number;
  readonly selected: boolean;
  readonly eaters: number;
  readonly textContext: TextContext;
  readonly onSelect: (id: StepId) => void;
  readonly onMove: Moves["moveStep"] | null;
}

/** One step as a line that can be taken in hand, dragged by its grip, or moved with the arrow keys. */
const StepRow = memo(function StepRow({ row, number, selected, eaters, textContext, onSelect, onMove }: StepRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: row.step.id,
    disabled: onMove === null,
  });
  const onKey = (e: KeyboardEvent) => {
    const by = e.key === "ArrowUp" ? -1 : e.key === "ArrowDown" ? 1 : 0;
    if (by === 0 || onMove === null) return;
    e.preventDefault();
    // By one from where it is by now: a second press may come before the first one is drawn.
    onMove(row.step.id, by);
  };
  return (
    <tr
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      data-in-hand={selected || undefined}
      data-dragging={isDragging || undefined}
      onClick={() => onSelect(row.step.id)}
    >
      <td className="n">
        {onMove && (
          <button
            type="button"
            className="grip"
            {...attributes}
            {...listeners}
            aria-label={`Move ${STEP_NAMES[row.step.kind]}, step ${number}: drag, or arrow keys`}
            tabIndex={0}
            onKeyDown={onKey}
            onClick={(e) => e.stopPropagation()}
          >
            <GripVertical size={15} aria-hidden />
          </button>
        )}
        {number}
      </td>
      <td className="name">{STEP_NAMES[row.step.kind]}</td>
      {row.state === "computed" ? (
        <>
          <td className="in">{describeWhatGoesIn(row, textContext) || "–"}</td>
          <td className="time">{row.step.ready ? "done already" : minutesOf(row)}</td>
          <td className="mass">
            <strong>{writeMass(totalG(row.outcome.after.batch), textContext.units)}</strong>
            <small>
              {writePercent(saltShare(row.outcome.after.batch))} salt
              <br />
              {writeMass(row.outcome.after.batch.saltG / eaters)} each
            </small>
          </td>
          <td className="cue">{cueOf(row, textContext.foods)}</td>
        </>
      ) : (
        <td colSpan={4} className={row.state}>
          {row.state === "blocked" ? (
            <Failure failure={row.failure} textContext={textContext} />
          ) : (
            "Waits for an earlier step of this part."
          )}
        </td>
      )}
    </tr>
  );
});
