import { EnvironmentInjector, createEnvironmentInjector } from '@angular/core';
import { DestroyRef } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { KeyId } from './keys';
import { Shortcuts } from './shortcuts';

describe('Shortcuts', () => {
  let shortcuts: Shortcuts;
  let part: EnvironmentInjector;
  let pressed: string[];
  const press = (key: string, on: Element = document.body, more = {}) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
    on.dispatchEvent(event);
    return event.defaultPrevented;
  };
  const element = (tag: string) => document.body.appendChild(document.createElement(tag));
  const add = (does: KeyId, name: string, injector: EnvironmentInjector) =>
    shortcuts.add(injector.get(DestroyRef), { does, what: name, run: () => pressed.push(name) });

  beforeEach(() => {
    pressed = [];
    shortcuts = TestBed.inject(Shortcuts);
    part = createEnvironmentInjector([], TestBed.inject(EnvironmentInjector));
  });

  it('runs a key, in either case, and stops its default', () => {
    add('turn', 'turn', part);
    expect(press('T')).toBeTrue();
    expect(press('x')).toBeFalse();
    expect(pressed).toEqual(['turn']);
  });

  it('leaves keys to fields, modifiers, and Space to what is focused', () => {
    add('pass', 'good', part);
    add('main', 'main', part);
    const [field, button] = [element('input'), element('button')];
    press('p', field);
    press('p', document.body, { ctrlKey: true });
    press(' ', button);
    expect(pressed).toEqual([]);
    press('p', button);
    press(' ');
    expect(pressed).toEqual(['good', 'main']);
    field.remove();
    button.remove();
  });

  it('finds with Ctrl K, even from a field that is typed in', () => {
    add('seek-typing', 'seek', part);
    const field = element('input');
    expect(press('k', field, { ctrlKey: true })).toBeTrue();
    press('k', field);
    expect(pressed).toEqual(['seek']);
    field.remove();
  });

  it('lets the latest part win, and forgets it when it is gone', () => {
    add('pass', 'frame', part);
    const inner = createEnvironmentInjector([], part);
    add('pass', 'page', inner);
    press('p');
    inner.destroy();
    press('p');
    expect(pressed).toEqual(['page', 'frame']);
  });
});
