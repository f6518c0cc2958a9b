import { registerLocaleData } from '@angular/common';
import { Injectable, computed, effect, inject, signal } from '@angular/core';
import type { UnitSystem } from '@near-spoke/core/units';
import { tellIn, type Language, type LanguageId } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import { SpokenLanguage } from './language';

/** Languages beside English, each loaded when somebody wants it. */
const OTHERS: Readonly<Record<Exclude<LanguageId, 'en'>, () => Promise<Language>>> = {
  de: async () => {
    const [{ GERMAN }, { default: dates }] = await Promise.all([
      import('@near-spoke/words/de'),
      import('@angular/common/locales/de'),
    ]);
    registerLocaleData(dates);
    return GERMAN;
  },
};

/** The words of this person's language; English until another has come. */
@Injectable({ providedIn: 'root' })
export class Words {
  private readonly wanted = inject(SpokenLanguage).id;
  private readonly language = signal<Language>(ENGLISH);
  private readonly told = {
    metric: computed(() => tellIn(this.language(), 'metric')),
    imperial: computed(() => tellIn(this.language(), 'imperial')),
  };

  constructor() {
    effect(() => {
      const id = this.wanted();
      if (id === 'en') this.language.set(ENGLISH);
      else
        void OTHERS[id]()
          .then((language) => {
            if (this.wanted() === id) this.language.set(language);
          })
          .catch(() => undefined);
    });
  }

  /** In what words a judgement is kept with a fact, whoever reads it later. */
  kept(units: UnitSystem) {
    return tellIn(ENGLISH, units);
  }

  /** What makes words of messages, in units. */
  in(units: UnitSystem) {
    return this.told[units]();
  }
}
