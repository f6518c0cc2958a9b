import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  Injector,
  afterNextRender,
  type ElementRef,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  viewChild,
} from '@angular/core';
import { DatePipe } from '@angular/common';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router } from '@angular/router';
import { compareContacts } from '@near-spoke/core/catalogue';
import { joinedGroups, pairsOf, type End } from '@near-spoke/core/link';
import {
  MAP_TESTERS,
  mapContacts,
  parseWireMap,
  tester,
  type MapTesterId,
} from '@near-spoke/core/verify';
import { OpenLink } from '../link/open-link';
import { Deeds, UNDO_MS } from '../shell/deeds';
import { isText, kept } from '../shell/kept';
import { NextThing } from '../shell/next-thing';
import { headline } from '../shell/sentences';
import { Shortcuts } from '../shell/shortcuts';
import { ReadingResult } from './reading-result';
import { WhatExplains } from './what-explains';
import { WireBoard } from './wire-board';
import { entryOf, goodEntry, type WireEntry } from './wire-entry';

const isTester = (stored: unknown): stored is MapTesterId =>
  MAP_TESTERS.some((row) => row.id === stored);

/** What the tester showed, what it means, and what to do. */
@Component({
  selector: 'ns-verify-page',
  imports: [
    DatePipe,
    MatButtonModule,
    MatButtonToggleModule,
    MatFormFieldModule,
    MatInputModule,
    NextThing,
    ReadingResult,
    WhatExplains,
    WireBoard,
  ],
  templateUrl: './verify-page.html',
  styleUrl: './verify-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VerifyPage {
  protected readonly open = inject(OpenLink);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  private readonly injector = inject(Injector);
  private readonly box = viewChild<ElementRef<HTMLInputElement>>('box');

  protected readonly testers = MAP_TESTERS;
  /** The pairs that a tester can name as split, each in the order of its contacts. */
  protected readonly pairs = computed(() => {
    const wiring = this.wiring();
    return wiring
      ? pairsOf(wiring.near)
          .map(({ tip, ring }) => [tip, ring].sort(compareContacts) as [string, string])
          .sort(([a], [b]) => compareContacts(a, b))
      : [];
  });
  /** How this link's map is typed. */
  protected readonly typed = computed(() => {
    const wiring = this.wiring();
    const { near, far } = wiring ? mapContacts(wiring) : { near: [], far: [] };
    const gap = far.some((contact) => contact.length > 1) ? ' ' : '';
    return {
      span: near.length > 1 ? `${near[0] ?? ''} to ${near.at(-1) ?? ''}` : (near[0] ?? ''),
      good: far.length <= 10 ? far.join(gap) : `${far.slice(0, 6).join(gap)}${gap}…`,
      several: `(${far.slice(0, 2).join(gap)})`,
    };
  });
  protected readonly tester = kept<MapTesterId>('tester', 'identifying-remote', isTester);
  protected readonly seesPairing = computed(
    () => !tester(this.tester()).blindTo.includes('split-pair'),
  );

  protected readonly link = computed(() => this.open.link());
  protected readonly wiring = computed(() => this.open.wiring());
  protected readonly diagnosis = computed(() => this.open.diagnosis());
  protected readonly latest = computed(() => this.open.latest());
  protected readonly history = computed(() => [...this.open.facts().readings].reverse());

  /** The last result is shown until a new reading is begun; what is outdated asks for a new one. */
  protected readonly entering = linkedSignal(() => {
    const state = this.link()?.state;
    return this.latest() === null || state === 'remade' || state === 'half-made';
  });
  protected readonly entry = linkedSignal<string, WireEntry>({
    source: this.open.id,
    computation: () => [],
  });
  /** What is typed, kept with the link until it is stored. */
  private readonly draft = computed(() => kept(`draft.reading.${this.open.id()}`, '', isText));
  protected readonly text = computed(() => this.draft()());
  protected readonly typo = signal('');
  protected readonly split = linkedSignal<string, readonly string[]>({
    source: this.open.id,
    computation: () => [],
  });
  protected readonly note = linkedSignal({ source: this.open.id, computation: () => '' });
  private readonly touched = linkedSignal({ source: this.open.id, computation: () => false });
  protected readonly ready = computed(() => this.touched() && this.typo() === '');
  private readonly nets = computed(() => joinedGroups(this.entry()));

  protected readonly told = computed(() => {
    const diagnosis = this.diagnosis();
    if (this.entering() || !diagnosis)
      return this.touched()
        ? {
            sentence: 'Keep this reading if it is what the tester shows.',
            why: 'It is diagnosed at once, and can be taken back for a few seconds.',
            action: 'Keep this reading',
          }
        : {
            sentence: 'Test the link and enter what the tester shows.',
            why: 'Where all is good, one key is enough: G. Make sure first that nothing feeds power or ringing voltage into this cable.',
            action: 'Fill in a good link',
          };
    if (diagnosis.verdict === 'pass')
      return {
        sentence: 'This link is proven. Print its record.',
        why: diagnosis.summary,
        action: 'Open the record',
      };
    const first = diagnosis.actions[0]?.sentence ?? '';
    if (diagnosis.verdict === 'unproven')
      return { sentence: diagnosis.summary, why: first, action: 'Enter a pairing test' };
    const told = headline(first);
    return {
      sentence: told.first,
      why: `${told.rest} ${diagnosis.faults[0]?.sentence ?? ''}`.trim(),
      action: 'Test again',
    };
  });

  constructor() {
    effect(() => {
      const entering = this.entering();
      this.open.layer.set({
        kind: 'wires',
        nets: entering ? (this.touched() ? this.nets() : null) : (this.latest()?.nets ?? []),
      });
    });
    // What was typed before a reload.
    effect(() => {
      const text = this.text();
      if (text) this.read(text);
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      { key: 'g', what: 'Good link: keep it at once', run: () => this.keepGood() },
      { key: 'w', what: 'Type the wire map', run: () => this.typeMap() },
      { key: 'n', what: 'New reading', run: () => this.begin() },
    );
  }

  protected act(): void {
    const diagnosis = this.diagnosis();
    if (this.entering() || !diagnosis) {
      if (this.touched()) this.keep();
      else this.fillGood();
    } else if (diagnosis.verdict === 'pass') void this.go('record');
    else {
      if (diagnosis.verdict === 'unproven') this.tester.set('pairing');
      this.begin();
    }
  }

  protected begin(): void {
    this.clear();
    this.entering.set(true);
  }

  protected cancel(): void {
    this.clear();
    this.entering.set(this.latest() === null);
  }

  protected setEntry(entry: WireEntry): void {
    this.draft().set('');
    this.typo.set('');
    this.entry.set(entry);
    this.touched.set(true);
  }

  protected type(text: string): void {
    this.draft().set(text);
    this.read(text);
  }

  protected keep(): void {
    const link = this.link();
    if (!link || !this.ready()) return;
    const shown = {
      tester: this.tester(),
      nets: this.nets(),
      splitPairs: this.seesPairing()
        ? this.pairs().filter(([a, b]) => this.split().includes(`${a}-${b}`))
        : [],
    };
    const entry = this.deeds.read(link, shown, this.note().trim());
    const before = { entry: this.entry(), split: this.split(), note: this.note() };
    this.clear();
    this.entering.set(false);
    this.snack
      .open(`Reading of ${link.label} kept.`, 'Undo', { duration: UNDO_MS - 300 })
      .onAction()
      .subscribe(() => {
        this.deeds.takeBack(entry);
        this.entry.set(before.entry);
        this.split.set(before.split);
        this.note.set(before.note);
        this.touched.set(true);
        this.entering.set(true);
      });
  }

  protected keepGood(): void {
    if (!this.entering()) this.begin();
    this.fillGood();
    this.keep();
  }

  protected fillGood(): void {
    const wiring = this.wiring();
    if (wiring) this.setEntry(goodEntry(wiring));
    this.split.set([]);
  }

  protected toggleSplit(pair: string): void {
    this.split.update((list) =>
      list.includes(pair) ? list.filter((other) => other !== pair) : [...list, pair],
    );
    this.touched.set(true);
  }

  protected remake(end: End): void {
    const link = this.link();
    if (!link) return;
    this.deeds.beginAgain(link, end, this.open.facts().ticks, 'test');
    void this.go('terminate');
  }

  private read(text: string): void {
    const wiring = this.wiring();
    const parsed = parseWireMap(text, wiring ? mapContacts(wiring) : undefined);
    this.typo.set(parsed.ok || text === '' ? '' : parsed.reason);
    this.touched.set(text !== '');
    if (parsed.ok) this.entry.set(entryOf(parsed.nets));
  }

  private typeMap(): void {
    if (this.entering()) this.box()?.nativeElement.focus();
    else {
      this.begin();
      afterNextRender(() => this.box()?.nativeElement.focus(), { injector: this.injector });
    }
  }

  private clear(): void {
    this.draft().set('');
    this.typo.set('');
    this.entry.set([]);
    this.split.set([]);
    this.note.set('');
    this.touched.set(false);
  }

  private go(path: string): Promise<boolean> {
    const link = this.link();
    return this.router.navigate(['/sites', link?.siteId, 'links', link?.id, path]);
  }
}
