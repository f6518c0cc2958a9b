import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { PartInput } from '@near-spoke/contract';
import { BUILT_IN } from '@near-spoke/core/catalogue';
import { Store } from '@ngrx/store';
import { partsFeature } from '../store/parts/parts';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { asked } from '../testing/until';
import { CABLE_FIELDS, CONNECTOR_FIELDS } from './part-fields';
import { PartFormPage } from './part-form-page';

describe('PartFormPage', () => {
  async function form(partId: string) {
    const { http } = await openSite([testLink('K1')]);
    spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const fixture = TestBed.createComponent(PartFormPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('partId', partId);
    fixture.detectChanges();
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    return {
      http,
      element,
      type: (label: string, text: string) => {
        const box = [...element.querySelectorAll('mat-form-field')]
          .find((field) => field.querySelector('mat-label')?.textContent?.trim() === label)
          ?.querySelector('input');
        if (!box) throw new Error(`No field ${label}`);
        box.value = text;
        box.dispatchEvent(new Event('input'));
        fixture.detectChanges();
      },
      status: () => element.querySelector('[role=status]')?.textContent?.trim() ?? '',
      save: () => {
        element.querySelector('form')?.dispatchEvent(new Event('submit'));
        fixture.detectChanges();
      },
    };
  }

  it('adds a cable from another, with sizes in millimetres or inches, and it is in the catalogue', async () => {
    const { type, save, http, status } = await form('cat6-uutp-solid');
    type('Name, as it is ordered', 'Quay cable');
    type('Jacket, over all', '0.433 in');
    expect(status()).not.toContain('8P8C plug');
    save();
    const request = await asked(http, '/api/parts');
    const sent = request.request.body as PartInput;
    const store = TestBed.inject<Store<Record<string, unknown>>>(Store);
    const cables = () => store.selectSignal(partsFeature.selectCatalogue)().cables;
    const isThere = () => cables().some(({ id, name }) => id === sent.id && name === 'Quay cable');
    expect(isThere()).toBeTrue();
    expect(sent.cable?.jacketMm).toBeCloseTo(11, 2);
    expect(sent.cable?.generic).toBeFalse();
    request.flush({ ...sent, away: false, version: 1 });
    await settle();
    expect(isThere()).toBeTrue();
  });

  it('says what can’t be read, and sends nothing until it can', async () => {
    const { type, save, http, element } = await form('cat6-uutp-solid');
    type('Name, as it is ordered', 'Quay cable');
    type('Jacket, over all', 'thick');
    expect(element.textContent).toContain('a number should stand here');
    type('Cores, in the order of the cable; pairs as tip/ring', 'R BK R');
    expect(element.textContent).toContain('‘R’ stands twice');
    save();
    http.expectNone('/api/parts');
  });

  it('takes the slot order of one’s own jack', async () => {
    const { type, save, http } = await form('keystone-punch-down');
    type('Name, as it is ordered', 'Jack with its own card');
    type('Slots on its card, from the left; rows by “/”', '1236/457');
    save();
    http.expectNone('/api/parts');
    type('Slots on its card, from the left; rows by “/”', '1236/4578');
    save();
    const { connector } = (await asked(http, '/api/parts')).request.body as PartInput;
    expect(connector?.slots.map(({ contact }) => contact).join('')).toBe('12364578');
  });
});

describe('part fields', () => {
  it('read back what they write, for every size of every part', () => {
    for (const part of BUILT_IN.connectors)
      for (const { id, read, write } of CONNECTOR_FIELDS) {
        if (read(part) === null) continue;
        const changed = write(part, 1.25);
        expect(read(changed)).withContext(`${part.id} ${id}`).toBe(1.25);
        for (const other of CONNECTOR_FIELDS)
          if (other.id !== id) expect(other.read(changed)).toEqual(other.read(part));
      }
    for (const cable of BUILT_IN.cables)
      for (const { id, read, write } of CABLE_FIELDS)
        if (read(cable) !== null)
          expect(read(write(cable, 2.5)))
            .withContext(id)
            .toBe(2.5);
  });
});
