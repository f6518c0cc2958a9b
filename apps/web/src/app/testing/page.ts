import type { ComponentFixture } from '@angular/core/testing';
import { settle } from './store';

type Fixture = ComponentFixture<unknown>;

export const host = (fixture: Fixture) => fixture.nativeElement as HTMLElement;
/** What stands there, with blanks that break no line as plain ones. */
export const plain = (element: Element | null | undefined) =>
  (element?.textContent ?? '').replaceAll('\u00a0', ' ').trim();
export const text = (fixture: Fixture) => plain(host(fixture));
/** What a page says is next. */
export const headlineOf = (page: Element) => plain(page.querySelector('ns-next-thing h2'));
export const headline = (fixture: Fixture) => headlineOf(host(fixture));
export const boxes = (fixture: Fixture) => [
  ...host(fixture).querySelectorAll<HTMLInputElement>('input'),
];

/** Lets go of what was asked, and shows what came of it. */
export async function shown(fixture: Fixture): Promise<void> {
  await fixture.whenStable();
  await settle();
  await fixture.whenStable();
}

export async function type(fixture: Fixture, box: Element | undefined, value: string) {
  if (!(box instanceof HTMLInputElement)) throw new Error('No box');
  box.value = value;
  box.dispatchEvent(new Event('input'));
  box.dispatchEvent(new Event('change'));
  await fixture.whenStable();
}

export async function press(fixture: Fixture, key: string) {
  document.dispatchEvent(new KeyboardEvent('keydown', { key }));
  await shown(fixture);
}

export const mainButton = (fixture: Fixture) =>
  host(fixture).querySelector<HTMLButtonElement>('.main button');

/** Presses the main button by its key, once it takes a key again. */
export async function goOn(fixture: Fixture): Promise<void> {
  const rests = () => {
    fixture.detectChanges();
    const button = mainButton(fixture);
    return button?.ariaDisabled === 'true' && !button.classList.contains('is-off');
  };
  for (let turn = 0; turn < 300 && rests(); turn += 1) await settle();
  await press(fixture, mainButton(fixture)?.textContent?.includes('Enter') ? 'Enter' : ' ');
}

/** The button with a text. */
export function button(fixture: Fixture, name: string): HTMLButtonElement {
  const found = [...host(fixture).querySelectorAll('button')].find((one) =>
    one.textContent?.trim().startsWith(name),
  );
  if (!found) throw new Error(`No button “${name}”`);
  return found;
}

/** The box of a field by its label; of several that are called alike, the first or another. */
export function field(fixture: Fixture, label: string, which = 0): HTMLInputElement {
  const found = [...host(fixture).querySelectorAll('mat-form-field')].filter(
    (one) => one.querySelector('mat-label')?.textContent?.trim() === label,
  )[which];
  const box = found?.querySelector('input');
  if (!box) throw new Error(`No field “${label}”`);
  return box;
}

/** A file for the picker of a name, or the first there is; waits until the page tells a text. */
export async function give(fixture: Fixture, file: File, until: string, name = ''): Promise<void> {
  const picker = [...host(fixture).querySelectorAll<HTMLInputElement>('input[type=file]')].find(
    (one) => name === '' || one.getAttribute('aria-label') === name,
  );
  if (!picker) throw new Error('No picker');
  const list = new DataTransfer();
  list.items.add(file);
  picker.files = list.files;
  picker.dispatchEvent(new Event('change'));
  for (let turn = 0; turn < 40 && !text(fixture).includes(until); turn += 1) await shown(fixture);
  await shown(fixture);
}
