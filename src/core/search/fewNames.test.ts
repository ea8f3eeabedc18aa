import { SHIPPED_SPECIES } from '@/catalogue';
import { buildCatalogue } from '../model/catalogue';
import { searchSpecies } from './findSpecies';
import { nameIndex, soundsOf, stemOf } from './nameIndex';
import { meaningOf, nearestSpecies, peersOf } from './sureSpecies';

/** So few species that each answer can be seen to be right; all of them with their forms. */
const KINDS =
  `paracheirodon-innesi paracheirodon-axelrodi melanotaenia-praecox trichogaster-lalius astronotus-ocellatus
  mikrogeophagus-ramirezi mikrogeophagus-altispinosus corydoras-panda corydoras-aeneus corydoras-sterbai ancistrus-cirrhosus
  puntigrus-tetrazona pethia-conchonius thayeria-boehlkei erpetoichthys-calabaricus hypancistrus-zebra`.split(
    /\s+/,
  );
const few = buildCatalogue(SHIPPED_SPECIES.filter(({ id, formOf }) => KINDS.includes(formOf ?? id)));
const answers = (typed: string) =>
  searchSpecies(few, typed).map(({ profile, match, off }) => `${profile.id} ${match} ${off}`);

describe('how a species answers what was typed', () => {
  it.each<[string, readonly string[]]>([
    // One of its names, the first before the others.
    ['Cardinal Tetra', ['paracheirodon-axelrodi exact 0']],
    ['tiger barbs', ['puntigrus-tetrazona exact 0', 'puntigrus-tetrazona-glowing words 0']],
    ['Hyphessobrycon innesi', ['paracheirodon-innesi exact 0.5']],
    ['ropefish', ['erpetoichthys-calabaricus exact 0']],
    ['L 46', ['hypancistrus-zebra exact 0.5']],
    ['gbr', ['mikrogeophagus-ramirezi exact 0.5', 'mikrogeophagus-altispinosus described 3']],
    // A name that begins with it; the fewer words are left the better, the first name before the others.
    ['panda', ['corydoras-panda start 1']],
    [
      'neon',
      [
        'paracheirodon-innesi start 1',
        'melanotaenia-praecox start 2',
        'pethia-conchonius-neon start 2',
        'trichogaster-lalius-flame start 2.5',
        'paracheirodon-innesi-long-fin words 0',
      ],
    ],
    ['ram', ['mikrogeophagus-ramirezi start 1', 'mikrogeophagus-altispinosus words 0']],
    [
      'Paracheirodon',
      [
        'paracheirodon-innesi start 1.5',
        'paracheirodon-axelrodi start 1.5',
        'paracheirodon-innesi-diamond start 2.5',
      ],
    ],
    // A group: most of all who keep them know, species before forms.
    [
      'cories',
      [
        'corydoras-aeneus group 0',
        'corydoras-sterbai group 0',
        'corydoras-panda group 0',
        'corydoras-aeneus-albino group 0',
        'corydoras-sterbai-albino group 0',
      ],
    ],
    ['pleco', ['ancistrus-cirrhosus group 0', 'hypancistrus-zebra group 0']],
    // Its scientific name with another ending, or with its genus cut short.
    ['C. panda', ['corydoras-panda epithet 0']],
    ['Osteogaster aenea', ['corydoras-aeneus epithet 0']],
    ['Ost. aeneum', ['corydoras-aeneus epithet 0']],
    ['Oste aenea', ['corydoras-aeneus elsewhere 1']],
    // The end of a scientific name under another genus, but not under one of another family.
    ['Osteogaster panda', ['corydoras-panda elsewhere 0']],
    ['Hoplisoma aeneum', ['corydoras-aeneus elsewhere 0']],
    ['Nowhere sterbai', ['corydoras-sterbai elsewhere 1']],
    // A name with words beside it that nobody knows.
    ['Poecilia innesi', ['paracheirodon-innesi elsewhere 1', 'paracheirodon-innesi-long-fin beside 2']],
    ['oscar oscar', ['astronotus-ocellatus beside 1']],
    ['Astronotus oscar', ['astronotus-ocellatus words 0']],
    ['Corydoras oscar', ['astronotus-ocellatus beside 1']],
    ['oscar crassipinnis', ['astronotus-ocellatus beside 1.5']],
    ['Paracheirodon aeneum', []],
    // A short end says too little under a genus that nobody knows; what is no genus says nothing.
    ['Polyacanthus lalius', ['trichogaster-lalius beside 2']],
    ['tetra innesi', ['paracheirodon-innesi words 0']],
    ['Poecilia innesi red', ['paracheirodon-innesi beside 3']],
    ['albino panda', []],
    // All of its words, in any order.
    ['tetra neon', ['paracheirodon-innesi words 0', 'paracheirodon-innesi-long-fin words 0']],
    ['green barb', ['puntigrus-tetrazona-green words 0']],
    // Short for a name, for one or many; a group in two words.
    ['gbrs', ['mikrogeophagus-ramirezi exact 0.5']],
    ['rain bows', ['melanotaenia-praecox group 0']],
    // Halves of words.
    ['bristle nose', ['ancistrus-cirrhosus half 0', 'ancistrus-cirrhosus-albino part 0']],
    ['card tetr', ['paracheirodon-axelrodi half 1']],
    // A name that is described by the rest.
    ['albino oscar', ['astronotus-ocellatus-albino exact 0', 'astronotus-ocellatus described 1']],
    [
      'neon blue dwarf gourami',
      [
        'trichogaster-lalius-powder-blue described 1',
        'trichogaster-lalius-flame described 1.5',
        'trichogaster-lalius described 2',
      ],
    ],
    ['panda cardinal tetra', ['paracheirodon-axelrodi described 1']],
    // Slips: one in short words, two in long ones, more where they sound the same, none in words of three letters.
    ['kardinol tetra', ['paracheirodon-axelrodi near 2']],
    ['neon tatra', ['paracheirodon-innesi near 1']],
    ['tetra pengin', ['thayeria-boehlkei near 1']],
    ['cardinol tet', ['paracheirodon-axelrodi near 1.25']],
    ['albino oskar', ['astronotus-ocellatus-albino near 1']],
    ['gold pengin tetra', ['thayeria-boehlkei near 1']],
    ['wild Thayeria boelkei', ['thayeria-boehlkei near 1']],
    ['pleccow', ['ancistrus-cirrhosus near 1.5', 'hypancistrus-zebra near 1.5']],
    ['pleeeccooww', []],
    ['kleccow', []],
    ['tayeeriah', ['thayeria-boehlkei near 2.5']],
    ['rom', []],
    ['tra', []],
    ['etr', []],
    ['cardinol te', []],
    ['pengin tetra', ['thayeria-boehlkei near 1']],
    ['cardinol tetras', ['paracheirodon-axelrodi near 1']],
    ['oskar', ['astronotus-ocellatus near 1', 'astronotus-ocellatus-red near 1']],
    ['heirodon', ['paracheirodon-axelrodi near 1', 'paracheirodon-innesi part 0.5']],
    // Nothing.
    ['', []],
    ['   ', []],
    ['qwertz', []],
    ['red tetra', []],
    ['ticto barb', []],
    ['neo tet', []],
  ])('"%s"', (typed, expected) => {
    const found = answers(typed);
    expect(new Set(found.map((answer) => answer.split(' ')[0])).size).toBe(found.length);
    if (expected.length === 0) expect(found).toEqual([]);
    else expect(found.slice(0, expected.length)).toEqual(expected);
  });
});

