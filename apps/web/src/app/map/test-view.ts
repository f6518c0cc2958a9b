import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import {
  STAGE_RULES,
  TEST_STAGES,
  voltsPass,
  type StepState,
  type TestStage,
  type TestStep,
} from '@near-spoke/core/map';
import { Shortcuts } from '../shell/shortcuts';
import { OpenAdapter } from './open-adapter';
import { ProbeFigure } from './probe-figure';
import { TwoFaces } from './two-faces';
import { KeyOf } from '../shell/key-of';

const STAGE_NAME: Readonly<Record<TestStage, string>> = {
  unpowered: 'Nothing powered',
  supply: 'Supply only',
  signals: 'Signals at rest',
  function: 'Function',
};

const STATE: Readonly<Record<StepState, { readonly mark: string; readonly word: string }>> = {
  passed: { mark: '✓', word: 'passed' },
  failed: { mark: '✕', word: 'failed' },
  stale: { mark: '↻', word: 'again, after the repair' },
  open: { mark: '○', word: 'to do' },
};

const VERBS: Readonly<Record<TestStep['kind'], readonly [pass: string, fail: string]>> = {
  beep: ['It beeps', 'Silence'],
  silence: ['Silence', 'It beeps'],
  volts: ['As it should be', 'Not so'],
  works: ['It works', 'It does not'],
};

/** The test plan: the next measurement, its result, and whether the shell may be closed. */
@Component({
  selector: 'ns-test-view',
  imports: [KeyOf, MatButtonModule, MatFormFieldModule, MatInputModule, ProbeFigure, TwoFaces],
  templateUrl: './test-view.html',
  styleUrl: './test-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TestView {
  protected readonly open = inject(OpenAdapter);
  protected readonly rules = STAGE_RULES;
  protected readonly stageName = STAGE_NAME;
  protected readonly states = STATE;
  protected readonly tests = computed(() => this.open.standing()?.tests);
  protected readonly stages = computed(() =>
    TEST_STAGES.map((id) => {
      const steps = this.tests()?.steps.filter(({ step }) => step.stage === id) ?? [];
      const passed = steps.filter(({ state }) => state === 'passed').length;
      return { id, name: STAGE_NAME[id], steps, passed };
    }).filter(({ steps }) => steps.length > 0),
  );
  protected readonly next = computed(() => this.tests()?.next ?? null);
  protected readonly verbs = computed(() => VERBS[this.next()?.kind ?? 'works']);
  protected readonly probes = computed(() => {
    const next = this.next();
    return next && 'probes' in next ? next.probes : null;
  });
  protected readonly touched = computed(() => {
    const at = (end: 'near' | 'far') =>
      (this.probes() ?? []).flatMap((spot) => (spot.end === end ? [spot.contact] : []));
    return { near: at('near'), far: at('far') };
  });
  protected readonly volts = signal('');
  protected readonly problem = signal('');

  constructor() {
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'pass', run: () => this.tell(true) },
      { does: 'fail', run: () => this.tell(false) },
      {
        does: 'undo',
        what: 'Take the last result back',
        run: () => this.open.undoMeasurement('test'),
      },
    );
  }

  protected tell(pass: boolean, readV: number | null = null): void {
    const next = this.next();
    if (!next) return;
    this.open.measure({ kind: 'test', stepId: next.id, pass, readV });
    this.volts.set('');
    this.problem.set('');
  }

  /** A typed voltage decides by itself whether it is right, where the plan knows. */
  protected read(): void {
    const next = this.next();
    const text = this.volts().trim().replace(',', '.').replace(/\s*V$/i, '').replace('−', '-');
    const value = Number(text);
    if (!next || text === '') return;
    if (!Number.isFinite(value) || Math.abs(value) > 1000) {
      this.problem.set(`‘${this.volts()}’ is not a voltage. Write 11.8 or -7,5.`);
      return;
    }
    const pass = voltsPass(next, value);
    if (pass === null) {
      this.problem.set('The plan does not know what is right here: press one of the two keys.');
      return;
    }
    this.tell(pass, value);
  }
}
