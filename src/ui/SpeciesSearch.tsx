'use client';

import { useId, useMemo, useRef, useState } from 'react';
import { type Catalogue, commonName, findSpecies, type SpeciesProfile } from '@/core/model';
import { INPUT } from './Field';

interface Props {
  readonly catalogue: Catalogue;
  readonly label: string;
  readonly placeholder?: string;
  /** What is wrong while nothing fitting is picked. */
  readonly error?: string | undefined;
  readonly onPick: (profile: SpeciesProfile) => void;
  /** Told while the keeper moves through the list, before anything is picked. */
  readonly onLook?: (profile: SpeciesProfile | null) => void;
}

const SHOWN = 6;

/** Finds a species by any of its names; arrows move, Enter picks. */
export function SpeciesSearch({
  catalogue,
  label,
  placeholder = 'Any name: neon, P. innesi…',
  onPick,
  onLook,
  error,
}: Props) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const found = useMemo(() => findSpecies(catalogue, typed, SHOWN), [catalogue, typed]);
  const look = (index: number): void => {
    setAt(index);
    onLook?.(found[index] ?? null);
  };
  const pick = (profile: SpeciesProfile | undefined): void => {
    if (!profile) return;
    setTyped('');
    setAt(0);
    onLook?.(null);
    onPick(profile);
    input.current?.focus();
  };
  return (
    <div>
      <label htmlFor={id} className="text-[12px] font-medium text-slate">
        {label}
      </label>
      <input
        id={id}
        ref={input}
        role="combobox"
        aria-expanded={found.length > 0}
        aria-controls={`${id}-list`}
        aria-activedescendant={found[at] ? `${id}-${found[at].id}` : undefined}
        autoComplete="off"
        className={INPUT}
        placeholder={placeholder}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setAt(0);
          onLook?.(findSpecies(catalogue, event.target.value, 1)[0] ?? null);
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') look(Math.min(at + 1, found.length - 1));
          else if (event.key === 'ArrowUp') look(Math.max(at - 1, 0));
          else if (event.key === 'Enter') pick(found[at]);
          else if (event.key === 'Escape') {
            setTyped('');
            onLook?.(null);
            return;
          } else return;
          event.preventDefault();
        }}
      />
      <ul
        id={`${id}-list`}
        role="listbox"
        aria-label={label}
        className={
          found.length > 0 ? 'max-h-56 overflow-y-auto border border-t-0 border-line bg-panel' : 'hidden'
        }
      >
        {found.map((profile, index) => (
          <li
            key={profile.id}
            id={`${id}-${profile.id}`}
            role="option"
            aria-selected={index === at}
            className={`flex min-h-9 cursor-pointer items-center justify-between gap-3 px-2 ${index === at ? 'bg-water' : ''}`}
            onPointerEnter={() => look(index)}
            onPointerDown={(event) => event.preventDefault()}
            onClick={() => pick(profile)}
          >
            <span className="min-w-0 truncate">
              {commonName(profile)} <span className="text-slate italic">{profile.scientificName}</span>
            </span>
            <span className="fig shrink-0 text-slate">
              {Math.max(profile.size.maleCm, profile.size.femaleCm)} cm
            </span>
          </li>
        ))}
      </ul>
      {error && typed.trim() === '' && (
        <p role="alert" className="text-[12px] text-buoy">
          {error}
        </p>
      )}
      {typed.trim() !== '' && found.length === 0 && (
        <p className="text-[12px] text-buoy">No species of that name is in the catalogue.</p>
      )}
    </div>
  );
}
