import { TestBed } from '@angular/core/testing';
import { OneOf } from './one-of';

describe('OneOf', () => {
  const CHOICES = [
    { id: null, name: 'Cable still' },
    { id: 'near', name: 'Moved near' },
    { id: 'far', name: 'Moved far' },
  ];
  async function shown(chosen: string | null) {
    const fixture = TestBed.createComponent(OneOf<string | null>);
    fixture.componentRef.setInput('label', 'Whether it is moved');
    fixture.componentRef.setInput('choices', CHOICES);
    fixture.componentRef.setInput('chosen', chosen);
    const told: (string | null)[] = [];
    fixture.componentInstance.choose.subscribe((id) => told.push(id));
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    return { fixture, told, buttons: [...element.querySelectorAll('button')], element };
  }
  const checked = (buttons: readonly HTMLButtonElement[]) =>
    buttons.map((one) => one.getAttribute('aria-checked'));

  it('is a group of radio buttons, one of them on; nothing may be a choice too', async () => {
    const { buttons, element } = await shown(null);
    expect(element.querySelector('[role=radiogroup]')?.getAttribute('aria-label')).toBe(
      'Whether it is moved',
    );
    expect(buttons.map((one) => one.textContent?.trim())).toEqual(CHOICES.map(({ name }) => name));
    expect(checked(buttons)).toEqual(['true', 'false', 'false']);
  });

  it('tells what was chosen, and follows what is', async () => {
    const { fixture, told, buttons } = await shown('near');
    buttons[2]?.click();
    expect(told).toEqual(['far']);
    fixture.componentRef.setInput('chosen', 'far');
    await fixture.whenStable();
    expect(checked(buttons)).toEqual(['false', 'false', 'true']);
  });
});
