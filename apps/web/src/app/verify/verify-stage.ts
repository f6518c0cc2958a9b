import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { CableFamily } from '@near-spoke/core/catalogue';
import { OpenLink } from '../link/open-link';
import { StageParts } from '../link/stage-parts';

const PARTS: readonly {
  readonly path: string;
  readonly name: string;
  /** Kinds of cable that it is about; null for all. */
  readonly families: readonly CableFamily[] | null;
}[] = [
  { path: './', name: 'Test', families: null },
  { path: 'blind-spots', name: 'Blind spots', families: null },
  { path: 'ohms', name: 'Ohms and power', families: ['four-pair', 'telephone'] },
  { path: 'limits', name: 'Sweeps and limits', families: ['four-pair'] },
  { path: 'loss', name: 'Loss', families: ['coax'] },
  { path: 'line', name: 'Line voltage', families: ['telephone', 'cord'] },
];

/** The parts of Verify that a link of this kind has. */
@Component({
  selector: 'ns-verify-stage',
  imports: [StageParts],
  template: `<ns-stage-parts stage="Verify" [parts]="parts()" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VerifyStage {
  private readonly open = inject(OpenLink);
  protected readonly parts = computed(() => {
    const link = this.open.link();
    const family = link ? this.open.job().catalogue.cable(link.cable).family : null;
    return PARTS.filter(
      ({ families }) => families === null || (family !== null && families.includes(family)),
    );
  });
}
