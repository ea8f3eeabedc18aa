import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { applyEvent, EMPTY_ROOM, type Resident } from '../events';
import type { TankId } from '../kernel';
import type { TableRoom } from './tableCells';
import { readTable, type TableKind, toldTwiceBy } from './tablesIn';
import { contestsCsv, departuresCsv, stockTableCsv, watchesCsv, waterCsv } from './tablesOut';

const CAME = '2026-02-01T12:00:00.000Z';
const LEFT = '2026-02-20T12:00:00.000Z';
const NOW = '2026-04-01T12:00:00.000Z';
const room = [
  cameOf(CAME, [memberOf('a'), memberOf('b'), memberOf('c')]),
  cameOf(CAME, [{ ...memberOf('g', 6), individual: false }], { species: 'danio-rerio' }),
  happened({
    type: 'rehomed',
    on: LEFT,
    resident: 'c',
    count: 1,
    reason: 'surplus',
    taker: 'Maren',
    credit: '',
  }),
].reduce(applyEvent, EMPTY_ROOM);
const tableRoom: TableRoom = {
  tank: 'T' as TankId,
  catalogue,
  now: NOW,
  resolve: (name) => room.residents[name] ?? null,
  known: () => false,
};
const read = (kind: TableKind, head: string, ...lines: string[]) =>
  readTable(kind, [head, ...lines].join('\n'), tableRoom);
const value = (text: string) => (text === '' ? { is: 'nothing' } : { is: 'value', text: `"${text}"` });
/** The faults of one row: column, what was expected, what stood there. */
const faultsOf = (kind: TableKind, head: string, row: string) => {
  const { faults, events, listed } = read(kind, head, row);
  if (faults.length > 0) expect([events, listed]).toEqual([[], []]);
  return faults.map(({ path, line, expected, received }) => {
    expect(line).toBe(2);
    return [path, expected, received];
  });
};
const AT = '2026-03-02T18:00:00.000Z';

describe('moments of a table', () => {
  const on = (time: string) => read('watches', 'time,minutes', `${time},5`).events[0]?.on;
  it('are days at noon, hours of the keeper’s own, or ISO moments', () => {
    expect(on('2026-03-02')).toBe(new Date('2026-03-02T12:00').toISOString());
    expect(on('2026-03-02 18:30')).toBe(new Date('2026-03-02T18:30').toISOString());
    expect(on('2026-03-02T18:30')).toBe(new Date('2026-03-02T18:30').toISOString());
    expect(on(AT)).toBe(AT);
    expect(on(NOW)).toBe(NOW);
  });
  it.each([
    '',
    'soon',
    '2026-02-30',
    '2026-13-01',
    'on 2026-03-02',
    '2026-03-02 18',
    '2026-03-02 18:3',
    '2026-03-02 18:30x',
    '2026-03-02x',
    '2026-03-02 25:00',
    '02.03.2026',
  ])('are none: %j', (time) =>
    expect(faultsOf('watches', 'time,minutes', `${time},5`)).toEqual([
      ['time', { is: 'day and hour' }, value(time)],
    ]),
  );
  it('do not lie ahead', () =>
    expect(faultsOf('watches', 'time,minutes', '2026-04-01T12:00:01.000Z,5')).toEqual([
      ['time', { is: 'not in the future' }, value('2026-04-01T12:00:01.000Z')],
    ]));
});

describe('watches of a table', () => {
  const minutes = (text: string) =>
    read('watches', 'time,minutes,note,watch', `${AT},${text},calm,`).events[0];
  it.each([
    ['0', 0],
    ['12', 12],
    ['1440', 1440],
    ['"7,5"', 7.5],
    ['7.5', 7.5],
  ])('of %s minutes', (text, told) =>
    expect(minutes(text)).toEqual({ type: 'watched', on: AT, tank: 'T', minutes: told, note: 'calm' }),
  );
  it.each(['', '-1', '1441', 'long'])('not of %j minutes', (text) =>
    expect(faultsOf('watches', 'time,minutes', `${AT},${text}`)).toEqual([
      ['minutes', { is: 'number', from: 0, to: 1440 }, value(text)],
    ]),
  );
  it('keep their name, where they have one', () =>
    expect(read('watches', 'time,minutes,watch', `${AT},5,w1`).events[0]).toMatchObject({ watch: 'w1' }));
});

