import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { capital, lower } from '@near-spoke/core/units';
import {
  FAULT_KINDS,
  TESTERS,
  tester,
  verifyMessage,
  type FaultKind,
  type Tester,
} from '@near-spoke/core/verify';
import { benchOf, type BlindSpots } from '@near-spoke/core/verify/explain';
import { OpenLink } from '../../link/open-link';
import { NextThing } from '../../shell/next-thing';
import { Workbench } from '../workbench';

/** Which faults each class of testers lets pass on this very link, worked out fault by fault. */
@Component({
  selector: 'ns-blind-spots-page',
  imports: [MatProgressBar, NextThing],
  providers: [Workbench],
  templateUrl: './blind-spots-page.html',
  styleUrl: './blind-spots-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BlindSpotsPage {
  private readonly open = inject(OpenLink);
  private readonly router = inject(Router);
  private readonly workbench = inject(Workbench);
  private readonly blind = signal<BlindSpots | null>(null);
  protected readonly failed = signal(false);
  private readonly several = (kind: FaultKind) =>
    this.open.tell()(verifyMessage('fault-several', { kind }));

  protected readonly table = computed(() => {
    const blind = this.blind();
    if (!blind) return null;
    // The set that is named stands first: where the table is wider than the page, the rest scrolls.
    const isNamed = ({ id }: Tester) => blind.cheapest.testers.includes(id);
    const listed = TESTERS.filter(({ id }) => blind.spots.some((spot) => spot.tester === id));
    const classes = [...listed.filter(isNamed), ...listed.filter((row) => !isNamed(row))];
    const kinds = FAULT_KINDS.filter((kind) => blind.spots.some((spot) => spot.kind === kind));
    return {
      classes: classes.map(({ id, short }) => ({
        id,
        short,
        chosen: blind.cheapest.testers.includes(id),
      })),
      rows: kinds.map((kind) => ({
        kind,
        name: capital(this.several(kind)),
        cells: classes.map(({ id }) => {
          const spot = blind.spots.find((row) => row.tester === id && row.kind === kind);
          const [of, missed] = [spot?.of ?? 0, spot?.missed ?? 0];
          return {
            id,
            sees: missed === 0 ? 'all' : missed === of ? 'none' : 'some',
            words: missed === 0 ? 'sees' : missed === of ? 'blind' : `${of - missed} of ${of}`,
          } as const;
        }),
      })),
    };
  });
  protected readonly sentence = computed(() => {
    const cheapest = this.blind()?.cheapest;
    if (!cheapest) return 'Working out what each tester can’t see on this link…';
    const names = cheapest.testers.map((id) => `the ${lower(tester(id).name)}`).join(', then ');
    return cheapest.testers.length > 0
      ? `Least is missed, soonest, with ${names}.`
      : 'No tester can be put to this link.';
  });
  protected readonly why = computed(() => {
    const cheapest = this.blind()?.cheapest;
    if (!cheapest) return '';
    const time = `${Number(cheapest.minutes.toFixed(1))} minutes at the ends.`;
    const missed = cheapest.missed.map(this.several);
    const moved = cheapest.missed.includes('intermittent')
      ? ' Move the cable at both ends while you test, with a tester that shows all the time, as one with a lamp for each pair: one that scans sees it by chance.'
      : '';
    return missed.length > 0
      ? `${time} Still unseen: ${missed.join(', ')}.${moved} None of them measures performance.`
      : `${time} None of them measures performance.`;
  });

  constructor() {
    this.open.layer.set(null);
    effect(() => {
      const link = this.open.link();
      if (!link) return;
      const bench = benchOf(link, this.open.job());
      this.workbench.ask('blind', { bench }).then(
        (blind) => this.blind.set(blind),
        () => this.failed.set(true),
      );
    });
  }

  protected test(): void {
    const link = this.open.link();
    void this.router.navigate(['/sites', link?.siteId, 'links', link?.id, 'verify']);
  }
}
