'use client';

import { useMemo, useState } from 'react';
import { profileCells, profileFromCells } from '@/core/formats';
import type { Fault } from '@/core/kernel';
import {
  type Catalogue,
  changedPaths,
  commonName,
  type KeeperSpecies,
  type SpeciesProfile,
} from '@/core/model';
import { faultSentence, METRIC, quantitiesIn } from '@/words/en';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { FaultList } from '@/ui/FaultList';
import { TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';

interface Props {
  readonly mode: 'copy' | 'change';
  readonly profile: SpeciesProfile;
  readonly catalogue: Catalogue;
  readonly shipped: Catalogue;
  readonly onSave: (species: KeeperSpecies) => void;
  readonly onClose: () => void;
}

const GROUPS: Readonly<Record<string, string>> = {
  '': 'Names and place',
  size: 'Size, cm',
  mouth: 'Mouth',
  layers: 'Share of time in each layer',
  habits: 'Habits',
  water: 'Water',
  company: 'Company',
  tank: 'Tank, cm and litres',
  effect: 'Effect on the tank',
  handling: 'Handling',
  trade: 'Trade',
  look: 'Look',
};

/** "company.ownKind.male" as words, without the group it stands under. */
const words = (path: string): string =>
  (path.includes('.') ? path.slice(path.indexOf('.') + 1) : path)
    .replace(/\./g, ', ')
    .replace(/(Cm2|Cm|C|Dh|Ppt)$/, '')
    .replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** The editor shows a profile as its file has it. */
const figures = quantitiesIn(METRIC);

const groupOf = (path: string): string => (path.includes('.') ? path.slice(0, path.indexOf('.')) : '');

const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Every field of a species as text, with units where they help; nothing is kept until all of it is sound. */
export function SpeciesEditor({ mode, profile, catalogue, shipped, onSave, onClose }: Props) {
  const start = useMemo(() => {
    const cells = profileCells(profile);
    return mode === 'copy'
      ? {
          ...cells,
          id: '',
          scientificName: `${profile.scientificName} (own)`,
          commonNames: `${commonName(profile)}, own`,
          formerNames: '',
          notes: '',
          confidence: '1',
        }
      : cells;
  }, [mode, profile]);
  const [cells, setCells] = useState<Readonly<Record<string, string>>>(start);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const [wanted, setWanted] = useState('');
  const [opened, setOpened] = useState<readonly string[]>(['size']);
  const groups = useMemo(() => {
    const paths = Object.keys(start).filter((path) => path !== 'id' && path.includes(wanted.trim()));
    return Object.keys(GROUPS).map((group) => ({
      group,
      paths: paths.filter((path) => groupOf(path) === group),
    }));
  }, [start, wanted]);
  const faultOf = (path: string): string | undefined => {
    const fault = faults.find((one) => one.path === path);
    return fault && faultSentence(fault, figures);
  };
  const elsewhere = faults.filter((fault) => !(fault.path in cells));
  // A search and a fault open what they point at.
  const isOpen = (group: string, paths: readonly string[]): boolean =>
    opened.includes(group) ||
    wanted.trim() !== '' ||
    paths.some((path) => faults.some((fault) => fault.path === path));
  const toggle = (group: string): void =>
    setOpened(opened.includes(group) ? opened.filter((one) => one !== group) : [...opened, group]);
  const save = (): void => {
    const id = mode === 'copy' ? slug(cells.scientificName ?? '') : profile.id;
    const base = mode === 'copy' ? { ...profile, contested: [], badWith: [] } : profile;
    const read = profileFromCells({ ...cells, id }, base, profile, catalogue, false);
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
          ? 'Change what differs. Type ranges as "24 - 28", lists with ";", and any unit: "4 in", "78 F".'
          : 'The shipped entry stays; values that you leave alone follow its updates.'
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
        {(faults.length > 0 || elsewhere.length > 0) && (
          <div role="alert" className="text-buoy">
            <p>
              {faults.length === 1 ? '1 value to correct' : `${faults.length} values to correct`}; nothing is
              lost.
            </p>
            <FaultList faults={faults} />
          </div>
        )}
        <div className="flex max-h-[55dvh] flex-col gap-3 overflow-y-auto pr-1">
          {groups
            .filter(({ paths }) => paths.length > 0)
            .map(({ group, paths }) => (
              <section key={group} className="border-t border-line pt-1">
                <button
                  type="button"
                  aria-expanded={isOpen(group, paths)}
                  className="mb-1 flex min-h-7 w-full items-baseline justify-between text-left font-semibold"
                  onClick={() => toggle(group)}
                >
                  {GROUPS[group] ?? group}
                  <span className="text-[12px] font-normal text-slate">{paths.length} fields</span>
                </button>
                {isOpen(group, paths) && (
                  <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
                    {paths.map((path) => (
                      <TextField
                        key={path}
                        label={words(path)}
                        value={cells[path] ?? ''}
                        error={faultOf(path)}
                        onChange={(event) => setCells({ ...cells, [path]: event.target.value })}
                      />
                    ))}
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
