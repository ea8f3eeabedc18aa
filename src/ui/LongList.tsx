'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { type ComponentProps, type ReactNode, useRef } from 'react';
import { classes } from './classes';
import { useRove } from './useRove';

/** Rows beyond those in sight that are drawn too. */
const OVERSCAN = 10;

/** A list of any length in a box that scrolls: only the rows in sight are drawn; one tab stop, walked by the arrows. */
export function LongList<T>({
  label,
  items,
  keyOf,
  rowPx,
  isMeasured = false,
  first,
  rowClass,
  children,
  className,
  ...box
}: Omit<ComponentProps<'div'>, 'children'> & {
  /** What the list holds, read aloud. */
  readonly label: string;
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  /** Height of a row, px; about that where rows are measured. */
  readonly rowPx: number;
  /** Rows are as high as what stands in them. */
  readonly isMeasured?: boolean;
  /** The row that Tab leads to at first. */
  readonly first?: number;
  readonly rowClass?: string;
  /** A row; what can have the focus in it takes the `tabIndex`. */
  readonly children: (item: T, tabIndex: 0 | -1) => ReactNode;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: OVERSCAN,
    getItemKey: (index) => (index < items.length ? keyOf(items[index] as T) : index),
  });
  const rove = useRove(items.length, {
    ...(first === undefined ? {} : { first }),
    show: (at) => list.scrollToIndex(at),
  });
  const rows = list.getVirtualItems().filter(({ index }) => index < items.length);
  const drawn = rows.map(({ index }) => index);
  return (
    <div
      ref={scroller}
      {...rove.keys}
      {...box}
      role="region"
      aria-label={label}
      className={classes('overflow-y-auto border-t border-line', className)}
    >
      <ol className="relative" style={{ height: list.getTotalSize() }}>
        {rows.map(({ key, index, start }) => (
          <li
            key={key}
            {...(isMeasured ? { ref: list.measureElement, 'data-index': index } : {})}
            data-rove={index}
            className={classes('absolute inset-x-0', rowClass)}
            style={{
              ...(isMeasured ? {} : { height: rowPx }),
              transform: `translateY(${start}px)`,
            }}
          >
            {children(items[index] as T, rove.tabIndexOf(index, drawn))}
          </li>
        ))}
      </ol>
    </div>
  );
}
