import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NextThing } from './next-thing';

describe('NextThing', () => {
  function told(inputs: Record<string, unknown>) {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const fixture = TestBed.createComponent(NextThing);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    let acts = 0;
    fixture.componentInstance.act.subscribe(() => (acts += 1));
    fixture.detectChanges();
    return { fixture, acts: () => acts, element: fixture.nativeElement as HTMLElement };
  }
  const space = () =>
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true }),
    );

  it('acts by its button and by Space', () => {
    const { element, acts } = told({ sentence: 'Trim.', why: 'It is time.', action: 'Done' });
    expect(element.querySelector('h2')?.textContent).toContain('Trim.');
    element.querySelector('button')?.click();
    space();
    expect(acts()).toBe(2);
  });

  it('does nothing while it is disabled, without an action, or gone', () => {
    const disabled = told({ sentence: 'Trim.', action: 'Done', disabled: true });
    space();
    expect(disabled.acts()).toBe(0);
    disabled.fixture.componentRef.setInput('disabled', false);
    disabled.fixture.componentRef.setInput('action', '');
    disabled.fixture.detectChanges();
    space();
    expect(disabled.acts()).toBe(0);
    expect(disabled.element.querySelector('button')).toBeNull();
    disabled.fixture.componentRef.setInput('action', 'Done');
    disabled.fixture.destroy();
    space();
    expect(disabled.acts()).toBe(0);
  });
});
