import { Injectable } from '@angular/core';
import { isText, kept } from './kept';

/** Who works at this device, by role, and what the device is called: signed under every tick and reading. */
@Injectable({ providedIn: 'root' })
export class Person {
  readonly name = kept('person', 'tech 1', isText);
  readonly device = kept('device', '', isText);

  set(name: string, device: string): void {
    this.name.set(name.trim().slice(0, 80) || 'tech 1');
    this.device.set(device.trim().slice(0, 80));
  }
}
