import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { adviseSetup, checkTerminator, matchSource } from '@near-spoke/core/reflect/setup';
import { formatDistance, formatOhm } from '@near-spoke/core/units';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { fieldsIn, textIn } from '../../shell/in-units';
import { KeptTexts } from '../../shell/kept-texts';
import { NextThing } from '../../shell/next-thing';
import { NumberFields, type NumberField, type Texts } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { LineCaution } from '../line-caution';

const FIELDS: readonly NumberField[] = [
  { id: 'length', name: 'Length', unit: 'm' },
  { id: 'bandwidth', name: 'Scope bandwidth', unit: 'MHz' },
  { id: 'rate', name: 'Scope rate', unit: 'MS/s' },
  { id: 'memory', name: 'Scope memory', unit: 'samples' },
  { id: 'noise', name: 'Noise, of the launch', unit: '%' },
  { id: 'pulser', name: 'Pulser output', unit: 'Ω' },
  { id: 'terminator', name: 'Terminator, measured', unit: 'Ω' },
];
const BOUNDS = {
  length: [0.1, 20_000, 'm'],
  bandwidth: [0.1, 1e5, 'MHz'],
  rate: [0.1, 1e6, 'MS/s'],
  memory: [10, 1e9, 'samples'],
  noise: [0.0001, 100, '%'],
  pulser: [0.1, 1e5, 'Ω'],
  terminator: [0.01, 1e6, 'Ω'],
} as const;
const USUAL: Texts = {
  bandwidth: '200',
  rate: '1000',
  memory: '10000',
  noise: '1',
  pulser: '50',
  terminator: '',
};

/** How to set a scope and a pulser for this link, and the resistors that match the pulser to its cable. */
@Component({
  selector: 'ns-setup-page',
  imports: [LineCaution, NextThing, NumberFields],
  templateUrl: './setup-page.html',
  styleUrl: '../velocity/velocity-page.scss',
  providers: [CableFacts],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SetupPage {
  protected readonly open = inject(OpenLink);
  protected readonly fields = computed(() => fieldsIn(FIELDS, this.open.units()));
  protected readonly typed = new KeptTexts(
    () => 'setup',
    () => ({
      ...USUAL,
      length: textIn(this.open.link()?.lengthM ?? 50, 'm', this.open.units()),
    }),
    this.open.units,
  );
  private readonly facts = inject(CableFacts).known;
  private readonly numbers = computed(() =>
    typedNumbers(this.typed.texts(), BOUNDS, this.open.units()),
  );
  protected readonly setup = computed(() => {
    const facts = this.facts();
    const { length, bandwidth, rate, memory, noise } = this.numbers().value;
    if (!facts || this.numbers().wrong.length > 0 || length === null) return null;
    return adviseSetup(
      {
        lengthM: length,
        velocityFactor: facts.velocityFactor.value,
        impedanceOhm: facts.impedanceOhm,
        loss: facts.loss,
      },
      {
        bandwidthHz: (bandwidth ?? 200) * 1e6,
        samplesPerS: (rate ?? 1000) * 1e6,
        memory: memory ?? 10_000,
        noiseShare: (noise ?? 1) / 100,
      },
    );
  });
  protected readonly rows = computed(() => {
    const setup = this.setup();
    if (!setup) return [];
    const far = (metres: number) => formatDistance(metres, this.open.units());
    return [
      ['Pulse width', time(setup.pulseWidthS)],
      ['Span', time(setup.spanS)],
      ['Sample rate', `${(setup.samplesPerS / 1e6).toFixed(0)} MS/s`],
      ['Averages', String(setup.averages)],
      ['Told apart near here', far(setup.resolutionNearM)],
      ['Told apart at the far end', far(setup.resolutionFarM)],
      ['Hidden in the launch', far(setup.deadZoneM)],
      ['Far end gives back', `${(100 * setup.farEcho).toFixed(0)} % of the launch`],
    ];
  });
  protected readonly networks = computed(() => {
    const [facts, pulser] = [this.facts(), this.numbers().value.pulser];
    if (!facts || pulser === null || !(pulser > 0)) return [];
    return (['E24', 'E96'] as const).map((series) => {
      const network = matchSource(pulser, facts.impedanceOhm, series);
      const parts = network.resistors.map(formatOhm);
      return {
        series,
        parts:
          network.how === 'none'
            ? 'nothing: it matches'
            : network.how === 'series'
              ? `${parts.join(' and ')} in the way`
              : `${parts.join(' beside ')} across`,
        ohm: `${network.ohm.toFixed(1)} Ω`,
        error: `${(100 * network.error).toFixed(2)} %`,
        ghost: network.ghost < 1e-6 ? 'none' : `${network.ghostDb.toFixed(0)} dB`,
      };
    });
  });
  protected readonly terminator = computed(() => {
    const [facts, ohm] = [this.facts(), this.numbers().value.terminator];
    return facts && ohm !== null && ohm > 0 ? checkTerminator(ohm, facts.impedanceOhm) : null;
  });
  protected readonly told = computed(() => {
    const setup = this.setup();
    if (!setup) return { sentence: 'Correct what can’t be read.', why: '' };
    const bad = setup.verdicts.filter(({ ok }) => !ok);
    return {
      sentence: `Pulse ${time(setup.pulseWidthS)}, span ${time(setup.spanS)}, ${setup.averages === 1 ? 'no averages' : `${setup.averages} averages`}.`,
      why:
        bad.length > 0
          ? bad.map(({ sentence }) => this.open.tell()(sentence)).join(' ')
          : 'This scope is good enough.',
    };
  });

  constructor() {
    this.open.layer.set({ kind: 'places', places: [] });
  }
}

function time(seconds: number): string {
  return seconds < 1e-6 ? `${(seconds * 1e9).toFixed(0)} ns` : `${(seconds * 1e6).toFixed(2)} µs`;
}
