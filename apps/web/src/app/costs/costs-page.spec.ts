import { TestBed } from '@angular/core/testing';
import type { CostAnswer, PriceListAnswer } from '@near-spoke/contract/prices';
import { SITE_ID, testLink } from '../testing/links';
import { button, headline, host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked, until } from '../testing/until';
import { CostsPage } from './costs-page';

const NONE: PriceListAnswer = { currency: '', at: null, prices: [], unknown: [] };
const COST: CostAnswer = {
  currency: 'EUR',
  parts: [
    { name: '8P8C plug', count: 2, cable: false, cost: 0.5 },
    { name: 'Cat 6 U/UTP solid', count: 2, cable: true, cost: 0.8 },
    { name: 'Boot', count: 2, cable: false, cost: null },
  ],
  minutes: 6,
  failureRate: { value: 0.1, u: 0.03 },
  madeEach: { value: 1.84, u: 0.05 },
  boughtEach: 3.1,
  breakEvenCount: 9,
};

describe('CostsPage', () => {
  async function open(cost: Partial<CostAnswer> = {}) {
    const { http } = await openSite([testLink('K1')]);
    const kept = { bought: '3.10', wage: '30', tools: '12' };
    localStorage.setItem(`near-spoke.costs.${SITE_ID}`, JSON.stringify(kept));
    const fixture = TestBed.createComponent(CostsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    (await asked(http, '/api/price-list')).flush(NONE);
    const request = await asked(http, `/api/sites/${SITE_ID}/plan/cost`);
    request.flush({ ...COST, ...cost });
    await shown(fixture);
    return { http, fixture, request };
  }

  it('says whether a cord is made or bought, what that rests on, and what has no price', async () => {
    const { fixture, request } = await open();
    expect(request.request.body).toEqual(
      jasmine.objectContaining({
        lengthM: 2,
        count: 24,
        boughtEach: 3.1,
        wagePerHour: 30,
        tools: { price: 12, uses: 1000 },
      }),
    );
    expect(headline(fixture)).toBe(
      'Make them: 1.84 EUR ± 0.10 each in a batch of 24, 3.10 EUR bought.',
    );
    const told = text(fixture);
    expect(told).toContain('Without a price, and not counted: Boot.');
    expect(told).toContain('making pays from 9 cords on.');
    expect(told).toContain('10.0 % have an end that is made again');
    expect(told).toMatch(/Cat 6 U\/UTP solid\s*2\.0 m\s*0\.80 EUR/);
    expect(told).toMatch(/Work\s*6\.0 min\s*3\.00 EUR/);
  });

  it('says so where one bought is cheaper, or nothing is between them', async () => {
    const { fixture } = await open({ madeEach: { value: 4, u: 0.1 }, breakEvenCount: null });
    expect(headline(fixture)).toContain('Buy them: 3.10 EUR each, 4.00 EUR ± 0.20 made');
    expect(text(fixture)).toContain('Made ones never pay for their tools.');
    TestBed.resetTestingModule();
    const close = await open({ madeEach: { value: 3, u: 0.2 } });
    expect(headline(close.fixture)).toContain('Nothing between them');
  });

  it('brings a list in and reckons anew; one that can’t be read is told cell by cell', async () => {
    const { http, fixture } = await open();
    expect(text(fixture)).toContain('No list was brought in yet.');
    const bring = () => {
      const box = host(fixture).querySelector<HTMLInputElement>('input[type=file]');
      const files = new DataTransfer();
      files.items.add(new File(['part,price'], 'prices.csv'));
      if (!box) throw new Error('No field');
      box.files = files.files;
      box.dispatchEvent(new Event('change'));
    };
    const keeping = () =>
      asked(http, ({ method, url }) => method === 'POST' && url === '/api/price-list');
    bring();
    (await keeping()).flush(
      {
        type: 'about:blank',
        title: 'Prices not read',
        status: 422,
        cells: [{ line: 2, column: 2, field: 'price', reason: '‘dear’ is no price.' }],
      },
      { status: 422, statusText: 'Not read' },
    );
    await until('the cell', () => {
      fixture.detectChanges();
      return text(fixture).includes('Line 2: ‘dear’ is no price.');
    });
    bring();
    (await keeping()).flush({
      ...NONE,
      at: '2026-05-04T08:00:00.000Z',
      unknown: ['Velvet rope'],
    });
    (await asked(http, `/api/sites/${SITE_ID}/plan/cost`)).flush(COST);
    await shown(fixture);
    expect(text(fixture)).toContain('0 prices, brought in');
    expect(text(fixture)).toContain('not counted: Velvet rope.');
    expect(text(fixture)).not.toContain('Line 2');
  });

  it('says what is left of the site costs, and what of it is not counted', async () => {
    const { http, fixture } = await open();
    button(fixture, 'What is left here').click();
    const request = await asked(http, `/api/sites/${SITE_ID}/plan/cost-left`);
    expect(request.request.body).toEqual(jasmine.objectContaining({ wagePerHour: 30 }));
    request.flush({
      currency: 'EUR',
      ends: 12,
      refused: 1,
      unknown: 2,
      parts: [
        { name: '8P8C plug', count: 13.2, cable: false, cost: 2.64 },
        { name: 'Cat 6 U/UTP solid', count: 310, cable: true, cost: null },
      ],
      minutes: { value: 144, u: 12 },
      cost: { value: 74.64, u: 5 },
    });
    await shown(fixture);
    expect(headline(fixture)).toBe('What is left costs 74.64 ± 9.80 EUR: 12 ends and cable.');
    const told = text(fixture);
    expect(told).toContain('2.4 ± 0.4 h of work, with what is made again.');
    expect(told).toContain('Without a price, and not counted: Cat 6 U/UTP solid.');
    expect(told).toContain('2 cables without a length: not counted.');
    expect(told).toContain('1 end whose parts do not fit: not counted.');
    expect(told).toMatch(/8P8C plug\s*13\.2 ×\s*2\.64 EUR/);
    expect(told).toMatch(/Work\s*144\.0 min\s*72\.00 EUR/);
    // Of a cord nothing is asked for here but the wage.
    expect(host(fixture).querySelectorAll('ns-number-fields input').length).toBe(1);
  });

  it('says what is left of one link costs, or of one end of it', async () => {
    const link = testLink('K1');
    const { http } = await openSite([link]);
    const fixture = TestBed.createComponent(CostsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('left', link.id);
    fixture.detectChanges();
    (await asked(http, '/api/price-list')).flush(NONE);
    const left = {
      currency: 'EUR',
      ends: 2,
      refused: 0,
      unknown: 0,
      parts: [{ name: '8P8C plug', count: 2, cable: false, cost: 0.4 }],
      minutes: { value: 14, u: 1 },
      cost: { value: 9, u: 1 },
    };
    const path = `/api/sites/${SITE_ID}/plan/cost-left`;
    const whole = await asked(http, path);
    expect(whole.request.body).toEqual(jasmine.objectContaining({ link: link.id, end: null }));
    whole.flush(left);
    await shown(fixture);
    expect(headline(fixture)).toBe('What is left of K1 costs 9.00 ± 1.96 EUR: 2 ends.');
    button(fixture, link.far.place).click();
    const end = await asked(http, path);
    expect(end.request.body).toEqual(jasmine.objectContaining({ link: link.id, end: 'far' }));
    end.flush({ ...left, ends: 0, parts: [] });
    await shown(fixture);
    expect(headline(fixture)).toBe('Nothing is left to make of K1.');
  });
});
