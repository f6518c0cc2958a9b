import { signal, type WritableSignal } from '@angular/core';

const PREFIX = 'near-spoke.';

/**
 * A signal whose value is kept on this device, so that a reload loses nothing. What is stored but is
 * not of the type is ignored; a device that refuses storage still works until it is reloaded.
 */
export function kept<T>(
  name: string,
  initial: T,
  isValue: (stored: unknown) => stored is T,
): WritableSignal<T> {
  const value = signal(read(name, initial, isValue));
  const set = value.set.bind(value);
  value.set = (next) => {
    set(next);
    write(name, next);
  };
  value.update = (change) => value.set(change(value()));
  return value;
}

export const isText = (stored: unknown): stored is string => typeof stored === 'string';

export const isTexts = (stored: unknown): stored is readonly string[] =>
  Array.isArray(stored) && stored.every(isText);

export const isOneOf =
  <T extends string>(...values: readonly T[]) =>
  (stored: unknown): stored is T =>
    values.some((value) => value === stored);

function read<T>(name: string, initial: T, isValue: (stored: unknown) => stored is T): T {
  try {
    const text = localStorage.getItem(PREFIX + name);
    const stored: unknown = text === null ? null : JSON.parse(text);
    return isValue(stored) ? stored : initial;
  } catch {
    return initial;
  }
}

function write(name: string, value: unknown): void {
  try {
    if (value === '' || value === null) localStorage.removeItem(PREFIX + name);
    else localStorage.setItem(PREFIX + name, JSON.stringify(value));
  } catch {
    // A full or forbidden store: the value still lives in this page.
  }
}
