import { HStack } from "@chakra-ui/react";
import { ZoomIn, ZoomOut } from "lucide-react";
import { type RefObject, useLayoutEffect, useState } from "react";
import { IconDo } from "../frame/controls";
import type { axis } from "./lanes";

type Axis = ReturnType<typeof axis>;

export interface Zooming {
  readonly factor: number;
  readonly axis: Axis;
  /** Null where there is nothing closer, or nothing wider. */
  readonly onCloser: (() => void) | null;
  readonly onWider: (() => void) | null;
}

/** At the closest so many minutes fill what is seen. */
const CLOSEST_MIN = 10;

/**
 * From the whole plan down to ten minutes; what stood in the middle stays there.
 *
 * @param axisAt the axis drawn so many times as wide
 * @param seen how wide the lanes are on the screen, px; `left` is what stands beside them
 */
export function useZoom(
  ref: RefObject<HTMLDivElement | null>,
  axisAt: (factor: number) => Axis,
  { seen, left }: { readonly seen: number; readonly left: number },
): Zooming {
  const [view, setView] = useState<{ readonly factor: number; readonly middleMin: number | null }>(WHOLE);
  const { factor, middleMin } = view;
  const now = axisAt(factor);
  const scrollTo = middleMin === null ? null : now.toX(middleMin);
  useLayoutEffect(() => {
    const box = ref.current;
    if (box !== null && scrollTo !== null) box.scrollLeft = scrollTo - (box.clientWidth - left) / 2;
    // Only where the scale changes: whoever scrolls afterwards is left alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [view]);
  const go = (next: number) => {
    const box = ref.current;
    const middle = box === null ? null : now.toMinute(box.scrollLeft + (box.clientWidth - left) / 2);
    setView({ factor: next, middleMin: middle });
  };
  return {
    factor,
    axis: now,
    onCloser: now.scale * CLOSEST_MIN < seen ? () => go(factor * 2) : null,
    onWider: factor > 1 ? () => go(factor / 2) : null,
  };
}
const WHOLE = { factor: 1, middleMin: null };

export function Zoom({ onCloser, onWider }: Pick<Zooming, "onCloser" | "onWider">) {
  return (
    <HStack gap="1" justify="end" className="no-print">
      <IconDo label="Wider: more of the plan" disabled={onWider === null} onClick={() => onWider?.()}>
        <ZoomOut size={18} />
      </IconDo>
      <IconDo label="Closer: down to ten minutes" disabled={onCloser === null} onClick={() => onCloser?.()}>
        <ZoomIn size={18} />
      </IconDo>
    </HStack>
  );
}
