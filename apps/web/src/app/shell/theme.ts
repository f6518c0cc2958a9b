import { DOCUMENT, Injectable, effect, inject } from '@angular/core';
import { kept } from './kept';

export type ThemeName = 'daylight' | 'cabinet';

const PAPER: Readonly<Record<ThemeName, string>> = { daylight: '#f5efe3', cabinet: '#15181b' };

/** Which of the two themes is on; kept on this device. */
@Injectable({ providedIn: 'root' })
export class Theme {
  private readonly document = inject(DOCUMENT);
  private readonly stored = kept<ThemeName>('theme', this.systemTheme(), isTheme);
  readonly name = this.stored.asReadonly();

  constructor() {
    effect(() => {
      const name = this.name();
      this.document.documentElement.dataset['theme'] = name;
      this.document.querySelector('meta[name=theme-color]')?.setAttribute('content', PAPER[name]);
    });
  }

  toggle(): void {
    this.stored.update((name) => (name === 'daylight' ? 'cabinet' : 'daylight'));
  }

  private systemTheme(): ThemeName {
    const dark = this.document.defaultView?.matchMedia('(prefers-color-scheme: dark)').matches;
    return dark ? 'cabinet' : 'daylight';
  }
}

function isTheme(value: unknown): value is ThemeName {
  return value === 'daylight' || value === 'cabinet';
}
