import { EnvironmentInjector, createEnvironmentInjector } from '@angular/core';
import { DestroyRef } from '@angular/core';
import { TestBed } from '@angular/core/testing';
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
  const add = (key: string, name: string, injector: EnvironmentInjector) =>
    shortcuts.add(injector.get(DestroyRef), { key, what: name, run: () => pressed.push(name) });

  beforeEach(() => {
    pressed = [];
    shortcuts = TestBed.inject(Shortcuts);
    part = createEnvironmentInjector([], TestBed.inject(EnvironmentInjector));
  });

  it('runs a key, in either case, and stops its default', () => {
    add('t', 'turn', part);
    expect(press('T')).toBeTrue();
    expect(press('x')).toBeFalse();
    expect(pressed).toEqual(['turn']);
  });

  it('leaves keys to fields, modifiers, and Space to what is focused', () => {
    add('g', 'good', part);
    add(' ', 'main', part);
    const [field, button] = [element('input'), element('button')];
    press('g', field);
    press('g', document.body, { ctrlKey: true });
    press(' ', button);
    expect(pressed).toEqual([]);
    press('g', button);
    press(' ');
    expect(pressed).toEqual(['good', 'main']);
    field.remove();
    button.remove();
  });

  it('lets the latest part win, and forgets it when it is gone', () => {
    add('g', 'frame', part);
    const inner = createEnvironmentInjector([], part);
    add('g', 'page', inner);
    press('g');
    inner.destroy();
    press('g');
    expect(pressed).toEqual(['page', 'frame']);
  });
});
