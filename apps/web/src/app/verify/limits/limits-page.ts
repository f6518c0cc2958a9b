import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { formatLength, parseLength } from '@near-spoke/core/units';
import {
  CORD_LOSS,
  LIMIT_CLASSES,
  LIMIT_STANDARDS,
  MOST_MHZ,
  PARAMETERS,
  STANDARD_NAME,
  limitName,
  mostCordM,
  reportLimits,
  type LimitClass,
  type LimitKind,
  type LimitStandard,
  type LimitsQuestion,
  type Parameter,
} from '@near-spoke/core/verify/limits';
import { told } from '@near-spoke/words';
import { OpenLink } from '../../link/open-link';
import { isOneOf, kept } from '../../shell/kept';
import { Reads } from '../../shell/reads';
import { typedNumber } from '../../shell/typed-number';
import { NextThing } from '../../shell/next-thing';
import { OneOf } from '../../shell/one-of';
import { LimitPlot } from './limit-plot';

const KINDS: readonly LimitKind[] = ['permanent-link', 'channel'];
const MOST_BYTES = 20_000_000;

/** A measured sweep against the limits of a class: pass or fail, by how much, and at which frequency. */
@Component({
  selector: 'ns-limits-page',
  imports: [
    OneOf,
    LimitPlot,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    NextThing,
    Reads,
  ],
  templateUrl: './limits-page.html',
  styleUrl: './limits-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LimitsPage {
  protected readonly open = inject(OpenLink);
  private readonly tell = this.open.tell;
  /** What the page says of itself. */
  protected readonly say = computed(() => this.tell().pages.limits);
  protected readonly standards = LIMIT_STANDARDS.map((id) => ({ id, name: STANDARD_NAME[id] }));
  protected readonly standard = kept<LimitStandard>(
    'limits.standard',
    'iso',
    isOneOf(...LIMIT_STANDARDS),
  );
  protected readonly classes = computed(() =>
    LIMIT_CLASSES.map((id) => ({
      id,
      name: this.limitOf(id),
    })),
  );
  protected readonly kinds = computed(() =>
    KINDS.map((id) => ({ id, name: this.say().kinds[id] })),
  );
  protected readonly mostMhz = MOST_MHZ;
  protected readonly parameters = computed(() =>
    PARAMETERS.map((id) => ({ id, name: this.say().parameters[id] })),
  );
  protected readonly gauges = [24, 26] as const;
  private readonly cable = computed(() => {
    const link = this.open.link();
    return link ? this.open.job().catalogue.cable(link.cable) : null;
  });
  /** The class that the cable’s own category makes up, until another one is chosen. */
  private readonly chosen = signal<LimitClass | null>(null);
  protected readonly name = computed(
    (): LimitClass =>
      this.chosen() ??
      LIMIT_CLASSES.findLast((id) => new RegExp(`\\b${id}\\b`).test(this.cable()?.name ?? '')) ??
      '5e',
  );
  protected readonly kind = signal<LimitKind>('permanent-link');
  protected readonly parameter = signal<Parameter>('insertion-loss');
  protected readonly measuredC = signal(20);
  protected readonly hottestC = signal(20);
  protected readonly cordsM = signal(0);
  protected readonly gauge = signal<24 | 26>(24);
  protected readonly file = signal<LimitsQuestion['file']>(null);
  protected readonly refused = signal('');
  protected readonly shielded = computed(() => !/U\/UTP/.test(this.cable()?.name ?? 'U/UTP'));

  protected readonly report = computed(() =>
    reportLimits({
      standard: this.standard(),
      name: this.name(),
      kind: this.kind(),
      shielded: this.shielded(),
      measuredC: this.measuredC(),
      hottestC: this.hottestC(),
      cords: this.cordsM() > 0 ? { lengthM: this.cordsM(), more: CORD_LOSS[this.gauge()] } : null,
      file: this.file(),
    }),
  );
  protected readonly problem = computed(() => {
    const report = this.report();
    if (this.refused()) return this.refused();
    return report.ok ? '' : this.say().unread(this.file()?.name ?? '', report.line, report.reason);
  });
  protected readonly shown = computed(() => {
    const report = this.report();
    return report.ok ? told(report, this.tell()) : null;
  });
  protected readonly cordAdvice = computed(() => {
    const fixedM = this.open.link()?.lengthM;
    if (fixedM === null || fixedM === undefined) return this.say().unknownLength;
    const most = mostCordM(fixedM, CORD_LOSS[this.gauge()], this.hottestC(), this.shielded());
    const length = (metres: number) => formatLength(metres, this.open.units());
    return most === 0
      ? this.say().tooLong(this.hottestC(), length(fixedM))
      : this.say().mayHave(this.gauge(), length(fixedM), length(most), this.hottestC());
  });

  protected readonly next = computed(() => {
    const [sweeps, say] = [this.shown()?.sweeps ?? [], this.say()];
    if (!this.file() || this.problem())
      return {
        sentence: say.give,
        why: say.giveHow(STANDARD_NAME[this.standard()]),
        action: say.choose,
      };
    const judged = sweeps.filter(({ worst }) => worst !== null);
    const [worst] = [...judged].sort((a, b) => (a.worst?.marginDb ?? 0) - (b.worst?.marginDb ?? 0));
    const failed = judged.filter(({ pass }) => pass === false).length;
    const unproven = judged.some(({ pass }) => pass === null);
    const verdict = failed > 0 ? say.fails : unproven ? say.unproven : say.meets;
    const missing = this.parameters().filter(
      ({ id }) => !judged.some(({ parameter }) => parameter === id),
    );
    const inPart = failed === 0 && missing.length > 0 ? say.inWhatWasMeasured : '';
    return {
      sentence: worst
        ? `${verdict(this.limitOf(this.name()))}${inPart}: ${worst.sentence}`
        : say.cantJudge,
      why: [
        failed > 1 ? say.beyond(failed, judged.length) : '',
        judged.length > 0 && missing.length > 0
          ? say.missing(missing.map(({ name }) => name).join(', '))
          : '',
      ]
        .filter(Boolean)
        .join(' '),
      action: say.chooseOther,
    };
  });

  constructor() {
    this.open.layer.set(null);
  }

  private limitOf(name: LimitClass): string {
    return this.tell()(limitName({ standard: this.standard(), name })).replace('_', '');
  }

  protected choose(name: LimitClass): void {
    this.chosen.set(name);
  }

  protected async take(file: File | undefined): Promise<void> {
    if (!file) return;
    if (file.size > MOST_BYTES) {
      this.refused.set(this.say().tooLarge(file.name, MOST_BYTES / 1e6));
      return;
    }
    this.refused.set('');
    this.file.set({ name: file.name, text: await file.text() });
    const first = this.shown()?.sweeps.find(({ pass }) => pass === false);
    const there = this.shown()?.sweeps.map(({ parameter }) => parameter) ?? [];
    if (first) this.parameter.set(first.parameter);
    else if (there[0] && !there.includes(this.parameter())) this.parameter.set(there[0]);
  }

  protected drop(event: DragEvent): void {
    event.preventDefault();
    void this.take(event.dataTransfer?.files[0]);
  }

  protected setTemperature(which: 'measuredC' | 'hottestC', text: string): void {
    const value = typedNumber(text, '°C');
    if (value !== null && value >= -50 && value <= 90) this[which].set(value);
  }

  protected setCords(text: string): void {
    const parsed = parseLength(text.trim() || '0', {
      bareUnit: this.open.units() === 'metric' ? 'm' : 'ft',
      comma: 'decimal',
    });
    if (parsed.ok && parsed.lengthM <= 100) this.cordsM.set(parsed.lengthM);
  }
}
