import { ChangeDetectionStrategy, Component } from '@angular/core';

/** What to see to before an instrument is put to a line. */
@Component({
  selector: 'ns-line-caution',
  template: `
    <p class="caution">
      Nothing may be on the line: disconnect equipment at both ends. Telephone lines carry ringing
      voltage; power over data cables must be off.
    </p>
  `,
  styles: `
    p {
      margin: 0.75rem 0 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineCaution {}
