import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import {
  BUILT_IN,
  CONNECTORS,
  SCHEMES,
  connectorViews,
  scheme,
  type Cable,
  type SchemeId,
} from '@near-spoke/core/catalogue';
import { PLAIN_JOB, conductorGraph, joinedGroups, wiringOf } from '@near-spoke/core/link';
import { fitProblems } from '@near-spoke/core/terminate';
import { tellIn } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import { provideIcons } from '../shell/icons';
import { testLink } from '../testing/links';
import { ConnectorFace } from './connector-face';
import { Cutback } from './cutback';
import { LinkRuler } from './link-ruler';

function draw<T>(type: Type<T>, inputs: Record<string, unknown>) {
  const fixture = TestBed.createComponent(type);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  fixture.detectChanges();
  const element = fixture.nativeElement as HTMLElement;
  return {
    fixture,
    element,
    text: () => element.textContent ?? '',
    spoken: () => element.querySelector('[role=img]')?.getAttribute('aria-label') ?? '',
    set: (name: string, value: unknown) => {
      fixture.componentRef.setInput(name, value);
      fixture.detectChanges();
    },
  };
}

beforeEach(() =>
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), provideIcons()] }),
);

/** A connector with the cores of a cable that it takes. */
function faced(partId: string, scheme: SchemeId = 'T568B') {
  const part = BUILT_IN.connector(partId);
  const cable = BUILT_IN.cables.find(
    (row) => fitProblems({ cable: row, part, place: 'indoor' }, BUILT_IN).length === 0,
  ) as Cable;
  const end = { place: '', connector: partId, scheme };
  const link = { near: end, far: end, cable: cable.id, schools: {} };
  return { part, wiring: wiringOf(link, PLAIN_JOB).near };
}

describe('ConnectorFace', () => {
  it('says its view, shows every contact, and comes round after as many turns as it has views', () => {
    for (const { id } of CONNECTORS) {
      const { part, wiring } = faced(id);
      const drawing = draw(ConnectorFace, { part, wiring });
      const first = drawing.spoken();
      const seen = new Set<string>();
      for (let turns = 0; turns < 6 && !seen.has(drawing.spoken()); turns += 1) {
        seen.add(drawing.spoken());
        const numbers = [...drawing.element.querySelectorAll('.number')].map((item) =>
          item.textContent?.trim(),
        );
        const wanted = wiring.contacts.flatMap(({ contact }) => (contact === 'S' ? [] : [contact]));
        for (const contact of wanted)
          expect(numbers).withContext(`${id} ${contact}`).toContain(contact);
        expect(drawing.text()).toContain(part.name);
        expect(drawing.text()).toContain(wiring.rule);
        drawing.set('turns', turns + 1);
      }
      expect(seen.size).withContext(id).toBe(connectorViews(part).length);
      expect(drawing.spoken()).toBe(first);
    }
  });

  it('puts the right colour on contact 1 in every view', () => {
    for (const { id } of SCHEMES) {
      const drawing = draw(ConnectorFace, faced('plug-8p8c', id));
      const name = scheme(id).conductors[0] === 'W-G' ? 'white-green' : 'white-orange';
      for (let turns = 0; turns < 4; turns += 1) {
        drawing.set('turns', turns);
        expect(drawing.spoken()).toContain(`1 ${name}`);
      }
    }
  });

  it('draws terminals as screws with the marks on them, and slots as blades', () => {
    const box = BUILT_IN.connector('telephone-line-box');
    const wiring = {
      contacts: [
        { contact: 'A', core: 'W-BL' },
        { contact: 'B', core: 'BL-W' },
      ],
      rule: 'as marked',
    };
    const drawing = draw(ConnectorFace, { part: box, wiring });
    expect(drawing.spoken()).toContain('From left: A white-blue, B blue-white');
    expect(drawing.text()).toContain('the marks on yours decide');
    expect(drawing.element.querySelectorAll('circle.outline').length).toBe(2);
    expect(drawing.element.querySelectorAll('path.blade').length).toBe(0);
    const socket = draw(ConnectorFace, faced('keystone-punch-down'));
    expect(socket.element.querySelectorAll('circle.outline').length).toBe(0);
    expect(socket.element.querySelectorAll('path.blade').length).toBe(8);
  });

  it('draws a plate for two lines as a plate, never as a plug’s plan', () => {
    const plate = BUILT_IN.connector('telephone-plate-two-line');
    for (const { kind } of connectorViews(plate)) expect(kind).not.toBe('plan');
    expect(connectorViews(plate)[0]?.kind).toBe('card');
  });

  it('marks a contact by more than its colour', () => {
    const drawing = draw(ConnectorFace, {
      ...faced('plug-8p8c'),
      marks: [{ contact: '7', word: 'open' }],
    });
    expect(drawing.element.querySelectorAll('.marked').length).toBe(1);
    expect(drawing.spoken()).toContain('7 white-brown (open)');
  });
});

