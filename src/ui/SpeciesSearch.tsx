'use client';

import { Command } from 'cmdk';
import { useMemo, useRef, useState } from 'react';
import { adultLengthCm, commonName, type Catalogue, type SpeciesProfile } from '@/core/model';
import { findSpecies, MOST_ON_LIST, nearestSpecies, numberedName } from '@/core/search';
import { classes } from './classes';
import { INPUT } from './Field';
import { FishPlate } from './plates/FishPlate';

export interface SpeciesSearchProps {
  readonly catalogue: Catalogue;
  /** How a length is written, in the keeper's units. */
  readonly write: (cm: number) => string;
  readonly label: string;
  readonly placeholder?: string;
  /** What is wrong while nothing fitting is picked. */
  readonly error?: string | undefined;
  /** Told what is picked, and the number that was typed before its name, if any. */
  readonly onPick: (profile: SpeciesProfile, count: number | null) => void;
  /** Told while the keeper moves through the list, before anything is picked. */
  readonly onLook?: (profile: SpeciesProfile | null, count: number | null) => void;
}

const SHOWN = 6;

interface NothingProps {
  readonly catalogue: Catalogue;
  readonly typed: string;
  readonly onPick: (profile: SpeciesProfile) => void;
}

/** What is said where nothing is found: the nearest names, each to be taken with a press. */
export function NothingFound({ catalogue, typed, onPick }: NothingProps) {
  const nearest = useMemo(() => nearestSpecies(catalogue, typed), [catalogue, typed]);
  return (
    <p role="status" className="text-[0.8125rem] text-slate">
      Nothing is called “{typed.trim()}”.
      {nearest.length > 0 && ' Nearest: '}
      {nearest.map((profile, at) => (
        <span key={profile.id}>
          {at > 0 && ', '}
          <button
            type="button"
            className="min-h-7 max-desk:min-h-8 text-deep underline"
            onClick={() => onPick(profile)}
          >
            {commonName(profile)}
          </button>
        </span>
      ))}
    </p>
  );
}

/** Finds a species by any of its names; arrows move, Enter picks. */
export function SpeciesSearch({
  catalogue,
  write,
  label,
  placeholder = 'Any name: neon, P. innesi…',
  error,
  onPick,
  onLook,
}: SpeciesSearchProps) {
  const input = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState('');
  const { name, count, isWrong } = useMemo(() => numberedName(catalogue, typed), [catalogue, typed]);
  const found = useMemo(
    () => (isWrong ? [] : findSpecies(catalogue, name, SHOWN)),
    [catalogue, name, isWrong],
  );
  const look = (id: string): void => {
    setAt(id);
    onLook?.(found.find((profile) => profile.id === id) ?? null, count);
  };
  const seek = (text: string): void => {
    setTyped(text);
    const sought = numberedName(catalogue, text);
    const [first] = sought.isWrong ? [] : findSpecies(catalogue, sought.name, 1);
    setAt(first?.id ?? '');
    onLook?.(first ?? null, sought.count);
  };
  const pick = (profile: SpeciesProfile): void => {
    seek('');
    onPick(profile, count);
    input.current?.focus();
  };
  return (
    <Command shouldFilter={false} label={label} value={at} onValueChange={look}>
      <span aria-hidden="true" className="text-[0.75rem] font-medium text-slate">
        {label}
      </span>
      <Command.Input
        ref={input}
        className={INPUT}
        placeholder={placeholder}
        value={typed}
        aria-expanded={found.length > 0}
        onValueChange={seek}
        onKeyDown={(event) => {
          if (event.key === 'Escape') seek('');
        }}
      />
      <Command.List
        label={label}
        className={classes(
          'max-h-56 overflow-y-auto border border-t-0 border-edge bg-panel',
          found.length === 0 && 'hidden',
        )}
      >
        {found.map((profile) => (
          <Command.Item
            key={profile.id}
            value={profile.id}
            className="flex min-h-9 cursor-pointer items-center justify-between gap-3 px-2 data-[selected=true]:bg-water"
            onPointerDown={(event) => event.preventDefault()}
            onSelect={() => pick(profile)}
          >
            <span className="flex min-w-0 items-center gap-2">
              <FishPlate profile={profile} className="h-7 w-12" />
              <span className="min-w-0 truncate">
                {commonName(profile)} <span className="text-slate italic">{profile.scientificName}</span>
              </span>
            </span>
            <span className="fig shrink-0 text-slate">{write(adultLengthCm(profile))}</span>
          </Command.Item>
        ))}
      </Command.List>
      {error && typed.trim() === '' && (
        <p role="alert" className="text-[0.75rem] text-buoy">
          {error}
        </p>
      )}
      {isWrong && (
        <p role="alert" className="text-[0.75rem] text-buoy">
          A number from 1 to {MOST_ON_LIST} before the name.
        </p>
      )}
      {typed.trim() !== '' && !isWrong && found.length === 0 && (
        <NothingFound catalogue={catalogue} typed={name} onPick={pick} />
      )}
    </Command>
  );
}
