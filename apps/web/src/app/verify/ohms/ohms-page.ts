import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { seenOf } from '@near-spoke/contract/tests';
import { compareContacts } from '@near-spoke/core/catalogue';
import { pairAt, pairsOf } from '@near-spoke/core/link';
import { formatLength, parseOhm } from '@near-spoke/core/units';
import {
  judgeLoops,
  loopExpected,
  powerBudget,
  powerMessage,
  unbalance,
  unbalanceBetween,
} from '@near-spoke/core/verify/power';
import { LOOP_MOST_OHM } from '@near-spoke/core/verify/limits';
import { told } from '@near-spoke/words';
import { OpenLink } from '../../link/open-link';
import { isTexts, kept } from '../../shell/kept';
import { Reads } from '../../shell/reads';
import { typedNumber } from '../../shell/typed-number';
import { NextThing } from '../../shell/next-thing';

const FIELDS = ['loop', 'tip', 'ring'] as const;

/** Loop resistance expected and measured, what the difference means, and what power arrives. */
@Component({
  selector: 'ns-ohms-page',
  imports: [MatFormFieldModule, MatInputModule, NextThing, Reads],
  templateUrl: './ohms-page.html',
  styleUrl: './ohms-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OhmsPage {
  protected readonly open = inject(OpenLink);
  private readonly tell = this.open.tell;
  /** What the page says of itself. */
  protected readonly say = computed(() => this.tell().pages.ohms);
  private readonly router = inject(Router);
  protected readonly fields = FIELDS;
  protected readonly temperatureC = signal(20);
  private readonly cable = computed(() => {
    const link = this.open.link();
    return link ? this.open.job().catalogue.cable(link.cable) : null;
  });
  protected readonly pairs = computed(() => {
    const wiring = this.open.wiring();
    return wiring ? pairsOf(wiring.near) : [];
  });
  protected readonly expected = computed(() => {
    const [link, cable] = [this.open.link(), this.cable()];
    return link && cable && link.lengthM !== null
      ? loopExpected({
          lengthM: link.lengthM,
          gaugeAwg: cable.gaugeAwg,
          temperatureC: this.temperatureC(),
        })
      : null;
  });
  protected readonly should = computed(() => {
    const expected = this.expected();
    return expected ? `${expected.value.toFixed(1)} Ω ± ${(2 * expected.u).toFixed(1)} Ω` : '';
  });
  protected readonly about = computed(() => {
    const [link, cable] = [this.open.link(), this.cable()];
    return link?.lengthM != null && cable
      ? this.say().about(
          formatLength(link.lengthM, this.open.units()),
          cable.gaugeAwg,
          this.temperatureC(),
        )
      : '';
  });

  /** What is typed, three texts a pair; kept with the link. */
  private readonly typed = computed(() =>
    kept<readonly string[]>(`ohms.${this.open.id()}`, [], isTexts),
  );
  /** Loops that were kept as tests, the newest of each pair. */
  private readonly tested = computed(() => {
    const wiring = this.open.wiring();
    const loops = new Map<number, string>();
    if (!wiring) return loops;
    for (const { reading } of this.open.facts().tests) {
      const { trial, shown } = seenOf(reading);
      if (trial.tester !== 'ohmmeter' || shown.method !== 'ohms' || trial.joined.length === 0)
        continue;
      const pair = pairAt(wiring.near, trial.from.contact)?.number;
      if (pair !== undefined && trial.from.end === 'near')
        loops.set(pair, shown.ohm === null ? 'OL' : String(shown.ohm));
    }
    return loops;
  });
  protected readonly rows = computed(() =>
    this.pairs().map(({ number, tip, ring }, index) => ({
      number,
      index,
      name: [tip, ring].sort(compareContacts).join('-'),
      texts: FIELDS.map(
        (field, at) =>
          this.typed()()[index * FIELDS.length + at] ??
          (field === 'loop' ? (this.tested().get(number) ?? '') : ''),
      ),
    })),
  );
  protected readonly problem = computed(() => {
    for (const { texts } of this.rows())
      for (const text of texts) {
        const parsed = text.trim() === '' ? null : parseOhm(text);
        if (parsed && !parsed.ok) return parsed.reason;
      }
    return '';
  });
  protected readonly verdicts = computed(() => {
    const expected = this.expected();
    const measured = this.rows().flatMap(({ number, texts }) => {
      const ohm = ohmOf(texts[0] ?? '');
      return ohm === undefined ? [] : [{ pair: number, ohm }];
    });
    const most = this.pairs().length === 4 ? LOOP_MOST_OHM.channel : null;
    return expected ? told(judgeLoops(expected, measured, most), this.tell()) : [];
  });
  protected readonly balances = computed(() =>
    this.rows().flatMap(({ number, texts }) => {
      const [tip, ring] = [ohmOf(texts[1] ?? ''), ohmOf(texts[2] ?? '')];
      if (tip == null || ring == null || tip + ring <= 0) return [];
      const { within, ...rest } = unbalance(tip, ring);
      const sentence = powerMessage('pair-unbalance', { pair: number, isWithin: within, ...rest });
      return [{ number, within, sentence: this.tell()(sentence) }];
    }),
  );
  /** Between the pairs, by their closed loops; null where fewer than two are known. */
  protected readonly between = computed(() => {
    const apart = unbalanceBetween(this.verdicts().flatMap(({ measuredOhm }) => measuredOhm ?? []));
    if (!apart) return null;
    const { within, ...rest } = apart;
    const sentence = powerMessage('unbalance-between', { isWithin: within, ...rest });
    return { within, sentence: this.tell()(sentence) };
  });
  /** From the highest of what was measured, where something was; else from what is expected. */
  protected readonly power = computed(() => {
    const expected = this.expected();
    const closed = this.verdicts().flatMap(({ measuredOhm }) => measuredOhm ?? []);
    const loop =
      closed.length > 0 ? { value: Math.max(...closed), u: 0.02 * Math.max(...closed) } : expected;
    return loop ? told(powerBudget(loop, this.pairs().length), this.tell()) : [];
  });
  protected readonly measured = computed(() => this.verdicts().length > 0);

  protected readonly next = computed(() => {
    const [expected, say] = [this.expected(), this.say()];
    if (!expected)
      return {
        sentence: say.enterLength,
        why: say.whyLength,
        action: say.changeLink,
      };
    const [wrong] = this.verdicts()
      .filter(({ cause }) => cause !== 'as-expected')
      .sort((a, b) => Math.abs(b.apart ?? Infinity) - Math.abs(a.apart ?? Infinity));
    if (wrong) return { sentence: wrong.sentence, why: say.whatNow[wrong.cause], action: '' };
    return this.measured()
      ? {
          sentence: say.allAsExpected(this.should()),
          why: this.about(),
          action: '',
        }
      : {
          sentence: say.shouldShow(this.should()),
          why: this.about(),
          action: '',
        };
  });

  constructor() {
    this.open.layer.set(null);
  }

  protected act(): void {
    const link = this.open.link();
    void this.router.navigate(['/sites', link?.siteId, 'links', link?.id, 'edit']);
  }

  protected set(index: number, field: number, text: string): void {
    const all = this.rows().flatMap(({ texts }) => texts);
    all[index * FIELDS.length + field] = text;
    this.typed().set(all);
  }

  protected setTemperature(text: string): void {
    const value = typedNumber(text, '°C');
    if (value !== null && value >= -50 && value <= 90) this.temperatureC.set(value);
  }
}

/** A resistance that is typed; null for open, undefined for nothing or what can't be read. */
function ohmOf(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const parsed = parseOhm(text);
  return parsed.ok ? parsed.ohm : undefined;
}
