'use client';

import { COLUMNS, ROWS } from '@/core/floor';
import type { TankView } from '@/session/react/useTanks';

export interface Holder {
  readonly name: string;
  readonly colour: string;
  readonly place: string;
}

/** The tank through its front glass, in proportion: press where it happened; who holds ground is written where it does. */
export function TankSketch({
  tank,
  place,
  onPlace,
  holders,
}: {
  readonly tank: TankView;
  readonly place: string;
  readonly onPlace: (place: string) => void;
  readonly holders: readonly Holder[];
}) {
  const { lengthCm, heightCm } = tank.body.tank;
  return (
    <div
      role="group"
      aria-label="Where"
      className="grid grid-cols-3 grid-rows-2 border-x-2 border-b-2 border-slate bg-water"
      style={{
        aspectRatio: `${lengthCm} / ${heightCm}`,
        minHeight: '6.5rem',
        maxHeight: '9.5rem',
        width: '100%',
      }}
    >
      {ROWS.flatMap((row) =>
        COLUMNS.map((column) => {
          const name = `${column}, ${row}`;
          const here = holders.filter((holder) => holder.place === name);
          return (
            <button
              key={name}
              type="button"
              aria-pressed={place === name}
              aria-label={name}
              onClick={() => onPlace(place === name ? '' : name)}
              className={`flex min-h-11 flex-col items-start justify-end gap-0.5 overflow-hidden border border-dashed p-1 text-left text-[0.75rem] ${place === name ? 'border-deep bg-panel font-semibold text-deep' : 'border-edge text-slate'}`}
            >
              {here.map((holder) => (
                <span key={holder.name} className="flex max-w-full items-center gap-1 text-ink">
                  <span
                    className="size-2 shrink-0"
                    style={{ background: holder.colour }}
                    aria-hidden="true"
                  />
                  <span className="truncate">{holder.name}</span>
                </span>
              ))}
              <span>{name}</span>
            </button>
          );
        }),
      )}
    </div>
  );
}