describe('what a keeper means', () => {
  const meant = (typed: string) => {
    const meaning = meaningOf(few, typed);
    return meaning.is === 'sure'
      ? meaning.profile.id
      : [
          meaning.is,
          ...(meaning.is === 'doubtful' ? meaning.choices : meaning.nearest).map(({ id }) => id),
        ].join(' ');
  };
  it.each([
    ['neon tetras', 'paracheirodon-innesi'],
    ['neon', 'paracheirodon-innesi'],
    ['green barb', 'puntigrus-tetrazona-green'],
    ['pengin tetra', 'thayeria-boehlkei'],
    ['C. panda', 'corydoras-panda'],
    ['Osteogaster aenea', 'corydoras-aeneus'],
    ['big panda cory', 'corydoras-panda'],
    // What may be another species, which is not here, is asked about: the calypso tetra, a badis, a barb.
    ['Hyphessobrycon axelrodi', 'unknown paracheirodon-axelrodi'],
    ['Osteogaster panda', 'unknown corydoras-panda'],
    ['oscar oscar', 'unknown astronotus-ocellatus astronotus-ocellatus-red astronotus-ocellatus-lemon'],
    ['Nowhere sterbai', 'unknown corydoras-sterbai corydoras-sterbai-albino'],
    // Its own forms are no rivals.
    ['tetra neon', 'paracheirodon-innesi'],
    ['ramirezi', 'mikrogeophagus-ramirezi'],
    ['oskar', 'astronotus-ocellatus'],
    // Species that answer as well are.
    [
      'barb',
      'doubtful puntigrus-tetrazona pethia-conchonius puntigrus-tetrazona-glowing puntigrus-tetrazona-green puntigrus-tetrazona-albino pethia-conchonius-neon',
    ],
    [
      'Corydoras',
      'doubtful corydoras-aeneus corydoras-sterbai corydoras-panda corydoras-aeneus-albino corydoras-sterbai-albino',
    ],
    [
      'albino',
      'doubtful corydoras-aeneus-albino astronotus-ocellatus-albino ancistrus-cirrhosus-albino puntigrus-tetrazona-albino corydoras-sterbai-albino',
    ],
    // A group is asked about, though one stands before the others.
    ['killi', 'unknown'],
    ['gudgeon', 'unknown'],
    ['rainbow', 'doubtful melanotaenia-praecox'],
    ['alabaric', 'doubtful erpetoichthys-calabaricus'],
    ['glo light tetra', 'unknown paracheirodon-innesi-diamond paracheirodon-axelrodi paracheirodon-innesi'],
    ['Corydoras caucana', 'unknown corydoras-panda corydoras-aeneus corydoras-sterbai'],
    ['qwertz', 'unknown'],
  ])('by "%s" is %s', (typed, expected) => expect(meant(typed)).toBe(expected));
  it('has as peers the first, and what answers as well and is no form of it', () => {
    expect(peersOf(searchSpecies(few, 'neon')).map(({ profile }) => profile.id)).toEqual([
      'paracheirodon-innesi',
    ]);
    expect(peersOf(searchSpecies(few, 'Paracheirodon')).map(({ profile }) => profile.id)).toEqual([
      'paracheirodon-innesi',
      'paracheirodon-axelrodi',
    ]);
    expect(peersOf([])).toEqual([]);
  });
  it('may be near what shares its last word, then its genus, then what is written much alike', () => {
    const near = (typed: string) => nearestSpecies(few, typed).map(({ id }) => id);
    expect(near('ticto barb')).toEqual([
      'puntigrus-tetrazona',
      'pethia-conchonius-long-fin',
      'puntigrus-tetrazona-albino',
    ]);
    expect(near('Corydoras caucana')[0]).toBe('corydoras-panda');
    expect(near('Thayeria obliqua')).toEqual(['thayeria-boehlkei']);
    expect(near('erpetoichtis calabarikus')).toEqual(['erpetoichthys-calabaricus']);
    expect(near('qwertzuiop')).toEqual([]);
    expect(near('')).toEqual([]);
    // The longer its longest name, the nearer to a text that is too long.
    expect(near(`${'x'.repeat(500)} barb`)).toEqual([
      'puntigrus-tetrazona-glowing',
      'puntigrus-tetrazona-albino',
      'pethia-conchonius-long-fin',
    ]);
    expect(near('x'.repeat(500))).toEqual([]);
  });
});

