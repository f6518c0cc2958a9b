import { DestroyRef, Directive, ElementRef, inject, input } from '@angular/core';
import { parseNumber } from '@near-spoke/core/units';

/**
 * A field for one number of a unit: what is typed and can't be read is said below it, while it is typed. What
 * the page goes by meanwhile is what it went by before.
 */
@Directive({
  selector: 'input[nsReads]',
  host: { '(input)': 'look()', '(change)': 'look()' },
})
export class Reads {
  /** The unit that stands beside the field. */
  readonly nsReads = input.required<string>();
  private readonly box = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;
  private readonly said = this.box.ownerDocument.createElement('p');

  constructor() {
    this.said.className = 'typo';
    this.said.setAttribute('role', 'status');
    inject(DestroyRef).onDestroy(() => this.said.remove());
  }

  protected look(): void {
    const parsed = parseNumber(this.box.value, this.nsReads());
    this.said.textContent = parsed.ok ? '' : parsed.reason;
    if (parsed.ok) this.said.remove();
    else (this.box.closest('mat-form-field') ?? this.box).after(this.said);
    if (parsed.ok) this.box.removeAttribute('aria-invalid');
    else this.box.setAttribute('aria-invalid', 'true');
  }
}
