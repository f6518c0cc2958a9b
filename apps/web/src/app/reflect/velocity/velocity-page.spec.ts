import { TestBed } from '@angular/core/testing';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { button, field, give, headline, shown, text, type } from '../../testing/page';
import { LINE, cableFact, file, reflectPages, velocityOf } from '../../testing/reflect';
import { asked } from '../../testing/until';
import { VelocityPage } from './velocity-page';

const { http, kept, link, open } = reflectPages();
describe('The velocity page', () => {
  afterEach(() => localStorage.clear());

  it('tells the factor of lengths, with the leads apart, and keeps it for the cable', async () => {
    const page = await open(VelocityPage);
    expect(headline(page)).toContain('Measure a piece of this cable');
    expect(text(page)).toContain('generic figure: it was not measured here yet');
    for (const [row, metres, nanoseconds] of [
      [0, '10', '98.4'],
      [1, '40', '384.0'],
    ] as const) {
      await type(page, field(page, `Length ${row + 1}`), metres);
      await type(page, field(page, 'Delay, there and back', row), nanoseconds);
    }
    expect(headline(page)).toContain('Velocity factor 0.7008');
    expect(text(page)).toContain('Leads before the cable: 3.20 ns');
    await type(page, field(page, 'Reel'), ' Reel 9 ');
    button(page, 'Keep it for this cable').click();
    await shown(page);
    const sent = await kept();
    expect(sent.reel).toBe('Reel 9');
    expect(sent.deed).toEqual(
      jasmine.objectContaining({ kind: 'velocity', how: 'several-lengths' }),
    );
    // It stands there before the server has answered.
    expect(text(page)).toContain('measured once on this reel');
  });

  it('keeps nothing that is faster than light', async () => {
    const page = await open(VelocityPage);
    await type(page, field(page, 'Length 1'), '20');
    await type(page, field(page, 'Delay, there and back'), '100');
    expect(headline(page)).toContain('No velocity factor can be more than 1');
    expect(() => button(page, 'Keep it')).toThrowError();
  });

  it('places a cut from both ends, and says when they don’t agree', async () => {
    const page = await open(VelocityPage);
    await type(page, field(page, 'Whole length'), '30.5');
    await type(page, field(page, 'Delay from here'), '111.1');
    await type(page, field(page, 'Delay from the far end'), '163.3');
    expect(text(page)).toContain('12.35 m ±');
    await type(page, field(page, 'Length 1'), '30');
    await type(page, field(page, 'Delay, there and back'), '400');
    expect(text(page)).toContain('The ends don’t agree');
    // Then nothing is told to be opened or kept.
    expect(text(page)).not.toContain('To have it within');
    expect(() => button(page, 'Keep this place')).toThrowError();
  });

  it('places a cut by a trace from either end, whatever the velocity factor', async () => {
    const page = await open(VelocityPage);
    const side = (lengthM: number) =>
      file({ ...LINE, fault: 'none', cable: { ...LINE.cable, lengthM, velocityFactor: 0.74 } });
    await give(page, side(12.35), ': one echo', 'Trace taken here');
    expect(text(page)).toContain('The other end’s trace is still wanted');
    await give(page, side(18.15), 'Type the whole length', 'Trace from the far end');
    expect(text(page)).toContain('Type the whole length');
    await type(page, field(page, 'Whole length'), '30.5');
    expect(text(page)).toMatch(/Open: 12\.3[3-7] m ± 0\.0\d m from here/);
    expect(text(page)).toContain('between Tray T1 and Ceiling void, 7.3');
    const { layer } = TestBed.inject(OpenLink);
    expect(layer()).toEqual({
      kind: 'places',
      places: [jasmine.objectContaining({ name: 'Open' })],
    });
    button(page, 'Keep the factor').click();
    button(page, 'Keep this place').click();
    await shown(page);
    // The second waits until the server has the first.
    const all = page.debugElement.injector.get(CableFacts).all();
    expect(all.map(({ deed, linkId }) => [deed.kind, linkId])).toEqual([
      ['velocity', null],
      ['place', link().id],
    ]);
    expect((await kept()).deed).toEqual(
      jasmine.objectContaining({ kind: 'velocity', how: 'both-ends' }),
    );
    await type(page, field(page, 'Whole length'), '90');
    expect(text(page)).toContain('are of the same place');
  });

  it('takes a measurement back', async () => {
    const page = await open(VelocityPage, [cableFact(1, velocityOf(0.66))]);
    expect(text(page)).toContain('0.6600 ± 0.00');
    button(page, 'Take back').click();
    await shown(page);
    const undo = await asked(http(), `/api/facts/${cableFact(1, velocityOf(0.66)).id}/void`);
    expect(undo.request.body).toEqual(jasmine.objectContaining({ reason: 'Taken back.' }));
    expect(text(page)).toContain('it was not measured here yet');
  });
});