describe('two that answer alike', () => {
  const [neon] = few.all.filter(({ id }) => id === 'paracheirodon-innesi');
  const named = (id: string, name: string) => ({
    ...neon!,
    id,
    scientificName: `Genus ${id}`,
    formerNames: [],
    commonNames: [name],
  });
  it.each([
    ['the shorter name', named('b', 'old wisp'), named('a', 'blue wisp')],
    ['the name that comes first', named('b', 'bald wisp'), named('a', 'blue wisp')],
  ])('%s stands first', (_what, first, second) => {
    for (const all of [
      [first, second],
      [second, first],
    ])
      expect(searchSpecies(buildCatalogue(all), 'wisp').map(({ profile }) => profile.id)).toEqual([
        first.id,
        second.id,
      ]);
  });
  it('stand as near by the order of their identifiers', () => {
    const both = [named('b', 'bald wisp'), named('a', 'pale wisp')];
    expect(nearestSpecies(buildCatalogue(both), 'dark wisp').map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('names made ready', () => {
  it.each([
    ['aeneus', 'aene'],
    ['aeneum', 'aene'],
    ['leeri', 'leer'],
    ['leerii', 'leer'],
    ['suttonorum', 'sutton'],
    ['dayi', 'day'],
    ['panda', 'pand'],
    ['scalare', 'scalar'],
    ['innesi', 'innes'],
    ['bimaculatus', 'bimaculat'],
    ['viridis', 'virid'],
    ['oscar', 'oscar'],
  ])('"%s" without its ending is "%s"', (word, stem) => expect(stemOf(word)).toBe(stem));
  it('sound one way or two', () => {
    expect(soundsOf('fish')).toEqual(soundsOf('phish'));
    expect(soundsOf('barb').every((code) => code.length > 0)).toBe(true);
    expect(soundsOf('')).toEqual([]);
  });
  it('tell heads from starts, families by genus, and ends of species from those of forms', () => {
    // A catalogue of its own: names are made ready once for each.
    const fresh = buildCatalogue(few.all);
    const { heads, starts, families, known, species } = nameIndex(fresh);
    expect([...heads].sort()).toEqual(
      ['barb', 'cat', 'characin', 'cichlid', 'cori', 'corydora', 'fin', 'pleco', 'tetra'].sort(),
    );
    expect(['neon', 'panda', 'rope', 'oscar', 'l46'].every((word) => starts.has(word))).toBe(true);
    expect(starts.has('tetra')).toBe(false);
    expect([...(families.get('corydora') ?? [])]).toEqual(['Callichthyidae']);
    expect([...(families.get('hyphessobrycon') ?? [])]).toEqual(['Acestrorhamphidae']);
    expect(known.has('tetra') && known.has('calabaricu')).toBe(true);
    const of = (id: string) => species.find(({ profile }) => profile.id === id)!;
    expect([...of('corydoras-aeneus').epithets]).toEqual(['aene']);
    expect([...of('corydoras-aeneus-albino').epithets]).toEqual([]);
    expect([...of('corydoras-panda').groups].sort()).toEqual(['cat', 'cori']);
    const oscar = of('astronotus-ocellatus').names;
    expect(oscar.map(({ first }) => first)).toEqual([true, false, false, false, false]);
    expect(oscar.map(({ written }) => written)).toContain('velvetcichlid');
    expect([...of('corydoras-panda').words].sort()).toEqual([
      'cat',
      'cori',
      'corydora',
      'hoplisoma',
      'panda',
    ]);
    expect(known.has('')).toBe(false);
    expect(nameIndex(fresh)).toBe(nameIndex(fresh));
  });
});