describe('contests of a table', () => {
  const HEAD = 'time,winner,loser,what,bad,place,trigger,watch,result';
  const rest = (tail: string) => read('contests', HEAD, `${AT},a,b${tail}`).events[0];
  const plain = {
    type: 'chased',
    on: AT,
    tank: 'T',
    watch: '',
    winner: 'a',
    loser: 'b',
    what: 'chase',
    place: '',
  };
  it('are chases that were won, where nothing more is said', () => {
    expect(read('contests', 'time,winner,loser', `${AT},a,b`).events).toEqual([plain]);
    expect(rest(',,,,,,')).toEqual(plain);
    expect(rest(',,,,,,won')).toEqual(plain);
  });
  it('tell all that is said, in any case of letters', () =>
    expect(rest(',NIP,3,left,Feeding,w1,undecided')).toEqual({
      ...plain,
      what: 'nip',
      bad: 3,
      place: 'left',
      trigger: 'feeding',
      watch: 'w1',
      undecided: true,
    }));
  const fault = (row: string) => faultsOf('contests', HEAD, row);
  it.each([
    [`${AT},,b,,,,,,`, 'winner', { is: 'filled' }, ''],
    [`${AT},a,,,,,,,`, 'loser', { is: 'filled' }, ''],
    [`${AT},Brim,b,,,,,,`, 'winner', { is: 'known', what: 'resident' }, 'Brim'],
    [`${AT},a,a,,,,,,`, 'loser', { is: 'another', than: 'winner' }, 'a'],
    [`${AT},a,c,,,,,,`, 'loser', { is: 'still here on', leftOn: '2026-02-20' }, 'c'],
    [`${AT},a,b,,4,,,,`, 'bad', { is: 'whole', from: 1, to: 3 }, '4'],
    [`${AT},a,b,,0,,,,`, 'bad', { is: 'whole', from: 1, to: null }, '0'],
    [`${AT},a,b,,1.5,,,,`, 'bad', { is: 'whole', from: 1, to: null }, '1.5'],
    [`${AT},a,b,,x1,,,,`, 'bad', { is: 'whole', from: 1, to: null }, 'x1'],
    [`${AT},a,b,,,,,,lost`, 'result', { is: 'choice', of: ['won', 'undecided'] }, 'lost'],
  ])('name the place of what is wrong: %s', (row, path, expected, text) =>
    expect(fault(row)).toEqual([[path, expected, value(text)]]),
  );
  it.each(['what', 'trigger'])('name a choice that there is not: %s', (column) => {
    const row = [AT, 'a', 'b', '', '', '', '', '', ''];
    row[HEAD.split(',').indexOf(column)] = 'kiss';
    expect(fault(row.join(','))).toMatchObject([
      [column, { is: 'choice', of: expect.arrayContaining([]) }, value('kiss')],
    ]);
  });
  it('are not before a fish came; on the day itself, and until it left, they are', () => {
    const early = (on: string) =>
      faultsOf('contests', 'time,winner,loser', `${on},a,b`).map(([path, expected]) => [path, expected]);
    expect(early('2026-02-01T11:59:59.000Z')).toEqual([
      ['winner', { is: 'arrived by', on: '2026-02-01' }],
      ['loser', { is: 'arrived by', on: '2026-02-01' }],
    ]);
    expect(early(CAME)).toEqual([]);
    expect(faultsOf('contests', 'time,winner,loser', `${LEFT},a,c`)).toEqual([]);
    expect(faultsOf('contests', 'time,winner,loser', `soon,a,c`)).toEqual([
      ['time', { is: 'day and hour' }, value('soon')],
    ]);
  });
  it('may be of one of a group on another', () =>
    expect(read('contests', 'time,winner,loser', `${AT},g,g`).events).toHaveLength(1));
  it('gather each stranger once', () => {
    const some = read('contests', 'time,winner,loser', `${AT},Brim,b`, `${AT},b,Brim`, `${AT},Sula,a`);
    expect(some.strangers).toEqual(['Brim', 'Sula']);
    expect(some.events).toEqual([]);
  });
  it('are taken once, by what they say', () => {
    const two = read('contests', HEAD, `${AT},a,b,nip,,,,,`, `${AT},a,b,nip,,,,,`, `${AT},a,b,ram,,,,,`);
    expect(two.events).toHaveLength(2);
    expect(two.faults).toEqual([
      { path: 'time', line: 3, expected: { is: 'not recorded yet' }, received: value(AT) },
    ]);
  });
});

