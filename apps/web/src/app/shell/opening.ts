import { Injectable, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import {
  NavigationCancel,
  NavigationEnd,
  NavigationError,
  NavigationSkipped,
  NavigationStart,
  Router,
} from '@angular/router';

/** Whether a page is being opened, and the one that could not be. */
@Injectable({ providedIn: 'root' })
export class Opening {
  /** A key that is pressed meanwhile was meant for the page that is to come: it does nothing. */
  readonly busy = signal(false);
  /** The name of a page that could not be opened, until that is seen. */
  readonly failed = signal<string | null>(null);

  constructor() {
    inject(Router)
      .events.pipe(takeUntilDestroyed())
      .subscribe((event) => {
        if (event instanceof NavigationStart) this.busy.set(true);
        if (event instanceof NavigationError) this.failed.set(nameOf(event.url));
        if (
          event instanceof NavigationEnd ||
          event instanceof NavigationError ||
          event instanceof NavigationCancel ||
          event instanceof NavigationSkipped
        )
          this.busy.set(false);
      });
  }
}

/** What people call the page at an address: its last word that is no id. */
function nameOf(url: string): string {
  const words = (url.split('?')[0] ?? '').split('/').filter((word) => /^[a-z-]+$/.test(word));
  const word = (words.at(-1) ?? '').replaceAll('-', ' ');
  return word === '' || word === 'sites'
    ? 'That page'
    : word.charAt(0).toUpperCase() + word.slice(1);
}
