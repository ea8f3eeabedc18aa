'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { Link } from '@/ui/Link';
import { useEffect, useRef, useState } from 'react';
import { adultLengthCm, commonName, type SpeciesProfile } from '@/core/model';
import { useWords } from '@/session/react/useWords';
import { classes } from '@/ui/classes';
import { useRove } from '@/ui/useRove';
import { FishPlate } from '@/ui/plates/FishPlate';

const CARD_PX = 132;
const ROW_PX = 108;

interface Props {
  readonly shown: readonly SpeciesProfile[];
  readonly current: SpeciesProfile | undefined;
  readonly hrefOf: (profile: SpeciesProfile) => string;
}

/** The catalogue by looks: pictures in rows, of which only those in sight are drawn. */
export function LooksGrid({ shown, current, hrefOf }: Props) {
  const words = useWords();
  const scroller = useRef<HTMLDivElement>(null);
  const [columns, setColumns] = useState(3);
  useEffect(() => {
    const box = scroller.current;
    if (!box) return;
    const measure = (): void => setColumns(Math.max(2, Math.floor(box.clientWidth / CARD_PX)));
    measure();
    const watcher = new ResizeObserver(measure);
    watcher.observe(box);
    return () => watcher.disconnect();
  }, []);
  const rows = useVirtualizer({
    count: Math.ceil(shown.length / columns),
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 3,
  });
  const rove = useRove(shown.length, {
    columns,
    first: current ? shown.indexOf(current) : 0,
    show: (at) => rows.scrollToIndex(Math.floor(at / columns)),
  });
  const drawn = rows
    .getVirtualItems()
    .flatMap((row) => Array.from({ length: columns }, (_, at) => row.index * columns + at));
  return (
    <div
      ref={scroller}
      {...rove.keys}
      className="mt-1 h-[calc(100dvh-17rem)] min-h-64 overflow-y-auto border-t border-line"
      role="region"
      aria-label="Species by looks"
    >
      <ul className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().flatMap((row) =>
          shown.slice(row.index * columns, (row.index + 1) * columns).map((one, at) => (
            <li
              key={one.id}
              className="absolute p-0.5"
              style={{
                top: row.start,
                left: `${(at / columns) * 100}%`,
                width: `${100 / columns}%`,
                height: ROW_PX,
              }}
            >
              <Link
                href={hrefOf(one)}
                scroll={false}
                prefetch={false}
                data-rove={row.index * columns + at}
                tabIndex={rove.tabIndexOf(row.index * columns + at, drawn)}
                aria-current={one === current ? 'true' : undefined}
                className={classes(
                  'grid h-full w-full content-between justify-items-center gap-1 border px-1 py-1.5 text-center hover:border-slate',
                  one === current ? 'border-deep bg-panel' : 'border-transparent',
                )}
              >
                <FishPlate profile={one} className="h-14 w-full" />
                <span className="w-full text-[0.75rem] leading-tight">
                  <span className="line-clamp-2">{commonName(one)}</span>
                  <span className="fig text-slate">{words.quantity('length', adultLengthCm(one))}</span>
                </span>
              </Link>
            </li>
          )),
        )}
      </ul>
    </div>
  );
}
