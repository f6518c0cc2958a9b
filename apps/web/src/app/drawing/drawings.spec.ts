import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CONNECTORS, SCHEMES, scheme } from '@near-spoke/core/catalogue';
import { joinedGroups, conductorGraph, wiringOf } from '@near-spoke/core/link';
import { planTermination } from '@near-spoke/core/terminate';
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

describe('ConnectorFace', () => {
  it('says its view, shows every contact, and comes round after as many turns as it has views', () => {
    for (const part of CONNECTORS)
      for (const { id } of SCHEMES) {
        const drawing = draw(ConnectorFace, { connector: part.id, scheme: id });
        const first = drawing.spoken();
        const seen = new Set<string>();
        for (let turns = 0; turns < 6 && !seen.has(drawing.spoken()); turns += 1) {
          seen.add(drawing.spoken());
          const numbers = [...drawing.element.querySelectorAll('.number')].map((item) =>
            item.textContent?.trim(),
          );
          expect(numbers.sort().join('')).toBe('12345678');
          expect(drawing.text()).toContain(part.name);
          expect(drawing.text()).toContain(id);
          drawing.set('turns', turns + 1);
        }
        expect(seen.size).toBeGreaterThanOrEqual(3);
        expect(drawing.spoken()).toBe(first);
      }
  });

  it('puts the right colour on contact 1 in every view', () => {
    for (const { id } of SCHEMES) {
      const drawing = draw(ConnectorFace, { connector: 'plug-8p8c', scheme: id });
      const name = scheme(id).conductors[0] === 'W-G' ? 'white-green' : 'white-orange';
      for (let turns = 0; turns < 4; turns += 1) {
        drawing.set('turns', turns);
        expect(drawing.spoken()).toContain(`1 ${name}`);
      }
    }
  });

  it('marks a contact by more than its colour', () => {
    const drawing = draw(ConnectorFace, {
      connector: 'plug-8p8c',
      scheme: 'T568B',
      marks: [{ contact: '7', word: 'open' }],
    });
    expect(drawing.element.querySelectorAll('.marked').length).toBe(1);
    expect(drawing.spoken()).toContain('7 white-brown (open)');
  });
});

describe('LinkRuler', () => {
  const link = testLink('K4', { lengthM: 34, route: [{ name: 'Tray T1', atM: 3.5 }] });

  it('says where the cable goes, and how long it is, in the person’s unit', () => {
    const drawing = draw(LinkRuler, { link });
    expect(drawing.spoken()).toBe('C1/A/K4 to Kiosk K4, 34 m, past Tray T1.');
    drawing.set('units', 'imperial');
    expect(drawing.spoken()).toContain('111.5 ft');
    drawing.set('link', { ...link, lengthM: null });
    expect(drawing.text()).toContain('Length not known: not to scale');
  });

  it('shows the steps done at each end', () => {
    const work = { near: { done: 3, total: 10 }, far: { done: 0, total: 12 } };
    const drawing = draw(LinkRuler, { link, work, at: 'near' });
    expect(drawing.text()).toContain('3/10 steps');
    expect(drawing.element.querySelectorAll('.connector.here').length).toBe(1);
  });

  it('draws the conductors that a tester showed, and breaks those that are open', () => {
    const good = joinedGroups(conductorGraph(wiringOf(link)));
    const drawing = draw(LinkRuler, { link, nets: good });
    expect(drawing.element.querySelectorAll('.wrong').length).toBe(0);
    drawing.set('nets', good.slice(1));
    expect(drawing.element.querySelectorAll('.wrong').length).toBe(1);
    expect(drawing.element.querySelectorAll('.break').length).toBe(1);
    expect(drawing.text()).toContain('is not known from a continuity test');
  });
});

describe('Cutback', () => {
  it('dimensions the cuts in millimetres and inches, and calls them generic', () => {
    const task = { cable: 'cat6-uutp-solid', scheme: 'T568B', otherEnd: 'made' } as const;
    for (const { id } of CONNECTORS.slice(0, 1)) {
      const { cuts } = planTermination({ ...task, connector: id });
      const drawing = draw(Cutback, { cable: task.cable, connector: id, cuts });
      expect(drawing.text()).toContain('30 mm ± 5 mm (1.18 in)');
      expect(drawing.text()).toContain('13 mm ± 1 mm (0.51 in)');
      expect(drawing.text()).toContain('Generic sizes');
    }
  });
});
