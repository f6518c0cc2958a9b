import { TestBed } from '@angular/core/testing';
import { SITE_ID, testLink } from '../testing/links';
import { button, goOn, headline, host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked, until } from '../testing/until';
import { HandoverPage } from './handover-page';

const KEY = { key: 'd75a', spoken: 'D75A 9801' };

describe('HandoverPage', () => {
  async function open(labels: readonly string[]) {
    const { http } = await openSite(labels.map((label) => testLink(label)));
    const fixture = TestBed.createComponent(HandoverPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    http.expectOne('/api/handover-key').flush(KEY);
    await shown(fixture);
    const file = (ending: string) =>
      asked(http, ({ url }) => url === `/api/sites/${SITE_ID}/handover.${ending}`);
    return { http, fixture, file };
  }

  it('says what will be handed over, what is not proven, and by which key', async () => {
    const { fixture } = await open(['K1', 'K2', 'K3']);
    expect(headline(fixture)).toBe('Hand over 3 links.');
    expect(text(fixture)).toContain('3 of them are not proven');
    expect(text(fixture)).toContain('D75A 9801');
  });

  it('offers nothing to make of no links', async () => {
    const { fixture } = await open([]);
    expect(headline(fixture)).toBe('There is no link to hand over yet.');
    expect(button(fixture, 'Archive').disabled).toBeTrue();
  });

  it('shows how far a document has come, saves it, and can be made to stop', async () => {
    const { http, fixture, file } = await open(['K1']);
    await goOn(fixture);
    const making = await file('pdf');
    expect(headline(fixture)).toBe('Being made');
    const job = making.request.params.get('job') ?? '';
    const progress = await asked(http, `/api/handovers/${job}`);
    progress.flush({ done: 20, total: 50 });
    await until('progress', () => {
      fixture.detectChanges();
      return headline(fixture) === 'Being made: 20 of 50 links';
    });
    host(fixture).querySelector<HTMLButtonElement>('.main button')?.click();
    expect(making.cancelled).toBeTrue();
    fixture.detectChanges();
    expect(text(fixture)).toContain('Cancelled. Nothing was made.');
    button(fixture, 'Archive').click();
    const click = spyOn(HTMLAnchorElement.prototype, 'click');
    (await file('zip')).flush(new Blob(['PK']));
    await shown(fixture);
    expect(click).toHaveBeenCalled();
    expect(text(fixture)).toContain('Berth 4.zip is made, and saved with your downloads.');
  });

  it('says that it could not be made', async () => {
    const { fixture, file } = await open(['K1']);
    await goOn(fixture);
    (await file('pdf')).error(new ProgressEvent('error'));
    await shown(fixture);
    expect(text(fixture)).toContain('It could not be made. The server does not answer.');
    expect(headline(fixture)).toBe('Hand over 1 link.');
    await goOn(fixture);
    const why = {
      type: 'about:blank',
      title: 'Too large',
      status: 413,
      detail: 'Photos take 500 MB.',
    };
    (await file('pdf')).flush(new Blob([JSON.stringify(why)]), {
      status: 413,
      statusText: 'Too large',
    });
    await until('the reason', () => {
      fixture.detectChanges();
      return text(fixture).includes('It could not be made. Photos take 500 MB.');
    });
  });
});
