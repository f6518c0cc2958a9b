import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { BUILT_IN } from '@near-spoke/core/catalogue';
import { Deeds } from '../shell/deeds';
import { SITE_ID, testLink } from '../testing/links';
import { openSite } from '../testing/store';
import { LinkFormPage } from './link-form-page';
import { connectorsFor } from './part-groups';

describe('LinkFormPage', () => {
  async function form(rest = {}) {
    const link = testLink('K1', rest);
    await openSite([link]);
    spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const changed = spyOn(TestBed.inject(Deeds), 'changeLink');
    const fixture = TestBed.createComponent(LinkFormPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('linkId', link.id);
    fixture.detectChanges();
    await fixture.whenStable();
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const page = fixture.componentInstance as unknown as {
      form: { patchValue(value: object): void };
    };
    return {
      element,
      changed,
      set: (value: object) => {
        page.form.patchValue(value);
        fixture.detectChanges();
      },
      save: () => {
        element.querySelector('form')?.dispatchEvent(new Event('submit'));
        fixture.detectChanges();
      },
    };
  }

  it('says at once what does not fit, by how much, and where the place refuses the jacket', async () => {
    const { element, set } = await form();
    expect(element.querySelector('.bad')).toBeNull();
    set({ cable: 'cat6a-uutp-solid' });
    expect(element.querySelector('.bad')?.textContent).toContain('1.1 mm too thick');
    set({ cable: 'cat6-uutp-solid', environment: 'plenum' });
    expect(element.querySelector('.bad')?.textContent).toContain('Jacket against the place');
    set({ cable: 'cat6-uutp-solid-plenum' });
    expect(element.querySelector('.bad')).toBeNull();
  });

  it('asks for a scheme only where there are eight contacts, and warns of a crossover only there', async () => {
    const { element, set } = await form();
    const schemes = () =>
      [...element.querySelectorAll('mat-label')].filter((label) => label.textContent === 'Scheme')
        .length;
    expect(schemes()).toBe(2);
    set({ farScheme: 'T568A' });
    expect(element.querySelector('.caution')?.textContent).toContain('crossover');
    set({ cable: 'rg-6', nearConnector: 'f-compression-rg-6', farConnector: 'f-compression-rg-6' });
    expect(schemes()).toBe(0);
    expect(element.querySelector('.caution')).toBeNull();
  });

  it('keeps a school that this link leaves, with its reason, and nothing of the others', async () => {
    const { set, save, changed } = await form({
      cable: 'rg-58',
      near: { place: 'C1', connector: 'bnc-crimp-50-rg-58', scheme: 'T568B' },
      far: { place: 'Mast', connector: 'n-crimp-50-rg-58', scheme: 'T568B' },
    });
    set({ schools: { pin: { choice: 'soldered', reason: 'No die here' } } });
    save();
    const [, patch] = changed.calls.mostRecent().args;
    expect(patch.schools).toEqual({ pin: { choice: 'soldered', reason: 'No die here' } });
  });

  it('keeps how the length is known, and says what a schedule is worth', async () => {
    const { element, set, save, changed } = await form({ lengthM: 22, lengthHow: 'scheduled' });
    expect(element.textContent).toContain('as scheduled; not measured here');
    set({ lengthHow: 'taped' });
    save();
    const [, patch] = changed.calls.mostRecent().args;
    expect(patch.lengthHow).toBe('taped');
    expect(patch.lengthM).toBe(22);
  });

  it('keeps nothing while a length or a route can’t be read, and says why', async () => {
    const { element, set, save, changed } = await form({ lengthM: 22 });
    for (const [wrong, words] of [
      [{ length: '12,5x' }, 'is not a unit'],
      [{ length: 'there' }, 'is not a length'],
    ] as const) {
      set(wrong);
      save();
      expect(changed).not.toHaveBeenCalled();
      expect(element.textContent).withContext(words).toContain(words);
    }
    set({ length: '21 ft' });
    save();
    expect(changed.calls.mostRecent().args[1].lengthM).toBeCloseTo(6.4008, 6);
  });
});

describe('connectorsFor', () => {
  it('offers what takes the cable by family, and the rest at the end, each part once', () => {
    for (const cable of BUILT_IN.cables) {
      const groups = connectorsFor(cable, 'indoor', BUILT_IN);
      const ids = groups.flatMap(({ rows }) => rows.map(({ id }) => id));
      expect(ids.length).toBe(BUILT_IN.connectors.length);
      expect(new Set(ids).size).toBe(ids.length);
      expect(groups.at(-1)?.name).toBe('These do not take this cable');
      for (const { rows } of groups.slice(0, -1))
        for (const { accepts } of rows) expect(accepts.families).toContain(cable.family);
    }
  });
});
