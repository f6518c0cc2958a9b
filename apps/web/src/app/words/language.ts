import { DOCUMENT, Injectable, effect, inject } from '@angular/core';
import { LANGUAGE_IDS, type LanguageId } from '@near-spoke/words/language-ids';
import { isOneOf, kept } from '../shell/kept';

/** In which language this device speaks to its person; kept on it. */
@Injectable({ providedIn: 'root' })
export class SpokenLanguage {
  private readonly document = inject(DOCUMENT);
  readonly id = kept<LanguageId>('language', 'en', isOneOf(...LANGUAGE_IDS));

  constructor() {
    effect(() => (this.document.documentElement.lang = this.id()));
  }
}
