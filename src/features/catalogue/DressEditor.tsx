'use client';

import { useMemo, useState } from 'react';
import { type Catalogue, commonName, type SpeciesProfile } from '@/core/model';
import { LIKE } from '@/core/plates';
import { SpeciesField } from '@/session/react/SpeciesField';
import { Button } from '@/ui/Button';
import { AreaField, SelectField } from '@/ui/Field';
import { FishPlate } from '@/ui/plates/FishPlate';
import { useDressFault, useDressWords } from '@/ui/plates/useDress';
import { linesIn, saidBy, saying, textOf } from './dressText';

interface Props {
  /** The profile that is edited: its shape, colours and measures stand behind the dress. */
  readonly profile: SpeciesProfile;
  readonly catalogue: Catalogue;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** What a choice is called that leaves the matter to the rest. */
const AS_IT_IS = 'as it is';
const TONES = ['Back', 'Flank', 'Belly'] as const;

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly names: readonly string[];
  readonly hex?: ReadonlyMap<string, string>;
  readonly onChange: (name: string) => void;
}

/** One word of the dress, with its colour beside it where it is one. */
function Choice({ label, value, names, hex, onChange }: ChoiceProps) {
  return (
    <SelectField
      label={label}
      value={value}
      style={hex?.has(value) ? { borderLeft: `0.75rem solid ${hex.get(value)}` } : undefined}
      onChange={({ target }) => onChange(target.value)}
    >
      <option value="">{AS_IT_IS}</option>
      {/* Two colours mixed ("rust~bone") are no choice of the list. */}
      {value !== '' && !names.includes(value) && <option value={value}>{value}</option>}
      {names.map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}

/** The dress of a species of the keeper's own: like another, with its own body, colours and markings; drawn as it is typed. */
export function DressEditor({ profile, catalogue, value, onChange }: Props) {
  const { plans, colours, marks } = useDressWords();
  const [typed, setTyped] = useState(() => linesIn(value).join('\n'));
  const lines = linesIn(typed);
  const dressed = useMemo(
    () => ({ ...profile, look: { ...profile.look, dress: [...linesIn(typed)] } }),
    [profile, typed],
  );
  const fault = useDressFault(dressed);
  const hex = new Map(colours);
  const names = colours.map(([name]) => name);
  const put = (next: readonly string[]): void => {
    setTyped(next.join('\n'));
    onChange(textOf(next));
  };
  const say = (name: string, words: string): void => put(saying(lines, name, words));
  const other = catalogue.byId.get(saidBy(lines, LIKE));
  const tone = saidBy(lines, 'tone').split(/\s+/).filter(Boolean);
  return (
    <div className="col-span-full grid grid-cols-1 gap-3 sm:grid-cols-[14rem_1fr]">
      <div className="flex flex-wrap items-end gap-2 self-start">
        <FishPlate profile={dressed} detail="plate" keeps label="As it is drawn" className="h-28 w-full" />
        {(['male', 'female', 'young'] as const).map((wearer) => (
          <figure key={wearer} className="flex-1">
            <FishPlate profile={dressed} wearer={wearer} className="h-8 w-full" />
            <figcaption className="text-center text-[0.75rem] text-slate">{wearer}</figcaption>
          </figure>
        ))}
      </div>
      <div className="grid content-start gap-2">
        <div className="flex items-end gap-2">
          <div className="min-w-0 flex-1">
            <SpeciesField
              label={other ? `Drawn like ${commonName(other)}` : 'Drawn like'}
              onPick={({ id }) => say(LIKE, id)}
            />
          </div>
          {other && <Button onClick={() => say(LIKE, '')}>Like none</Button>}
        </div>
        <div className="grid grid-cols-3 gap-2">
          <Choice
            label="Body plan"
            value={saidBy(lines, 'plan')}
            names={plans}
            onChange={(name) => say('plan', name)}
          />
          <Choice
            label="Ring of the eye"
            value={saidBy(lines, 'eye')}
            names={names}
            hex={hex}
            onChange={(name) => say('eye', name)}
          />
          <Choice
            label="Fins"
            value={saidBy(lines, 'fins').split(/[\s>]/)[0] ?? ''}
            names={names}
            hex={hex}
            onChange={(name) => say('fins', name && `${name} a 0.6`)}
          />
          {TONES.map((label, i) => (
            <Choice
              key={label}
              label={label}
              value={tone[i] ?? ''}
              names={names}
              hex={hex}
              onChange={(name) =>
                say('tone', name && TONES.map((_, at) => (at === i ? name : (tone[at] ?? name))).join(' '))
              }
            />
          ))}
        </div>
        <AreaField
          label="Dress, a line each"
          rows={Math.max(4, lines.length + 1)}
          spellCheck={false}
          value={typed}
          error={fault === null ? undefined : `Drawn plain until this is mended: ${fault}`}
          hint={`Such as “marks: bars ink 20 50 80” or “female.fins: clear a 0.4”. Markings: ${marks.join(', ')}.`}
          onChange={({ target }) => {
            setTyped(target.value);
            onChange(textOf(linesIn(target.value)));
          }}
        />
      </div>
    </div>
  );
}
