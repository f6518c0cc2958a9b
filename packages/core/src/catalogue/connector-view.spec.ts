import { CONNECTORS } from './connectors';
import { connectorViews, type ConnectorView } from './connector-view';
import type { Connector } from './connector-row';
import { outline } from './outline';
import { CONTACT_PITCH_MM } from './outlines';

const fromLeft = ({ contacts }: ConnectorView): string =>
  [...contacts]
    .sort((a, b) => a.xMm - b.xMm)
    .map(({ contact }) => contact)
    .join('');

/** A joint has the cable's cores; a face also shows places that carry no contact of this part. */
const wanted = (part: Connector, view: ConnectorView): string[] =>
  view.kind === 'joint'
    ? []
    : part.outline && view.kind !== 'card'
      ? outline(part.outline)
          .places.map(({ contact }) => contact)
          .sort()
      : [...part.contacts].sort();

describe('connectorViews', () => {
  it('show every contact once, in every view of every connector', () => {
    for (const part of CONNECTORS)
      for (const view of connectorViews(part))
        expect(view.contacts.map(({ contact }) => contact).sort())
          .withContext(`${part.id} ${view.id}`)
          .toEqual(wanted(part, view));
  });

  it('have names of their own, and say what is seen', () => {
    for (const part of CONNECTORS) {
      const views = connectorViews(part);
      expect(new Set(views.map(({ id }) => id)).size).toBe(views.length);
      expect(new Set(views.map(({ label }) => label)).size).toBe(views.length);
      for (const { label } of views) expect(label).toMatch(/toward you|Looking|Front of|by colour/);
    }
  });

  it('keep the contacts of a row at the standard’s pitch, in contact order', () => {
    for (const part of CONNECTORS.filter(({ outline: id }) => id === 'modular-8'))
      for (const view of connectorViews(part)) {
        if (view.kind === 'card') continue;
        const sorted = [...view.contacts].sort((a, b) => a.xMm - b.xMm);
        sorted.slice(1).forEach((contact, index) => {
          expect(contact.xMm - (sorted[index]?.xMm ?? 0)).toBeCloseTo(CONTACT_PITCH_MM, 9);
        });
        expect(['12345678', '87654321']).toContain(fromLeft(view));
      }
  });

  it('put contact 1 of a plug on the left when its contacts face the viewer, nose up', () => {
    const plug = CONNECTORS.find(({ gender }) => gender === 'plug');
    if (!plug) throw new Error('No plug');
    const order = new Map(connectorViews(plug).map((view) => [view.id, fromLeft(view)]));
    expect(order.get('plan-contacts')).toBe('12345678');
    expect(order.get('plan-latch')).toBe('87654321');
  });

  it('keep the two conductors of a pair side by side on a colour card', () => {
    for (const part of CONNECTORS.filter(({ slots }) => slots.length === 8)) {
      const card = connectorViews(part)[0] as ConnectorView;
      const places = card.contacts.map(({ xMm }) => xMm).sort((a, b) => a - b);
      const steps = places.slice(1).map((x, index) => x - (places[index] ?? 0));
      const pitchMm = Math.min(...steps.filter((step) => step > 1e-9));
      for (const [a, b] of ['12', '36', '45', '78']) {
        const find = (wanted?: string) => card.contacts.find(({ contact }) => contact === wanted);
        const [one, other] = [find(a), find(b)];
        expect(one?.yMm).toBe(other?.yMm as number);
        expect(Math.abs((one?.xMm ?? 0) - (other?.xMm ?? 0))).toBeCloseTo(pitchMm, 9);
      }
    }
  });
});
