import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { outline } from '@near-spoke/core/catalogue';
import type { Port } from '@near-spoke/core/map';
import { builtIn } from '../testing/adapters';
import { PortEditor } from './port-editor';

describe('the editor of a device’s contacts', () => {
  let fixture: ComponentFixture<PortEditor>;
  let port: Port;

  const host = () => fixture.nativeElement as HTMLElement;
  const field = (label: string) => {
    const fields = host().querySelectorAll<HTMLInputElement | HTMLSelectElement>('[aria-label]');
    const found = [...fields].find((element) => element.getAttribute('aria-label') === label);
    if (!found) throw new Error(`No field ${label}`);
    return found;
  };
  const row = (contact: string) => port.contacts.find((one) => one.contact === contact);
  const type = async (label: string, value: string) => {
    const element = field(label);
    element.value = value;
    element.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    fixture = TestBed.createComponent(PortEditor);
    port = builtIn('eia-485-terminal');
    fixture.componentRef.setInput('port', port);
    fixture.componentRef.setInput('end', 'near');
    fixture.componentRef.setInput('known', []);
    fixture.componentInstance.portChange.subscribe((next) => {
      port = next;
      fixture.componentRef.setInput('port', next);
    });
    await fixture.whenStable();
  });

  it('takes role and voltage from a signal’s name, and partners from a pair’s', async () => {
    await type('Signal of contact 1', '+12V');
    expect([row('1')?.role, row('1')?.volts]).toEqual(['supply', 12]);
    expect(row('2')?.partner).toBeNull();
    await type('Signal of contact 1', 'A');
    expect([row('1')?.partner, row('2')?.partner]).toEqual(['2', '1']);
  });

  it('drops a contact that carries nothing', async () => {
    await type('Signal of contact 3', '  ');
    expect(row('3')).toBeUndefined();
    expect(host().textContent).toContain('carries nothing');
  });

  it('keeps a data sheet’s own figures', async () => {
    await type('Level of contact 1', 'own-levels');
    await type('VOH of contact 1, V', '2,9');
    expect(row('1')?.thresholds?.outHighMinV).toBe(2.9);
    await type('Level of contact 1', 'ttl-5');
    expect([row('1')?.level, row('1')?.thresholds]).toEqual(['ttl-5', null]);
  });

  it('reads a pasted table, and tells line and column of what it can’t', async () => {
    const press = async (label: string) => {
      [...host().querySelectorAll('button')]
        .find((button) => button.textContent?.trim() === label)
        ?.click();
      await fixture.whenStable();
    };
    const paste = async (text: string) => {
      const box = host().querySelector('textarea');
      if (!box) throw new Error('nowhere to paste');
      box.value = text;
      box.dispatchEvent(new Event('input'));
      await press('Read it');
    };
    await press('Paste a pin table');
    await paste('1 TXD\n9 RXD');
    expect(host().textContent).toContain('Line 2, column 1: This connector has no contact 9');
    await paste('RXD 2\nTXD 1');
    expect(port.contacts.map(({ contact, signal }) => [contact, signal])).toEqual([
      ['2', 'RXD'],
      ['1', 'TXD'],
    ]);
    expect(outline(port.connector).name).toContain('3 ways');
  });
});
