import { Injectable } from '@angular/core';
import { isText, kept } from './kept';

/** The site that was open last on this device; empty if none. */
@Injectable({ providedIn: 'root' })
export class LastSite {
  readonly id = kept('last-site', '', isText);
}
