import { CONNECTORS } from './connectors';
import { describeView, faceContacts, type FaceView } from './face';
import { OUTLINES, outline } from './outline';

const VIEWS: readonly FaceView[] = (['mating', 'wiring'] as const).flatMap((side) =>
  (['down', 'up'] as const).map((latch) => ({ side, latch })),
);
const spelled = (gender: 'plug' | 'socket', id: (typeof OUTLINES)[number]['id'], view: FaceView) =>
  faceContacts({ gender, outline: id }, view)
    .map(({ contact, xMm, yMm }) => `${contact}@${(xMm + 0).toFixed(3)},${(yMm + 0).toFixed(3)}`)
    .join(' ')
    .replace(/-0\.000/g, '0.000');

describe('outlines', () => {
  it('make a plug’s mating face the wiring side of its socket, in every family', () => {
    for (const { id } of OUTLINES)
      for (const latch of ['down', 'up'] as const)
        expect(spelled('plug', id, { side: 'mating', latch }))
          .withContext(id)
          .toBe(spelled('socket', id, { side: 'wiring', latch }));
  });

  it('are the same again when turned twice or mirrored twice', () => {
    for (const { id } of OUTLINES)
      for (const gender of ['plug', 'socket'] as const) {
        const [down, up] = (['down', 'up'] as const).map((latch) =>
          faceContacts({ gender, outline: id }, { side: 'mating', latch }),
        );
        down?.forEach(({ xMm, yMm }, index) => {
          expect(up?.[index]?.xMm).toBeCloseTo(-xMm, 9);
          expect(up?.[index]?.yMm).toBeCloseTo(-yMm, 9);
        });
      }
  });

  it('keep every contact inside the shell, and none on another', () => {
    for (const { id, widthMm, heightMm, places } of OUTLINES) {
      for (const { xMm, yMm } of places) {
        expect(Math.abs(xMm))
          .withContext(id)
          .toBeLessThan(widthMm / 2);
        expect(Math.abs(yMm))
          .withContext(id)
          .toBeLessThan(heightMm / 2);
      }
      const spots = places.map(({ xMm, yMm }) => `${xMm},${yMm}`);
      expect(new Set(spots).size).toBe(spots.length);
    }
  });

  it('have a place for every contact of every connector that is drawn with them', () => {
    for (const part of CONNECTORS) {
      if (!part.outline) continue;
      const places = new Set(outline(part.outline).places.map(({ contact }) => contact));
      for (const contact of part.contacts)
        expect(places.has(contact)).withContext(`${part.id} ${contact}`).toBeTrue();
    }
  });

  it('space a D-sub as IEC 60807-2 does: 2.77 mm along, 2.84 mm between the rows', () => {
    for (const id of ['d-sub-9', 'd-sub-15', 'd-sub-25'] as const) {
      const at = new Map(outline(id).places.map((place) => [place.contact, place]));
      const [one, two] = [at.get('1'), at.get('2')];
      expect(Math.abs((one?.xMm ?? 0) - (two?.xMm ?? 0))).toBeCloseTo(2.77, 9);
      const lower = [...at.values()].find(({ yMm }) => yMm !== one?.yMm);
      expect(Math.abs((one?.yMm ?? 0) - (lower?.yMm ?? 0))).toBeCloseTo(2.84, 9);
    }
  });

  it('say in every view which side is seen, and what is not certain', () => {
    for (const part of CONNECTORS) {
      if (!part.outline) continue;
      const { doubt, shape } = outline(part.outline);
      for (const view of VIEWS) {
        const label = describeView(part, view);
        expect(label).toMatch(/^Looking (into|from|at)/);
        if (doubt && shape !== 'coaxial') expect(label).toContain(doubt);
      }
    }
  });
});
