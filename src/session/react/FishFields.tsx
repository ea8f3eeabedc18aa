'use client';

import type { ComponentProps } from 'react';
import { PasteButton } from './PasteButton';
import { SpeciesField } from './SpeciesField';

/** Fish for a list: one by its name, with a number before it where somebody types one, or a whole list as text. */
export function FishFields({
  onTake,
  withNumbers,
  ...search
}: ComponentProps<typeof SpeciesField> & ComponentProps<typeof PasteButton>) {
  return (
    <div className="flex items-start gap-2">
      <div className="min-w-0 flex-1">
        <SpeciesField placeholder="Any name: 8 rams, P. innesi…" {...search} />
      </div>
      {/* Beside the field, under its label: what is found opens below. */}
      <span className="pt-5.5">
        <PasteButton onTake={onTake} {...(withNumbers === undefined ? {} : { withNumbers })} />
      </span>
    </div>
  );
}
