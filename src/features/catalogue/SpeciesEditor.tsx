'use client';

import { type ChangeEvent, memo, Suspense, useCallback, useMemo, useState } from 'react';
import { choicesOf, profileCells, profileFromCells } from '@/core/formats';
import type { Fault } from '@/core/kernel';
import {
  type Catalogue,
  changedPaths,
  commonName,
  foldName,
  type KeeperSpecies,
  type SpeciesProfile,
} from '@/core/model';
import { useUnits } from '@/session/react/useUnits';
import { everyOf, faultSentence, quantitiesIn } from '@/words/en';
import { cellsIn, SPECIES_GROUPS, speciesField, speciesGroup } from '@/words/en/speciesFields';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { options, SelectField, TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { LIKE } from '@/core/plates';
import { DressEditor } from './DressEditor';

interface Props {
  readonly mode: 'copy' | 'change';
  readonly profile: SpeciesProfile;
  readonly catalogue: Catalogue;
  readonly shipped: Catalogue;
  readonly onSave: (species: KeeperSpecies) => void;
  readonly onClose: () => void;
}

const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** How to type what is no single word or number. */
const TYPING = 'Type ranges as “24 to 28”, lists with “;”, and any unit.';

/** The field that is drawn as it is typed. */
const DRESS = 'look.dress';

/** Truths are chosen by these words, and the reader takes them. */
const TRUTHS = ['yes', 'no'] as const;

/** The cell that a fault is told at: that of its list, and the name for an id, which is made of it. */
const cellOf = ({ path }: Fault): string => (path === 'id' ? 'scientificName' : path.replace(/\[.*$/, ''));

interface CellProps {
  readonly path: string;
  readonly value: string;
  readonly truth: boolean;
  readonly error: string | undefined;
  readonly onChange: (path: string, text: string) => void;
}

/** One field of a profile: a few words to choose from, or text. */
const Cell = memo(function Cell({ path, value, truth, error, onChange }: CellProps) {
  const choices = truth ? TRUTHS : choicesOf(path);
  const label = speciesField(path);
  const change = ({ target }: ChangeEvent<HTMLInputElement | HTMLSelectElement>): void =>
    onChange(path, target.value);
  return choices ? (
    <SelectField label={label} value={value} error={error} onChange={change}>
      {options(choices)}
    </SelectField>
  ) : (
    <TextField label={label} value={value} error={error} onChange={change} />
  );
});

/** Every field of a species, quantities in the keeper's units; nothing is kept until all of it is sound. */
export function SpeciesEditor({ mode, profile, catalogue, shipped, onSave, onClose }: Props) {
  const units = useUnits();
  const words = useMemo(() => quantitiesIn(units), [units]);
  /** The profile as it is read, and as the editor begins with it. Cells that stay keep the profile's exact figures. */
  const { shown, start, truths } = useMemo(() => {
    const read = profileCells(profile, cellsIn(words));
    const kept = profileCells(profile);
    return {
      shown: read,
      start:
        mode === 'copy'
          ? {
              ...read,
              id: '',
              scientificName: `${profile.scientificName} (own)`,
              commonNames: `${commonName(profile)}, own`,
              formerNames: '',
              notes: '',
              confidence: '1',
              [DRESS]: read[DRESS] || `${LIKE}: ${profile.id}`,
            }
          : read,
      truths: new Set(Object.keys(kept).filter((path) => kept[path] === 'true' || kept[path] === 'false')),
    };
  }, [mode, profile, words]);
  const [cells, setCells] = useState<Readonly<Record<string, string>>>(start);
  const change = useCallback(
    (path: string, text: string): void => setCells((before) => ({ ...before, [path]: text })),
    [],
  );
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const [wanted, setWanted] = useState('');
  const [opened, setOpened] = useState<readonly string[]>(['size']);
  const groups = useMemo(() => {
    const part = foldName(wanted);
    const paths = Object.keys(start).filter(
      (path) => path !== 'id' && [path, speciesField(path)].some((name) => foldName(name).includes(part)),
    );
    return Object.keys(SPECIES_GROUPS).map((group) => ({
      group,
      paths: paths.filter((path) => speciesGroup(path) === group),
    }));
  }, [start, wanted]);
  const faulty = useMemo(() => new Map(faults.map((fault) => [cellOf(fault), fault])), [faults]);
  const faultAt = (path: string): string | undefined => {
    const fault = faulty.get(path);
    return fault && faultSentence(fault, words);
  };
  // A search and a fault open what they point at.
  const isOpen = (group: string, paths: readonly string[]): boolean =>
    opened.includes(group) || wanted.trim() !== '' || paths.some((path) => faulty.has(path));
  const toggle = (group: string): void =>
    setOpened(opened.includes(group) ? opened.filter((one) => one !== group) : [...opened, group]);
  const save = (): void => {
    const id = mode === 'copy' ? slug(cells.scientificName ?? '') : profile.id;
    const changed = Object.entries({ ...cells, id }).filter(([path, text]) => text !== shown[path]);
    const read = profileFromCells(Object.fromEntries(changed), {
      base: mode === 'copy' ? { ...profile, contested: [], contestedNumbers: [], badWith: [] } : profile,
      model: profile,
      catalogue,
      units,
    });
    if (!read.ok) return setFaults(read.faults);
    const original = shipped.byId.get(id);
    onSave({ profile: read.value, changed: original ? changedPaths(original, read.value) : [] });
    onClose();
  };
  return (
    <Dialog
      open
      wide
      onOpenChange={onClose}
      title={
        mode === 'copy'
          ? `Your own species, like ${commonName(profile)}`
          : `Your values for ${commonName(profile)}`
      }
      about={
        mode === 'copy'
          ? `Change what differs. ${TYPING}`
          : `The shipped entry stays; values that you leave alone follow its updates. ${TYPING}`
      }
    >
      <Form
        form={{
          waiting: false,
          said: null,
          onSubmit: (event) => {
            event.preventDefault();
            save();
          },
        }}
        className="flex flex-col gap-3"
      >
        <TextField
          label="Find a field"
          type="search"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
        {faults.length > 0 && (
          <p role="alert" className="text-buoy">
            {faulty.size === 1 ? '1 value to correct' : `${faulty.size} values to correct`}:{' '}
            {everyOf([...faulty.keys()].map(speciesField))}. Nothing is lost.
          </p>
        )}
        <div className="flex max-h-[55dvh] flex-col gap-3 overflow-y-auto pr-1">
          {groups
            .filter(({ paths }) => paths.length > 0)
            .map(({ group, paths }) => (
              <section key={group} className="border-t border-line pt-1">
                <button
                  type="button"
                  aria-expanded={isOpen(group, paths)}
                  className="mb-1 flex min-h-7 max-desk:min-h-8 w-full items-baseline justify-between text-left font-semibold"
                  onClick={() => toggle(group)}
                >
                  {SPECIES_GROUPS[group]}
                  <span className="text-[0.75rem] font-normal text-slate">
                    {paths.length === 1 ? '1 field' : `${paths.length} fields`}
                  </span>
                </button>
                {isOpen(group, paths) && (
                  <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
                    {paths.map((path) =>
                      path === DRESS ? (
                        <Suspense key={path}>
                          <DressEditor
                            profile={profile}
                            catalogue={catalogue}
                            value={cells[path] ?? ''}
                            onChange={(text) => change(path, text)}
                          />
                        </Suspense>
                      ) : (
                        <Cell
                          key={path}
                          path={path}
                          value={cells[path] ?? ''}
                          truth={truths.has(path)}
                          error={faultAt(path)}
                          onChange={change}
                        />
                      ),
                    )}
                  </div>
                )}
              </section>
            ))}
        </div>
        <Button tone="main" type="submit">
          {mode === 'copy' ? 'Add to the catalogue' : 'Save values'}
        </Button>
      </Form>
    </Dialog>
  );
}
