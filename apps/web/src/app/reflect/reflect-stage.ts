import { ChangeDetectionStrategy, Component } from '@angular/core';
import { StageParts } from '../link/stage-parts';

const PARTS = [
  { path: './', name: 'Trace' },
  { path: 'simulate', name: 'What if' },
  { path: 'velocity', name: 'Velocity and two ends' },
  { path: 'reel', name: 'Reel' },
  { path: 'setup', name: 'Set up' },
];

/** The parts of Reflect. */
@Component({
  selector: 'ns-reflect-stage',
  imports: [StageParts],
  template: `<ns-stage-parts stage="Reflect" [parts]="parts" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReflectStage {
  protected readonly parts = PARTS;
}