describe('LinkRuler', () => {
  const job = PLAIN_JOB;
  const link = testLink('K4', { lengthM: 34, route: [{ name: 'Tray T1', atM: 3.5 }] });

  it('says where the cable goes, and how long it is, in the person’s unit', () => {
    const drawing = draw(LinkRuler, { link, job });
    expect(drawing.spoken()).toBe('C1/A/K4 to Kiosk K4, 34 m, past Tray T1.');
    drawing.set('units', 'imperial');
    expect(drawing.spoken()).toContain('111.5 ft');
    drawing.set('link', { ...link, lengthM: null });
    expect(drawing.text()).toContain('Length not known: not to scale');
  });

  it('shows the steps done at each end', () => {
    const work = { near: { done: 3, total: 10 }, far: { done: 0, total: 12 } };
    const drawing = draw(LinkRuler, { link, job, work, at: 'near' });
    expect(drawing.text()).toContain('3/10 steps');
    expect(drawing.element.querySelectorAll('.connector.here').length).toBe(1);
  });

  it('draws the conductors that a tester showed, and breaks those that are open', () => {
    const good = joinedGroups(conductorGraph(wiringOf(link, job)));
    const drawing = draw(LinkRuler, { link, job, nets: good });
    expect(drawing.element.querySelectorAll('.wrong').length).toBe(0);
    drawing.set('nets', good.slice(1));
    expect(drawing.element.querySelectorAll('.wrong').length).toBe(1);
    expect(drawing.element.querySelectorAll('.break').length).toBe(1);
    expect(drawing.text()).toContain('is not known from a continuity test');
  });
});

describe('Cutback', () => {
  const cutback = (cable: string, part: string) => {
    const { name, cuts } = BUILT_IN.connector(part);
    return draw(Cutback, {
      cable: BUILT_IN.cable(cable),
      name,
      cuts,
      tell: tellIn(ENGLISH, 'metric'),
    });
  };

  it('dimensions the cuts in millimetres and inches, and calls them generic', () => {
    const { text } = cutback('cat6-uutp-solid', 'plug-8p8c');
    expect(text()).toContain('30 mm ± 5 mm (1.18 in)');
    expect(text()).toContain('13 mm ± 1 mm (0.51 in)');
    expect(text()).toContain('Generic sizes');
  });

  it('draws each layer of a coaxial end thinner than the one around it, to scale', () => {
    const { element, spoken } = cutback('rg-58', 'bnc-crimp-50-rg-58');
    const size = (name: string) => {
      const rect = element.querySelector(name);
      return [Number(rect?.getAttribute('width')), Number(rect?.getAttribute('height'))];
    };
    expect(size('.layer.braid')).toEqual([5, 2.95]);
    expect(size('.layer.jacket')[0]).toBe(6);
    expect(size('.layer.dielectric')).toEqual([4, 0.9]);
    expect(spoken()).toContain('jacket off 15 mm ± 0.5 mm (0.59 in)');
  });
});
