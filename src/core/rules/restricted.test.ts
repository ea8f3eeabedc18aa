import { listed, madeUp } from '@/testing/madeUp';
import { restricted } from './restricted';
import type { Place } from './context';

const said = (isRestricted: boolean) =>
  restricted.ofOne!(
    listed(
      madeUp('paracheirodon-innesi', 'made-up', {
        trade: { ...madeUp('paracheirodon-innesi', 'x').trade, restricted: isRestricted },
      }),
    ),
    {} as Place,
  );

describe('a species that some places forbid', () => {
  it('is told, as a note', () =>
    expect(said(true)).toEqual([
      expect.objectContaining({
        rule: 'restricted',
        severity: 'note',
        species: ['made-up'],
        fact: { says: 'care/restricted' },
        because: { restricted: true },
      }),
    ]));
  it('is not told where none does', () => expect(said(false)).toEqual([]));
});
