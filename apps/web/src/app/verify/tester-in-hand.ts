import { Injectable, computed, inject } from '@angular/core';
import { OpenLink } from '../link/open-link';
import { kept } from '../shell/kept';

interface Choice {
  /** A class of testers, or one of the firm's own. */
  readonly id: string;
  readonly siteId: string;
  /** The day of the choice, as this device counts days. */
  readonly day: string;
}

const isChoice = (stored: unknown): stored is Choice =>
  typeof stored === 'object' &&
  stored !== null &&
  ['id', 'siteId', 'day'].every((name) => typeof stored[name as keyof object] === 'string');

const isChoices = (stored: unknown): stored is readonly Choice[] =>
  Array.isArray(stored) && stored.every(isChoice);

/** So many sites are remembered. */
const KEPT_SITES = 50;

const today = () => new Date().toLocaleDateString('sv');

/**
 * The tester that a person holds. What it shows counts for what that class can see, so it is asked for,
 * never assumed: a choice stands for its site, and for the day on which it was made.
 */
@Injectable()
export class TesterInHand {
  private readonly open = inject(OpenLink);
  private readonly choices = kept<readonly Choice[]>('testers.chosen', [], isChoices);

  /** Empty where nobody has said it yet. */
  readonly id = computed(() => {
    const siteId = this.open.link()?.siteId;
    const found =
      this.choices().find((choice) => choice.siteId === siteId) ??
      this.choices().find(({ day }) => day === today());
    return found?.id ?? '';
  });

  choose(id: string): void {
    const siteId = this.open.link()?.siteId ?? '';
    const others = this.choices().filter((choice) => choice.siteId !== siteId);
    this.choices.set([{ id, siteId, day: today() }, ...others].slice(0, KEPT_SITES));
  }
}
