import { TestBed } from '@angular/core/testing';
import type { LabelSheets } from '@near-spoke/contract/labels';
import { SITE_ID, testLink } from '../testing/links';
import { goOn, headline, host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked, until } from '../testing/until';
import { LabelsPage } from './labels-page';

const LAID: LabelSheets = {
  labels: 2,
  sheets: 1,
  stops: [],
  notes: [],
  hubs: ['C1'],
  preview: '<svg xmlns="http://www.w3.org/2000/svg"><text>K&#38;1</text></svg>',
};

describe('LabelsPage', () => {
  async function open(laid: LabelSheets) {
    const { http } = await openSite([testLink('K1')]);
    const fixture = TestBed.createComponent(LabelsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    const path = `/api/sites/${SITE_ID}/labels`;
    const request = await asked(http, path);
    request.flush(laid);
    await shown(fixture);
    return { http, fixture, request, path };
  }
  beforeEach(() => localStorage.clear());

  it('shows what will be printed, and prints just that', async () => {
    const { http, fixture, request, path } = await open({ ...LAID, notes: ['Small letters.'] });
    expect(headline(fixture)).toBe('Print 2 labels on 1 sheet, at 100 %.');
    expect(text(fixture)).toContain('Small letters.');
    const picture = host(fixture).querySelector('img')?.getAttribute('src') ?? '';
    expect(decodeURIComponent(picture)).toContain(LAID.preview);
    const sent = request.request.body as { lines: string[]; stock: { widthMm: number } };
    expect(sent.lines).toEqual(['{label}', '{here}', '']);
    expect(sent.stock.widthMm).toBe(62);
    const click = spyOn(HTMLAnchorElement.prototype, 'click');
    await goOn(fixture);
    const print = await asked(http, `${path}.pdf`);
    expect(print.request.body).toEqual(sent);
    print.flush(new Blob(['%PDF']));
    await shown(fixture);
    expect(click).toHaveBeenCalled();
    expect(text(fixture)).toContain('Berth 4 Labels.pdf is saved with your downloads.');
  });

  it('offers nothing to print of what is wrong, says why, and asks for floors where they are named', async () => {
    const { http, fixture, path } = await open({
      ...LAID,
      stops: ['K1 and K2 would both be called C1: nobody could tell them apart.'],
    });
    expect(headline(fixture)).toBe('Not to be printed like this.');
    expect(text(fixture)).toContain('nobody could tell them apart');
    expect(host(fixture).querySelector('.main button')).toBeNull();
    const [line] = host(fixture).querySelectorAll('input');
    if (!line) throw new Error('No field');
    line.value = '{floor}-{label}';
    line.dispatchEvent(new Event('change'));
    await until('asked again', () => {
      fixture.detectChanges();
      return text(fixture).includes('Floor of C1');
    });
    const again = await asked(http, path);
    expect((again.request.body as { lines: string[] }).lines[0]).toBe('{floor}-{label}');
  });

  it('asks for nothing while a number can’t be read', async () => {
    const { http, fixture, path } = await open(LAID);
    const columns = host(fixture).querySelector<HTMLInputElement>('.sheet input');
    if (!columns) throw new Error('No field');
    columns.value = 'wide';
    columns.dispatchEvent(new Event('change'));
    fixture.detectChanges();
    await shown(fixture);
    expect(headline(fixture)).toBe('A number can’t be read.');
    http.expectNone(path);
  });
});
