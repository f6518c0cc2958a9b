import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSnackBar } from '@angular/material/snack-bar';
import type { OwnTester } from '@near-spoke/contract/tests';
import { fourPairWiring } from '@near-spoke/core/link';
import { verifyMessage } from '@near-spoke/core/verify';
import { ownFace, parseOwnTester } from '@near-spoke/core/verify/entry';
import { missedOf, plainBench } from '@near-spoke/core/verify/explain';
import { AWAY_UNDO_MS, Deeds } from '../../shell/deeds';
import { LampScan } from '../entry/lamp-scan';
import { OwnTesters } from '../own-testers';
import { Words } from '../../words/words';

const EXAMPLE =
  'pair 2: lamp A near 1, - near 2, join far 1 far 2\npair 3: lamp B near 3, - near 6, join far 3 far 6';

/** A lamp tester of one's own, told by what each step connects: tried on a good cable before it is kept. */
@Component({
  selector: 'ns-own-tester-form',
  imports: [FormsModule, LampScan, MatButtonModule, MatFormFieldModule, MatInputModule],
  templateUrl: './own-tester-form.html',
  styleUrl: './own-tester-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnTesterForm {
  readonly supplyV = input.required<number>();
  readonly seriesOhm = input.required<number>();
  readonly lampV = input.required<number>();

  private readonly deeds = inject(Deeds);
  private readonly snack = inject(MatSnackBar);
  protected readonly kept = inject(OwnTesters).all;
  protected readonly name = signal('');
  protected readonly steps = signal(EXAMPLE);
  protected readonly refused = signal('');
  private readonly parts = computed(() => ({
    supplyV: this.supplyV(),
    seriesOhm: this.seriesOhm(),
    lampV: this.lampV(),
  }));
  private readonly words = inject(Words);
  private readonly read = computed(() => parseOwnTester(this.steps(), this.parts()));
  protected readonly problem = computed(() => {
    const read = this.read();
    return read.ok ? '' : `Line ${read.line}: ${read.reason}.`;
  });
  private readonly bench = plainBench(fourPairWiring('T568B', 'T568B'));
  protected readonly face = computed(() => {
    const read = this.read();
    return read.ok ? ownFace(read.steps, this.bench) : null;
  });
  protected readonly names = computed(() => this.face()?.steps.map(({ lamps }) => lamps) ?? []);
  protected readonly passed = computed(() => {
    const face = this.face();
    return face
      ? missedOf([face.trial], this.bench)
          .filter(({ missed }) => missed > 0)
          .map(
            ({ kind, of, missed }) =>
              `${this.words.in('metric')(verifyMessage('fault-several', { kind }))}${missed < of ? ' (some)' : ''}`,
          )
          .join(', ')
      : '';
  });

  protected keep(): void {
    const name = this.name().trim();
    if (this.problem() || name === '') {
      this.refused.set(name === '' ? 'Give it a name first.' : this.problem());
      return;
    }
    this.deeds.addTester({ name, note: '', steps: this.steps(), ...this.parts() });
    this.refused.set('');
    this.name.set('');
  }

  protected putAway(row: Pick<OwnTester, 'id' | 'version' | 'name'>): void {
    this.deeds.putTesterAway(row);
    this.snack
      .open(`${row.name} put away.`, 'Undo', { duration: AWAY_UNDO_MS })
      .onAction()
      .subscribe(() => this.deeds.takeTesterBack(row));
  }
}