describe('water tests of a table', () => {
  const readings = (head: string, row: string) =>
    read('water tests', `time,${head}`, `${AT},${row}`).events[0];
  it('take each reading under its plain name or its own, and a note', () => {
    expect(
      readings('temperature,ph,ammonia,nitrite,nitrate,gh,kh,tds,note', '25,"7,2",0,0.5,20,8,4,300,fine'),
    ).toEqual({
      type: 'tested',
      on: AT,
      tank: 'T',
      note: 'fine',
      temperatureC: 25,
      ph: 7.2,
      ammoniaMgL: 0,
      nitriteMgL: 0.5,
      nitrateMgL: 20,
      ghDh: 8,
      khDh: 4,
      tdsPpm: 300,
    });
    expect(readings('temperatureC,nitrateMgL', '25,20')).toMatchObject({
      temperatureC: 25,
      nitrateMgL: 20,
      note: '',
    });
    // The own name counts before the plain one.
    expect(readings('temperature,temperatureC', '20,25')).toMatchObject({ temperatureC: 25 });
    expect(readings('temperature', '77 F')).toMatchObject({ temperatureC: 25 });
  });
  it.each([
    ['temperature', 0, 45, '°C'],
    ['ph', 3, 11, undefined],
    ['ammonia', 0, 50, 'mg/L'],
    ['nitrite', 0, 50, 'mg/L'],
    ['nitrate', 0, 500, 'mg/L'],
    ['gh', 0, 60, '°dH'],
    ['kh', 0, 60, '°dH'],
    ['tds', 0, 5000, undefined],
  ])('hold %s between %d and %d', (name, low, high, unit) => {
    for (const good of [low, high]) expect(readings(name, String(good))).toBeDefined();
    for (const bad of [
      String(high + 0.1),
      'much',
      ...(name === 'temperature' || low > 0 ? [String(low - 0.1)] : []),
    ])
      expect(faultsOf('water tests', `time,${name}`, `${AT},${bad}`)).toEqual([
        [name, { is: 'number', from: low, to: high, unit }, value(bad)],
      ]);
  });
  it('need one reading at least', () =>
    expect(faultsOf('water tests', 'time,ph,note', `${AT},,calm`)).toEqual([
      ['ph', { is: 'one part', of: 'reading' }, value('')],
    ]));
  it('need a moment', () =>
    expect(faultsOf('water tests', 'time,ph', ',7')).toEqual([['time', { is: 'day and hour' }, value('')]]));
});

