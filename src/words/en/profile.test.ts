import { catalogue } from '@/testing/plans';
import { profileParts, profileText } from './profile';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

const matter = { catalogue, tanks: [], company: null, reasons: [], judgedBy: null } as const;
const of = (id: string) => catalogue.byId.get(id)!;
const part = (id: string, title: string): string =>
  profileParts(of(id), wordsFor(catalogue, METRIC), matter)
    .filter((one) => one.title === title)
    .flatMap(({ lines }) => lines)
    .join(' ');

describe('a profile in words', () => {
  it.each([
    ['xiphophorus-hellerii', 'Size and life stages', /the anal fin of males is a rod/],
    ['carnegiella-strigata', 'Size and life stages', /cannot be told by looking/],
    ['pterophyllum-scalare', 'Group', /Never 3: two pair up and turn on the third\./],
    ['betta-splendens', 'Group', /^Kept alone\.$/],
    ['neolamprologus-multifasciatus', 'Breeding', /It guards its brood and drives others from/],
    ['poecilia-reticulata', 'Breeding', /live young every month/],
    ['procambarus-clarkii', 'Trade and exit', /never release it/],
    ['otocinclus-vittatus', 'Signs of trouble', /Losses in the first weeks/],
    ['betta-splendens-koi', 'Trade and exit', /A form of the betta\./],
    ['puntigrus-tetrazona', 'Trade and exit', /Forms: .*green tiger barb/],
  ])('%s, %s', (id, title, said) => {
    expect(part(id, title)).toMatch(said);
  });

  it('claims nothing where nothing is known', () => {
    expect(profileText(of('paracheirodon-innesi'), wordsFor(catalogue, METRIC), matter)).not.toMatch(
      /seldom|rarely confused/i,
    );
  });

  it.each(catalogue.all.map(({ id }) => id))('%s reads as sentences', (id) => {
    const text = profileText(of(id), wordsFor(catalogue, US), matter);
    expect(text).not.toMatch(/undefined|null|NaN|\[object|\.\.|, ,| {2}/);
    expect(text).not.toMatch(/\d (cm|°C|°dH)\b/);
  });
});
