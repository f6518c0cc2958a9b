import { TestBed } from '@angular/core/testing';
import type { ChartColours } from './chart-look';
import { Plot, type PlotContent, type PlotLayout } from './plot';
import { Theme } from './theme';

describe('Plot', () => {
  afterEach(() => localStorage.clear());

  const layout = (max: number) => (): PlotLayout => ({
    scales: { x: { type: 'linear', min: 0, max }, y: { type: 'linear' } },
    interaction: {},
    legend: {},
    tooltip: {},
  });
  const content =
    (y: number) =>
    ({ ink }: ChartColours): PlotContent => ({
      heights: null,
      datasets: [
        {
          label: 'One',
          borderColor: ink,
          data: [
            { x: 0, y: 0 },
            { x: 10, y },
          ],
        },
      ],
    });
  async function plot() {
    const fixture = TestBed.createComponent(Plot);
    const set = async (inputs: Readonly<Record<string, unknown>>) => {
      for (const [name, value] of Object.entries(inputs))
        fixture.componentRef.setInput(name, value);
      await fixture.whenStable();
    };
    document.body.append(fixture.nativeElement as HTMLElement);
    await set({ label: 'A trace', layout: layout(10), content: content(1) });
    const parts: (readonly [number, number])[] = [];
    fixture.componentInstance.moved.subscribe((part) => parts.push(part));
    const canvas = (fixture.nativeElement as HTMLElement).querySelector('canvas');
    const key = (name: string, more: KeyboardEventInit = {}) =>
      canvas?.dispatchEvent(new KeyboardEvent('keydown', { key: name, cancelable: true, ...more }));
    return { set, parts, key, canvas, end: () => fixture.destroy() };
  }
  const width = ([from, to]: readonly [number, number] = [0, 0]) => to - from;

  it('is zoomed about its middle and moved along by keys, and comes back whole', async () => {
    const { parts, key, end } = await plot();
    key('+');
    expect(parts[0]).toEqual([2.5, 7.5]);
    key('ArrowRight');
    expect(parts[1]?.[0]).toBeGreaterThan(parts[0]?.[0] ?? 0);
    expect(width(parts[1])).toBeCloseTo(width(parts[0]), 6);
    key('-');
    expect(width(parts[2])).toBeCloseTo(2 * width(parts[1]), 6);
    key('Home');
    expect(parts[3]).toEqual([0, 10]);
    end();
  });

  it('leaves other keys, and those of the browser, to whom they belong', async () => {
    const { parts, key, end } = await plot();
    expect(key('x')).toBeTrue();
    expect(key('+', { ctrlKey: true })).toBeTrue();
    expect(parts).toEqual([]);
    end();
  });

  it('keeps the part in sight while what is drawn changes, and begins anew with other axes', async () => {
    const { set, parts, key, end } = await plot();
    key('+');
    await set({ content: content(5) });
    key('+');
    expect(width(parts[1])).toBeLessThan(width(parts[0]));
    await set({ layout: layout(40) });
    key('Home');
    expect(parts.at(-1)).toEqual([0, 40]);
    end();
  });

  it('is begun anew in the colours of the other theme', async () => {
    const { set, end } = await plot();
    const counted = jasmine.createSpy('layout', layout(10)).and.callThrough();
    await set({ layout: counted });
    TestBed.inject(Theme).toggle();
    await set({});
    expect(counted).toHaveBeenCalledTimes(2);
    TestBed.inject(Theme).toggle();
    end();
  });
});
