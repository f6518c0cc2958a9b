import { BUILT_IN } from '../../catalogue';
import { evenDraws } from '../../units';
import { costOfMaking, costOfWork, parsePriceList, writePriceList } from '.';

const read = (...lines: string[]) => parsePriceList(lines.join('\n'), BUILT_IN, ['boot']);
const listOf = (...lines: string[]) => {
  const parsed = read(...lines);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return parsed.list;
};

describe('A price list', () => {
  it('is read by ids or names, in any order of columns, with packs, comma or point', () => {
    const list = listOf(
      'Preis;Packung;Teil;Bezeichnung;Währung;Datum',
      '119,90;305;;Cat 6 U/UTP solid;EUR;2026-03-01',
      '24,5;100;plug-8p8c;;EUR;',
      '0,12;;boot;;;',
      ';;keystone-punch-down;left open;;',
      '3;1;;Velvet rope;EUR;',
    );
    expect(list.currency).toBe('EUR');
    expect(list.prices).toEqual([
      { part: 'cat6-uutp-solid', price: 119.9, pack: 305, date: '2026-03-01' },
      { part: 'plug-8p8c', price: 24.5, pack: 100, date: null },
      { part: 'boot', price: 0.12, pack: 1, date: null },
    ]);
    expect(list.unknown).toEqual(['Velvet rope']);
  });

  it('has the newest of several prices, whichever stands first', () => {
    const rows = ['plug-8p8c,2,2026-05-01', 'plug-8p8c,1,2025-01-01', 'plug-8p8c,3,2026-06-01'];
    for (const turn of [0, 1, 2])
      expect(listOf('part,price,date', ...rows.slice(turn), ...rows.slice(0, turn)).prices).toEqual(
        [{ part: 'plug-8p8c', price: 3, pack: 1, date: '2026-06-01' }],
      );
  });

  it('is refused with every bad cell named, and nothing of it is kept', () => {
    const parsed = read(
      'part,price,pack,currency,date',
      'plug-8p8c,cheap,1,EUR,2026-01-01',
      'boot,1,0,USD,2026-13-01',
      'cat6-uutp-solid,"1.234,50",1,EUR,',
      'cat6-uutp-solid,1.234,1,EUR,',
      'boot,1,1,EUR,',
      'boot,2,1,EUR,',
    );
    if (parsed.ok) throw new Error('read');
    expect(parsed.problems.map(({ line, field }) => `${line} ${field}`)).toEqual([
      '2 price',
      '3 pack',
      '3 date',
      '3 currency',
      '4 price',
      '5 price',
      '7 date',
    ]);
    for (const text of ['', 'a,b\n1,2', 'price\n3'])
      expect(read(text).ok).withContext(text).toBeFalse();
  });
});

describe('A list to be filled in', () => {
  it('comes back as it was, with the prices that are known', () => {
    const prices = [{ part: 'plug-8p8c', price: 24.5, pack: 100, date: '2026-05-01' }];
    const parts = [
      { part: 'plug-8p8c', name: '8P8C plug, "large", one' },
      { part: 'boot', name: '=boot' },
    ];
    const text = writePriceList(parts, prices, 'EUR');
    expect(listOf(text).prices).toEqual(prices);
    expect(text.split('\r\n').length).toBe(4);
    expect(text).not.toMatch(/,=boot/);
  });
});