describe('departures of a table', () => {
  const HEAD = 'time,who,what,count,how,reason,taker,credit,cause,incident,note';
  it('are deaths with what is said of them, and found where nothing is', () => {
    expect(read('departures', HEAD, `${AT},a,died,1,missing,,,,thin,heat,a note`).events).toEqual([
      {
        type: 'died',
        on: AT,
        resident: 'a',
        count: 1,
        how: 'missing',
        cause: 'thin',
        note: 'a note',
        incident: 'heat',
      },
    ]);
    expect(read('departures', 'time,who,what', `${AT},g,Died`).events).toEqual([
      { type: 'died', on: AT, resident: 'g', count: 1, how: 'found', cause: '', note: '' },
    ]);
  });
  it('are fish that were given away, to somebody', () => {
    expect(read('departures', HEAD, `${AT},g,rehomed,4,,surplus,Maren,2 €,,,a note`).events).toEqual([
      {
        type: 'rehomed',
        on: AT,
        resident: 'g',
        count: 4,
        reason: 'surplus',
        taker: 'Maren',
        credit: '2 €',
        note: 'a note',
      },
    ]);
    expect(read('departures', HEAD, `${AT},g,rehomed,,,,Maren,,,,`).events).toMatchObject([
      { count: 1, reason: 'other' },
    ]);
  });
  it.each([
    [`${AT},a,,,,,,,,,`, 'what', { is: 'choice', of: ['died', 'rehomed'] }, ''],
    [`${AT},a,flew,,,,,,,,`, 'what', { is: 'choice', of: ['died', 'rehomed'] }, 'flew'],
    [`${AT},,died,,,,,,,,`, 'who', { is: 'filled' }, ''],
    [`${AT},nobody,died,,,,,,,,`, 'who', { is: 'known', what: 'resident' }, 'nobody'],
    [`soon,a,died,,,,,,,,`, 'time', { is: 'day and hour' }, 'soon'],
    [`${AT},g,died,0,,,,,,,`, 'count', { is: 'whole', from: 1, to: null }, '0'],
    [`${AT},g,died,10001,,,,,,,`, 'count', { is: 'whole', from: 1, to: null }, '10001'],
    [`${AT},a,rehomed,,,,,,,,`, 'taker', { is: 'filled' }, ''],
  ])('name the place of what is wrong: %s', (row, path, expected, text) =>
    expect(faultsOf('departures', HEAD, row)).toEqual([[path, expected, value(text)]]),
  );
  it.each([
    [`${AT},a,died,,vanished,,,,,,`, 'how', 'vanished'],
    [`${AT},a,rehomed,,,bored,Maren,,,,`, 'reason', 'bored'],
  ])('name a choice that there is not: %s', (row, path, text) =>
    expect(faultsOf('departures', HEAD, row)).toMatchObject([[path, { is: 'choice' }, value(text)]]),
  );
});

describe('groups of a stock table', () => {
  const HEAD = 'species,count,males,females,length,origin,price,buy,shop,wayOut,until,nextTank';
  const one = (row: string, head = HEAD) => read('stock', head, row).listed[0];
  it('are listed with what is said of them, and nothing else', () => {
    expect(one('neon tetra,10', 'species,count')).toEqual({
      group: { species: 'paracheirodon-innesi', count: 10, origin: 'unknown' },
    });
    expect(one('neon tetra,10,4,6,1 in,wild,"2,50",12,Harbour Fish,a club,2027-06,Skerry')).toEqual({
      group: {
        species: 'paracheirodon-innesi',
        count: 10,
        origin: 'wild',
        males: 4,
        females: 6,
        lengthCm: 2.54,
        wayOut: 'a club',
        until: '2027-06',
        nextTank: 'Skerry',
      },
      price: 2.5,
      buy: 12,
      shop: 'Harbour Fish',
    });
  });
  it('have their length in cm under its own name, which counts before the plain one', () => {
    expect(one('neon tetra,10,3', 'species,count,lengthCm')?.group.lengthCm).toBe(3);
    expect(one('neon tetra,10,2,3', 'species,count,length,lengthCm')?.group.lengthCm).toBe(3);
  });
  it('have no number to buy where it is the number itself, and may cost nothing', () => {
    expect(one('neon tetra,10,,,,,0,10,,,,')).toEqual({
      group: { species: 'paracheirodon-innesi', count: 10, origin: 'unknown' },
      price: 0,
    });
    expect(one('neon tetra,10,0,10,,,,,,,,')?.group).toMatchObject({ males: 0, females: 10 });
    expect(one('neon tetra,10,4,,,,,,,,,')?.group).not.toHaveProperty('females');
  });
  it.each([
    ['neon tetra,,,,,,,,,,,', 'count', { is: 'whole', from: 1, to: null }, ''],
    ['neon tetra,0,,,,,,,,,,', 'count', { is: 'whole', from: 1, to: null }, '0'],
    ['neon tetra,10,-1,,,,,,,,,', 'males', { is: 'whole', from: 0, to: null }, '-1'],
    ['neon tetra,10,,x,,,,,,,,', 'females', { is: 'whole', from: 0, to: null }, 'x'],
    ['neon tetra,10,6,5,,,,,,,,', 'males', { is: 'sexes', males: 6, females: 5, count: 10 }, '6'],
    ['neon tetra,10,,11,,,,,,,,', 'males', { is: 'sexes', males: 0, females: 11, count: 10 }, ''],
    ['neon tetra,10,,,0,,,,,,,', 'length', { is: 'quantity', kind: 'length' }, '0'],
    ['neon tetra,10,,,401,,,,,,,', 'length', { is: 'quantity', kind: 'length' }, '401'],
    ['neon tetra,10,,,long,,,,,,,', 'length', { is: 'quantity', kind: 'length' }, 'long'],
    ['neon tetra,10,,,,,-1,,,,,', 'price', { is: 'number', from: 0, to: 1e6 }, '-1'],
    ['neon tetra,10,,,,,1000001,,,,,', 'price', { is: 'number', from: 0, to: 1e6 }, '1000001'],
    ['neon tetra,10,,,,,dear,,,,,', 'price', { is: 'number', from: 0, to: 1e6 }, 'dear'],
    ['neon tetra,10,,,,,,0,,,,', 'buy', { is: 'whole', from: 1, to: null }, '0'],
  ])('name the place of what is wrong: %s', (row, path, expected, text) =>
    expect(faultsOf('stock', HEAD, row)).toEqual([[path, expected, value(text)]]),
  );
  it('name a species that is near, and an origin that there is not', () => {
    expect(faultsOf('stock', HEAD, 'neon tetre,10,,,,,,,,,,')).toEqual([
      [
        'species',
        { is: 'known', what: 'species', nearest: expect.stringContaining('neon') },
        value('neon tetre'),
      ],
    ]);
    expect(faultsOf('stock', HEAD, 'neon tetra,10,,,,mars,,,,,,')).toMatchObject([
      ['origin', { is: 'choice' }, value('mars')],
    ]);
  });
  it('pass the gate of every list: a month that there is not', () =>
    expect(faultsOf('stock', HEAD, 'neon tetra,10,,,,,,,,,soon,')).toMatchObject([
      ['until', { is: 'month' }, value('soon')],
    ]));
});

