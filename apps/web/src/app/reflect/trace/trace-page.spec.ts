import { Chart } from 'chart.js';
import { LIGHT_M_S } from '@near-spoke/core/units';
import {
  boxes,
  button,
  field,
  give,
  headline,
  host,
  plain,
  shown,
  text,
  type,
} from '../../testing/page';
import { LINE, cableFact, file, reflectPages, velocityOf } from '../../testing/reflect';
import { asked, until } from '../../testing/until';
import { TracePage } from './trace-page';

const { http, kept, link, open } = reflectPages();
describe('The trace page', () => {
  afterEach(() => localStorage.clear());

  it('becomes a place on the route, with the sum; a cursor’s place and the record too', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    expect(headline(page)).toContain('Give a trace');
    await give(page, file(LINE), 'On the cable');
    expect(headline(page)).toMatch(/^Resistance in the way at 1[45]\.\d\d m ± 0\.\d\d m\.$/);
    expect(text(page)).toContain('between Tray T1 and Ceiling void');
    expect(text(page)).toContain('0.7 × 299 792 458 m/s');
    expect(text(page)).toMatch(/Its give or take: 0\.\d+ m of the .* and 0\.\d+ m of the /);
    expect(text(page)).toContain('measured once on this cable');
    expect(text(page)).toMatch(
      /What became of the first look\s*Of \d seen at first look, \d (is a|are) places?, moved by 0\.\d+ m at most\./,
    );
    expect(text(page)).toMatch(
      /A source of 50 Ω on a cable of 100 Ω shows an echo at 67 % of its size/,
    );
    button(page, 'Keep this place in the record').click();
    await shown(page);
    const sent = await kept();
    expect(sent.linkId).toBe(link().id);
    expect(sent.deed).toEqual(jasmine.objectContaining({ kind: 'place', event: 'series' }));
    expect(text(page)).toContain('Kept of this link');
  });

  it('keeps a trace as it was taken, and tells against it what has become of each place', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    const before = file(LINE);
    await give(page, before, 'On the cable');
    await until('it can be kept', async () => {
      await shown(page);
      return text(page).includes('Keep this trace with the link');
    });
    button(page, 'Keep this trace with the link').click();
    await shown(page);
    expect(() => button(page, 'Keep this trace with the link')).toThrowError();
    const sent = await asked(http(), '/api/blobs');
    expect(new Uint8Array(await (sent.request.body as Blob).arrayBuffer())).toEqual(
      new Uint8Array(await before.arrayBuffer()),
    );
    // The next one is of a line that is longer: what waits to be sent is laid under it all the same.
    const { lengthM } = LINE.cable;
    await give(
      page,
      file({ ...LINE, cable: { ...LINE.cable, lengthM: lengthM + 0.4 } }),
      'On the cable',
    );
    await until('it can be laid over', async () => {
      await shown(page);
      return text(page).includes('Lay it over');
    });
    button(page, 'Lay it over').click();
    await until('it is compared', async () => {
      await shown(page);
      return text(page).includes('Against');
    });
    expect(text(page)).toMatch(/Resistance in the way at \d+(\.\d+)? m is where it was/);
    expect(text(page)).toMatch(
      /Open at \d+(\.\d+)? m has moved by 0\.4\d? m ± 0\.\d+ m, further away/,
    );
    // Laid over each other, what they have in common cancels: to a few millimetres.
    await until('they are laid over each other', async () => {
      await shown(page);
      return text(page).includes('taken out of this one');
    });
    expect(text(page)).toMatch(
      /Open at \d+(\.\d+)? m has moved by 0\.4\d? m ± 0\.0[1-5] m, further away/,
    );
    // The kept one again, by another velocity factor: as it was kept, and as it is told now.
    await type(page, field(page, 'Velocity factor'), '0.66');
    await shown(page);
    button(page, 'Work out the kept trace again').click();
    await until('it is worked out again', async () => {
      await shown(page);
      return text(page).includes('As it is told now');
    });
    const [, asKept = '', asNow = ''] =
      /Open (\d+\.\d+) m.*Open (\d+\.\d+) m/.exec(plain(host(page).querySelector('table'))) ?? [];
    expect(Number(asNow) / Number(asKept)).toBeCloseTo(0.66 / 0.7, 2);
  });

  it('takes what is between the conductors for its velocity factor', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    expect(field(page, 'Velocity factor').value).toBe('0.7');
    button(page, 'Foamed polyethylene').click();
    await shown(page);
    expect(field(page, 'Velocity factor').value).toBe('0.82');
    expect(field(page, 'Give or take').value).toBe('0.025');
  });

  it('takes a cursor that is typed, and makes it a place', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
    await type(page, field(page, 'Cursor at'), '12,5');
    await shown(page);
    expect(text(page)).toContain('= 12.50 m ±');
    button(page, 'Make it a place').click();
    await shown(page);
    expect(text(page)).toContain('12.50 m ±');
    expect(host(page).querySelectorAll('ns-trace-events ol li').length).toBe(2);
    // No cursor behind the record, and none of words; both are said.
    await type(page, field(page, 'Cursor at'), '9000');
    expect(text(page)).toContain('no cursor stands outside it');
    await type(page, field(page, 'Cursor at'), 'there');
    await shown(page);
    expect(text(page)).toContain('‘there’ is not a length');
    expect(() => button(page, 'Make it a place')).toThrowError();
  });

  it('is zoomed and moved by keys', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
    const canvas = host(page).querySelector('canvas');
    const key = (name: string) => {
      const event = new KeyboardEvent('keydown', { key: name, cancelable: true });
      canvas?.dispatchEvent(event);
      return event.defaultPrevented;
    };
    const seen = () => {
      const scales = Chart.getChart(canvas as HTMLCanvasElement)?.scales;
      const { min: fromM = NaN, max: toM = NaN } = scales?.['x'] ?? {};
      const { min: fromNs = NaN, max: toNs = NaN } = scales?.['time'] ?? {};
      return { toM, nsToAMetre: [fromNs / fromM, toNs / toM] };
    };
    // There and back at 0.7 of the speed of light: the axis of times stays in step.
    const { toM, nsToAMetre } = seen();
    for (const one of nsToAMetre) expect(one).toBeCloseTo(2e9 / (0.7 * LIGHT_M_S), 6);
    expect(['+', 'ArrowRight'].map(key)).toEqual([true, true]);
    expect(seen().toM).not.toBe(toM);
    for (const one of seen().nsToAMetre) expect(one).toBeCloseTo(2e9 / (0.7 * LIGHT_M_S), 4);
    expect(['-', 'Home'].map(key)).toEqual([true, true]);
    expect(seen().toM).toBe(toM);
    expect(key('x')).toBeFalse();
  });

  it('moves with the velocity factor, without being explained again', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))]);
    await give(page, file(LINE), 'On the cable');
    const before = /at (\d+\.\d+) m/.exec(headline(page))?.[1] ?? '';
    await type(page, field(page, 'Velocity factor'), '0.35');
    await shown(page);
    const after = /at (\d+\.\d+) m/.exec(headline(page))?.[1] ?? '';
    expect(Number(after)).toBeCloseTo(Number(before) / 2, 1);
  });

  it('doubts every place before an end that shows behind the link’s own', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))], { lengthM: 30 });
    await give(page, file(LINE), 'On the cable');
    expect(text(page)).toMatch(/The end shows at 40\.\d\d m, and this link is told as 30\.00 m/);
    expect(text(page)).toMatch(/If the length is right, 15\.0\d m is 11\.2\d m/);
  });

  it('lets a place be taken out, and says that a whole cable is whole', async () => {
    const page = await open(TracePage, [cableFact(1, velocityOf(0.7))], { lengthHow: 'taped' });
    await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
    expect(headline(page)).toMatch(/^Open at the far end, (?:39\.99|40\.0)/);
    expect(text(page)).toContain('Say what is on the far end');
    button(page, 'Nothing, open').click();
    await shown(page);
    expect(headline(page)).toMatch(/^The cable is whole to its far end, (?:39\.99|40\.0)/);
    button(page, 'Its terminator').click();
    await shown(page);
    expect(headline(page)).toMatch(/^Open at the far end/);
    expect(text(page)).toContain('a terminator gives nothing back');
    button(page, 'Take this one out').click();
    await shown(page);
    expect(host(page).querySelectorAll('ns-trace-events ol li').length).toBe(0);
  });

  it('scales by an end that is known with one key, and calls nothing whole by it', async () => {
    const page = await open(TracePage, [], { lengthHow: 'taped' });
    await type(page, field(page, 'Velocity factor'), '0.69');
    await type(page, field(page, 'Give or take'), '0.03');
    await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
    button(page, 'Nothing, open').click();
    await shown(page);
    expect(text(page)).toContain('This is the known end: 39.');
    button(page, 'Take it so').click();
    await shown(page);
    expect(field(page, 'Velocity factor').value).toMatch(/^0\.(699|70)/);
    expect(headline(page)).toMatch(/^Open at 40\.0.*: the end that you took as known\.$/);
    expect(text(page)).not.toContain('The cable is whole');
  });

  it('refuses what is no trace with its line, and numbers that can’t be', async () => {
    const page = await open(TracePage);
    await give(page, new File(['Time,CH1\n0,1\n1e-9,x\n'], 'odd.csv'), 'odd.csv');
    expect(host(page).querySelector('[role=alert]')?.textContent).toContain('odd.csv');
    await type(page, field(page, 'Cable impedance'), 'many');
    expect(text(page)).toContain('Cable impedance: not a value that can be.');
  });

  it('is taken from a reflectometer, whose silence is told', async () => {
    const page = await open(TracePage);
    const [id, named] = ['01900000-0000-7000-8000-0000000000b2', 'Reflectometer 1'];
    const [host, port] = ['127.0.0.1', 5026];
    const instrument = { id, kind: 'reflectometer', name: named, host, port, confirmed: true };
    for (const asked of http().match('/api/instruments'))
      asked.flush({ instruments: [{ ...instrument, named: true, answers: named, version: 1 }] });
    await shown(page);
    expect(text(page)).toContain('Reflectometer 1, 127.0.0.1:5026');
    button(page, 'Take a trace').click();
    await shown(page);
    const asked = http().expectOne('/api/reflect/acquire');
    expect(asked.request.body).toEqual(jasmine.objectContaining({ instrument: id, averages: 16 }));
    asked.flush(
      { type: 'about:blank', title: 'No trace', status: 502, detail: 'It does not answer.' },
      { status: 502, statusText: 'Bad Gateway' },
    );
    await shown(page);
    expect(text(page)).toContain('It does not answer.');
    expect(boxes(page).length).toBeGreaterThan(5);
  });
});
