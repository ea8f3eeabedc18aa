import { array, number, object, string } from 'yup';
import { catalogue } from '@/testing/tabs';
import { somebodyId } from '../events';
import { refersTo } from '../kernel';
import { missingReferences } from './references';

const there = {
  hasTank: (id: string) => id === 'T',
  hasResident: (id: string) => id === 'shoal',
  catalogue,
};
const KIND = 'pterophyllum-scalare';
const schema = object({
  tank: refersTo('tank', string()),
  deep: object({ tank: refersTo('tank', string()), plain: string() }),
  who: array(object({ id: refersTo('resident', string()) })),
  kinds: array(refersTo('species', string())),
  count: number(),
});
const missing = (value: unknown): readonly string[] =>
  missingReferences(schema, value, there).map(({ path, expected, received }) =>
    [path, expected.is === 'known' && expected.what, 'text' in received && received.text].join(' '),
  );

describe('what a value speaks of that is not there', () => {
  it('is nothing where all is there', () =>
    expect(
      missing({
        tank: 'T',
        deep: { tank: 'T', plain: 'U' },
        who: [{ id: 'shoal' }],
        kinds: [KIND],
        count: 3,
      }),
    ).toEqual([]));
  it('is named by its path: a part, a part of a part, each of a list', () =>
    expect(
      missing({
        tank: 'U',
        deep: { tank: 'V' },
        who: [{ id: 'shoal' }, { id: 'nobody' }],
        kinds: ['no-such', KIND, 'nor-such'],
      }),
    ).toEqual([
      'tank tank "U"',
      'deep.tank tank "V"',
      'who[1].id resident "nobody"',
      'kinds[0] species "no-such"',
      'kinds[2] species "nor-such"',
    ]));
  it('is nothing where nobody is spoken of: no part, null, no list, no text', () => {
    expect(missing({})).toEqual([]);
    expect(missing({ tank: null, deep: null, who: null, kinds: undefined })).toEqual([]);
    expect(missing({ who: 'nobody', kinds: { 0: 'no-such' } })).toEqual([]);
    expect(missing({ tank: 7, kinds: [7, null] })).toEqual([]);
  });
  it('asks of a fish that nobody could tell from its like only whether its kind is known', () => {
    expect(missing({ who: [{ id: somebodyId({ species: KIND, sex: 'male' }) }] })).toEqual([]);
    expect(missing({ who: [{ id: somebodyId({ species: 'no-such', sex: 'male' }) }] })).toHaveLength(1);
  });
});