describe('The cost of a cord', () => {
  const prices = [
    { part: 'plug', price: 25, pack: 100, date: null },
    { part: 'cable', price: 61, pack: 305, date: null },
  ];
  const making = {
    parts: [
      { part: 'plug', count: 2 },
      { part: 'cable', count: 2 },
      { part: 'boot', count: 2 },
    ],
    minutes: 6,
    rates: [
      { value: 0.1, u: 0.02 },
      { value: 0.05, u: 0.03 },
    ],
  };
  const rest = {
    count: 24,
    buy: { price: 3.1 },
    wagePerHour: 0,
    tools: [{ price: 40, uses: 400 }],
  };

  it('is its parts, wages and tools over those that are good, and says what has no price', () => {
    const cost = costOfMaking(making, prices, rest);
    expect(cost.parts.map((row) => row.cost)).toEqual([0.5, 0.4, null]);
    expect(cost.unpriced).toEqual(['boot']);
    expect(cost.failureRate.value).toBeCloseTo(1 - 0.9 * 0.95, 12);
    expect(cost.madeEach.value).toBeCloseTo((0.9 + 0.1) / (0.9 * 0.95), 9);
    const paid = costOfMaking(making, prices, { ...rest, wagePerHour: 30 });
    expect(paid.madeEach.value).toBeCloseTo((0.9 + 0.1 + 3) / (0.9 * 0.95), 9);
    expect(paid.breakEvenCount).toBeNull();
  });

  it('varies as a workshop of its own does that makes cords until they are good', () => {
    const draw = evenDraws(11);
    const batches = Array.from({ length: 4000 }, () => {
      let spent = 0;
      for (let good = 0; good < rest.count;) {
        spent += 0.9 + 0.1;
        const failed = making.rates.some(({ value }) => draw() < value);
        if (!failed) good += 1;
      }
      return spent / rest.count;
    });
    const mean = batches.reduce((sum, value) => sum + value, 0) / batches.length;
    const spread = Math.sqrt(
      batches.reduce((sum, value) => sum + (value - mean) ** 2, 0) / batches.length,
    );
    const sure = making.rates.map(({ value }) => ({ value, u: 0 }));
    const { madeEach } = costOfMaking({ ...making, rates: sure }, prices, rest);
    expect(madeEach.value).toBeCloseTo(mean, 1);
    expect(madeEach.u / spread).toBeGreaterThan(0.9);
    expect(madeEach.u / spread).toBeLessThan(1.1);
  });
});

describe('The cost of what is left', () => {
  const PRICES = [
    { part: 'plug-8p8c', price: 20, pack: 100, date: null },
    { part: 'cat6-uutp-solid', price: 122, pack: 305, date: null },
  ];
  const plugs = (ends: number, value: number, u = 0) => ({
    ends,
    parts: [
      { part: 'plug-8p8c', count: ends },
      { part: 'boot', count: ends },
    ],
    minutes: 6 * ends,
    rate: { value, u },
  });

  it('is parts, cable and wages, with the ends that are made again, and names what has no price', () => {
    const cables = [{ part: 'cat6-uutp-solid', count: 61 }];
    const plain = costOfWork({ groups: [plugs(10, 0)], cables }, PRICES, 30);
    // Ten plugs at 0.20, an hour at 30, 61 m at 0.40.
    expect(plain.cost.value).toBeCloseTo(2 + 30 + 24.4, 9);
    expect(plain.cost.u).toBe(0);
    expect(plain.minutes).toEqual({ value: 60, u: 0 });
    expect(plain.unpriced).toEqual(['boot']);
    const failing = costOfWork({ groups: [plugs(10, 0.2)], cables }, PRICES, 30);
    expect(failing.cost.value).toBeCloseTo((2 + 30) / 0.8 + 24.4, 9);
    expect(failing.parts.find(({ part }) => part === 'plug-8p8c')?.count).toBeCloseTo(12.5, 9);
    expect(costOfWork({ groups: [], cables: [] }, PRICES, 30).cost).toEqual({ value: 0, u: 0 });
  });

  it('strays as crews do who make every end until it is good, at rates that nobody knows exactly', () => {
    const draw = evenDraws(7);
    const groups = [plugs(40, 0.15, 0.04), plugs(12, 0.3, 0.08)];
    const { cost } = costOfWork({ groups, cables: [] }, PRICES, 30);
    const days = 4000;
    const spent: number[] = [];
    for (let day = 0; day < days; day += 1) {
      let sum = 0;
      for (const { ends, rate } of groups) {
        // Even about its value, as wide as its standard uncertainty says.
        const own = rate.value + Math.sqrt(12) * rate.u * (draw() - 0.5);
        for (let end = 0; end < ends; end += 1) {
          sum += 3.2;
          while (draw() < own) sum += 3.2;
        }
      }
      spent.push(sum);
    }
    const mean = spent.reduce((all, one) => all + one, 0) / days;
    const spread = Math.sqrt(spent.reduce((all, one) => all + (one - mean) ** 2, 0) / days);
    expect(cost.value / mean).toBeGreaterThan(0.98);
    expect(cost.value / mean).toBeLessThan(1.02);
    expect(cost.u / spread).toBeGreaterThan(0.85);
    expect(cost.u / spread).toBeLessThan(1.15);
  });
});
