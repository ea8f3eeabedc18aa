'use client';

import { termOf } from '@/words/en';
import { Button } from './Button';

/** Words to press, several at once, with targets for wet hands. */
export function SignButtons<T extends string>({
  offered,
  chosen,
  onChange,
}: {
  readonly offered: readonly T[];
  readonly chosen: readonly T[];
  readonly onChange: (chosen: readonly T[]) => void;
}) {
  return (
    <div className="flex flex-wrap gap-1.5">
      {offered.map((one) => {
        const on = chosen.includes(one);
        return (
          <Button
            key={one}
            large
            aria-pressed={on}
            className={on ? 'border-deep text-deep' : ''}
            onClick={() => onChange(on ? chosen.filter((other) => other !== one) : [...chosen, one])}
          >
            {termOf(one)}
          </Button>
        );
      })}
    </div>
  );
}