describe('what is told twice', () => {
  const chase = (on: string, winner = 'a', loser = 'b') => toldTwiceBy(chasedOf(on, winner, loser));
  it('are contests of the same two at the same second', () => {
    expect(chase('2026-03-02T18:00:00.000Z')).toBe(chase('2026-03-02T18:00:00.900Z'));
    expect(chase('2026-03-02T18:00:00.000Z')).not.toBe(chase('2026-03-02T18:00:01.000Z'));
    expect(chase(AT)).not.toBe(chase(AT, 'b', 'a'));
    expect(chase(AT)).not.toBe(chase(AT, 'a', 'g'));
  });
  it('are watches of one name, or of one minute and length', () => {
    const watch = (on: string, minutes: number, name?: string) =>
      toldTwiceBy({ ...watchedOf(on, minutes), ...(name ? { watch: name } : {}) });
    expect(watch(AT, 5, 'w')).toBe(watch('2026-03-05T18:00:00.000Z', 9, 'w'));
    expect(watch(AT, 5, 'w')).not.toBe(watch(AT, 5, 'v'));
    expect(watch(AT, 5)).toBe(watch('2026-03-02T18:00:59.000Z', 5));
    expect(watch(AT, 5)).not.toBe(watch(AT, 6));
    expect(watch(AT, 5)).not.toBe(watch('2026-03-02T18:01:00.000Z', 5));
    expect(watch(AT, 5)).not.toBe(watch(AT, 5, 'w'));
  });
  it('are other events of one kind, minute and fish', () => {
    const died = (resident: string, type = 'died') =>
      toldTwiceBy(happened({ type: type as 'died', on: AT, resident }));
    expect(died('a')).toBe(died('a'));
    expect(died('a')).not.toBe(died('b'));
    expect(died('a')).not.toBe(died('a', 'rehomed'));
  });
});

