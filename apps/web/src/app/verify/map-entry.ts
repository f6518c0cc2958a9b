import {
  Injectable,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { joinedGroups } from '@near-spoke/core/link';
import type { Entered } from '@near-spoke/core/record';
import { mapContacts, parseWireMap } from '@near-spoke/core/verify';
import { OpenLink } from '../link/open-link';
import { isText, kept } from '../shell/kept';
import { splitPairsOf, typedAs } from './told';
import { entryOf, goodEntry, type WireEntry } from './wire-entry';

/** A wire map while it is entered: drawn or typed, with the pairs that the tester names as split. */
@Injectable()
export class MapEntry {
  private readonly open = inject(OpenLink);

  readonly entry = linkedSignal<string, WireEntry>({
    source: this.open.id,
    computation: () => [],
  });
  /** What is typed, kept with the link until it is stored. */
  private readonly draft = computed(() => kept(`draft.reading.${this.open.id()}`, '', isText));
  readonly text = computed(() => this.draft()());
  readonly typo = signal('');
  /** By the two contacts of a pair: "3-6". */
  readonly split = linkedSignal<string, readonly string[]>({
    source: this.open.id,
    computation: () => [],
  });
  /** Whether anything was entered. */
  readonly drawn = linkedSignal({ source: this.open.id, computation: () => false });
  /** Said with the reading: whether it was put in by hand or by one key. */
  readonly entered = linkedSignal<string, Entered>({
    source: this.open.id,
    computation: () => 'by-hand',
  });
  readonly nets = computed(() => joinedGroups(this.entry()));
  /** The pairs that a tester can name as split, and how this link's map is typed. */
  readonly pairs = computed(() => splitPairsOf(this.open.wiring()));
  readonly typed = computed(() => typedAs(this.open.wiring()));
  readonly splitPairs = computed(() =>
    this.pairs().filter(([a, b]) => this.split().includes(`${a}-${b}`)),
  );

  constructor() {
    // What was typed before a reload.
    effect(() => {
      const text = this.text();
      if (text) untracked(() => this.read(text));
    });
  }

  draw(entry: WireEntry): void {
    this.draft().set('');
    this.typo.set('');
    this.entry.set(entry);
    this.drawn.set(true);
    this.entered.set('by-hand');
  }

  type(text: string): void {
    this.draft().set(text);
    this.entered.set('by-hand');
    this.read(text);
  }

  fillGood(): void {
    const wiring = this.open.wiring();
    if (wiring) this.draw(goodEntry(wiring));
    this.split.set([]);
    this.entered.set('one-key');
  }

  toggleSplit(pair: string): void {
    this.split.update((list) =>
      list.includes(pair) ? list.filter((other) => other !== pair) : [...list, pair],
    );
    this.drawn.set(true);
    this.entered.set('by-hand');
  }

  clear(): void {
    this.draft().set('');
    this.typo.set('');
    this.entry.set([]);
    this.split.set([]);
    this.drawn.set(false);
  }

  /** @returns what brings back what is entered now */
  remember(): () => void {
    const [entry, split, entered] = [this.entry(), this.split(), this.entered()];
    return () => {
      this.entry.set(entry);
      this.split.set(split);
      this.entered.set(entered);
      this.drawn.set(true);
    };
  }

  private read(text: string): void {
    const wiring = this.open.wiring();
    const parsed = parseWireMap(text, wiring ? mapContacts(wiring) : undefined);
    this.typo.set(parsed.ok || text === '' ? '' : parsed.reason);
    this.drawn.set(text !== '');
    if (parsed.ok) this.entry.set(entryOf(parsed.nets));
  }
}
