'use client';

import { useState } from 'react';
import { fromCore, keeperUnit, toCore } from '@/core/kernel';
import { LARGEST_PIECE_CM, type Piece } from '@/core/sightlines';
import { useSettings } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { QuantityField } from '@/ui/QuantityField';

const TURN = 15;
const GROW = 1.2;

interface Props {
  readonly piece: Piece;
  readonly floorCm: readonly [length: number, width: number];
  /** The next press of the map is its place. */
  readonly isPutting: boolean;
  readonly onPutting: (isPutting: boolean) => void;
  readonly onChange: (label: string, how: Partial<Piece>) => void;
  readonly onRemove: () => void;
}

/** What can be done to one piece of the floor: turned, sized, placed by its measures, named, removed. */
export function PieceTools({ piece, floorCm, isPutting, onPutting, onChange, onRemove }: Props) {
  const words = useWords();
  const unit = keeperUnit('length', useSettings());
  const [name, setName] = useState(piece.name ?? '');
  const sized = (by: number): Partial<Piece> => ({
    lengthCm: Math.min(LARGEST_PIECE_CM, piece.lengthCm * by),
    widthCm: Math.min(LARGEST_PIECE_CM, piece.widthCm * by),
  });
  const measure = (
    label: string,
    done: string,
    part: 'lengthCm' | 'widthCm' | 'x' | 'y',
    least: number,
    most: number,
  ) => (
    <QuantityField
      label={label}
      kind="length"
      unit={unit}
      value={toCore('length', piece[part], 'cm')}
      refuse={(core) => {
        const cm = fromCore('length', core, 'cm');
        return cm >= least && cm <= most
          ? null
          : `Type ${words.tank('length', least)} to ${words.tank('length', most)}.`;
      }}
      onChange={(core) => {
        if (core !== undefined) onChange(done, { [part]: fromCore('length', core, 'cm') });
      }}
    />
  );
  return (
    <fieldset className="border-l-2 border-deep pl-3">
      <legend className="sr-only">{piece.name ?? piece.kind}</legend>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => onChange('Turned', { turned: (piece.turned + TURN) % 360 })}>turn</Button>
        <Button aria-pressed={isPutting} onClick={() => onPutting(!isPutting)}>
          {isPutting ? 'press the map' : 'put elsewhere'}
        </Button>
        <Button onClick={() => onChange('Larger', sized(GROW))}>larger</Button>
        <Button onClick={() => onChange('Smaller', sized(1 / GROW))}>smaller</Button>
        <Button tone="warn" onClick={onRemove}>
          remove
        </Button>
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-5">
        {measure('Length', 'Sized', 'lengthCm', 1, LARGEST_PIECE_CM)}
        {piece.kind !== 'slate' && measure('Depth', 'Sized', 'widthCm', 1, LARGEST_PIECE_CM)}
        {measure('From the left', 'Moved', 'x', 0, floorCm[0])}
        {measure('From the front', 'Moved', 'y', 0, floorCm[1])}
        <TextField
          label="Name"
          value={name}
          maxLength={60}
          onChange={({ target }) => setName(target.value)}
          onBlur={() => {
            const said = name.trim() || undefined;
            if (said !== piece.name) onChange('Named', { name: said });
          }}
        />
      </div>
    </fieldset>
  );
}