describe('tables that are written', () => {
  const name = (id: string) => `the ${id}`;
  const lines = (text: string) => text.trimEnd().split('\n').slice(1);
  const elsewhere = { tank: 'U' };
  const all = [
    chasedOf(AT, 'a', 'b', { what: 'nip', bad: 2, place: 'left', trigger: 'feeding', watch: 'w' }),
    chasedOf(AT, 'b', 'a', { undecided: true }),
    chasedOf(AT, 'x', 'y', elsewhere),
    { ...watchedOf(AT, 20), watch: 'w' },
    watchedOf(AT, 5),
    { ...watchedOf(AT, 9), ...elsewhere },
    happened({
      type: 'tested',
      on: AT,
      temperatureC: 25,
      ph: 7,
      ammoniaMgL: 0,
      nitriteMgL: 0.1,
      nitrateMgL: 20,
      ghDh: 8,
      khDh: 4,
      tdsPpm: 300,
      note: 'fine',
    }),
    happened({ type: 'tested', on: AT, ph: 6.5 }),
    happened({ type: 'tested', on: AT, ph: 8, ...elsewhere }),
    happened({ type: 'noted', on: AT, text: 'x' }),
    happened({
      type: 'died',
      on: AT,
      resident: 'a',
      count: 1,
      how: 'found',
      cause: 'thin',
      incident: 'heat',
      note: 'n',
    }),
    happened({ type: 'died', on: AT, resident: 'b', count: 2, how: 'missing', cause: '' }),
    happened({
      type: 'rehomed',
      on: AT,
      resident: 'a',
      count: 1,
      reason: 'surplus',
      taker: 'Maren',
      credit: '2',
      note: 'm',
    }),
    happened({ type: 'died', on: AT, resident: 'x', count: 1, how: 'found', cause: '' }),
  ] as Parameters<typeof contestsCsv>[0];
  it('hold the contests of a tank alone', () =>
    expect(lines(contestsCsv(all, 'T', name))).toEqual([
      `${AT},the a,the b,nip,2,left,feeding,w,won`,
      `${AT},the b,the a,chase,,,,,undecided`,
    ]));
  it('hold its watches and tests alone', () => {
    expect(lines(watchesCsv(all, 'T'))).toEqual([`${AT},20,,w`, `${AT},5,,`]);
    expect(lines(waterCsv(all, 'T'))).toEqual([`${AT},25,7,0,0.1,20,8,4,300,fine`, `${AT},,6.5,,,,,,,`]);
  });
  it('hold those that left it', () =>
    expect(lines(departuresCsv(all, (id) => id !== 'x', name))).toEqual([
      `${AT},the a,died,1,found,,,,thin,heat,n`,
      `${AT},the b,died,2,missing,,,,,,`,
      `${AT},the a,rehomed,1,,surplus,Maren,2,,,m`,
    ]));
  it('hold who lives there and what is listed', () => {
    const fish = (id: string, more: object): Resident => ({ ...room.residents[id]!, ...more });
    const text = stockTableCsv(
      [
        fish('a', { sex: 'male', until: '2027-06', nextTank: 'Skerry' }),
        fish('b', { sex: 'female' }),
        fish('g', { males: 2, females: 4 }),
      ],
      [
        { key: 'k', group: { species: 'danio-rerio', count: 8 } },
        {
          key: 'l',
          group: {
            species: 'danio-rerio',
            count: 8,
            males: 3,
            females: 5,
            lengthCm: 2.5,
            origin: 'wild',
            until: '2027-06',
            nextTank: 'Skerry',
            wayOut: 'a club',
          },
          price: 2.5,
          buy: 10,
          shop: 'Harbour Fish',
        },
      ],
    );
    expect(lines(text)).toEqual([
      'labidochromis-caeruleus,a,1,1,,6,tank-bred,2026-02-01,a shop,here,2027-06,Skerry,,,,',
      'labidochromis-caeruleus,b,1,,1,6,tank-bred,2026-02-01,a shop,here,,,,,,',
      'danio-rerio,g,6,2,4,6,tank-bred,2026-02-01,a shop,here,,,,,,',
      'danio-rerio,,8,,,,unknown,,,listed,,,,,,',
      'danio-rerio,,8,3,5,2.5,wild,,,listed,2027-06,Skerry,a club,2.5,10,Harbour Fish',
    ]);
  });
});
