import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { goOn, mainButton, plain } from '../testing/page';
import { NextThing } from './next-thing';

describe('NextThing', () => {
  function told(inputs: Record<string, unknown>) {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const fixture = TestBed.createComponent(NextThing);
    const set = (more: Record<string, unknown>) => {
      for (const [name, value] of Object.entries(more)) fixture.componentRef.setInput(name, value);
      fixture.detectChanges();
    };
    let acts = 0;
    fixture.componentInstance.act.subscribe(() => (acts += 1));
    set(inputs);
    const key = (name: string, more: KeyboardEventInit = {}) =>
      (document.activeElement ?? document.body).dispatchEvent(
        new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more }),
      );
    return { fixture, set, key, acts: () => acts, host: fixture.nativeElement as HTMLElement };
  }
  const TRIM = { sentence: 'Trim.', why: 'It is time.', action: 'Done' };

  it('acts by its button and by Space', async () => {
    const { fixture, host, acts } = told(TRIM);
    expect(plain(host.querySelector('h2'))).toBe('Trim.');
    await goOn(fixture);
    expect(acts()).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 300));
    mainButton(fixture)?.click();
    expect(acts()).toBe(2);
  });

  it('acts once for a key that is held or bounces, for a double click, and for what was pressed before', async () => {
    const { fixture, key, acts } = told(TRIM);
    key(' ');
    expect(acts()).withContext('pressed for the page before').toBe(0);
    await goOn(fixture);
    for (let turn = 0; turn < 5; turn += 1) key(' ');
    for (let turn = 0; turn < 5; turn += 1) mainButton(fixture)?.click();
    expect(acts()).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 300));
    for (let turn = 0; turn < 5; turn += 1) key(' ', { repeat: true });
    expect(acts()).toBe(1);
  });

  it('takes Enter at a stop point, not Space, and nothing for a while after it', async () => {
    const { fixture, key, acts } = told({ ...TRIM, stop: true });
    await new Promise((resolve) => setTimeout(resolve, 300));
    key(' ');
    expect(acts()).toBe(0);
    await goOn(fixture);
    expect(acts()).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 300));
    key('Enter');
    expect(acts()).toBe(1);
    await goOn(fixture);
    expect(acts()).toBe(2);
  });

  it('is still what Space presses after a click on another button, and not after a Tab to it', async () => {
    const { fixture, key, acts } = told(TRIM);
    const chip = document.body.appendChild(document.createElement('button'));
    chip.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }));
    chip.focus();
    await goOn(fixture);
    chip.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true }));
    expect(acts()).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 300));
    key(' ');
    expect(acts()).toBe(2);
    chip.blur();
    key('Tab');
    chip.focus();
    await new Promise((resolve) => setTimeout(resolve, 300));
    key(' ');
    expect(acts()).toBe(2);
    chip.remove();
  });

  it('says why it can’t be pressed, and does nothing then, nor without an action, nor once it is gone', async () => {
    const { fixture, host, set, key, acts } = told({ ...TRIM, off: 'Line 2 can’t be read.' });
    expect(plain(host.querySelector('.off'))).toBe('Line 2 can’t be read.');
    await new Promise((resolve) => setTimeout(resolve, 300));
    key(' ');
    mainButton(fixture)?.click();
    set({ off: '', action: '' });
    key(' ');
    expect(acts()).toBe(0);
    expect(mainButton(fixture)).toBeNull();
    set({ action: 'Done' });
    fixture.destroy();
    key(' ');
    expect(acts()).toBe(0);
  });
});
