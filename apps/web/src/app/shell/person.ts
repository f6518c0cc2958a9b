import { Injectable } from '@angular/core';
import { isText, kept } from './kept';

/** Who works at this device, by role: signed under every tick and reading. */
@Injectable({ providedIn: 'root' })
export class Person {
  readonly name = kept('person', 'tech 1', isText);

  set(name: string): void {
    this.name.set(name.trim().slice(0, 80) || 'tech 1');
  }
}
