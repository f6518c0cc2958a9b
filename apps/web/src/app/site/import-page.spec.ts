import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { SITE_ID } from '../testing/links';
import { headlineOf } from '../testing/page';
import { openSite } from '../testing/store';
import { ImportPage } from './import-page';

describe('ImportPage', () => {
  let http: HttpTestingController;
  let element: HTMLElement;
  let detect: () => void;
  const headline = () => headlineOf(element);
  const path = (dryRun: boolean) => `/api/sites/${SITE_ID}/links/import?dryRun=${String(dryRun)}`;
  const report = (count: number) => ({
    dryRun: true,
    imported: 0,
    count,
    hubs: [{ hub: 'C1', count }],
    notes: [{ line: 2, field: 'cable', sentence: "'Cat 6' does not say solid." }],
    noteCount: 1,
    links: [
      {
        label: 'K1',
        hub: 'C1',
        near: { place: 'C1/1', connector: 'keystone-punch-down', scheme: 'T568A' },
        far: { place: 'Kiosk', connector: 'plug-8p8c', scheme: 'T568B' },
        cable: 'cat6-uutp-solid',
        lengthM: null,
        route: [],
        environment: 'indoor',
        schools: {},
        note: '',
      },
    ],
  });
  const paste = (text: string) => {
    const box = element.querySelector('textarea') as HTMLTextAreaElement;
    box.value = text;
    (box.nextElementSibling as HTMLButtonElement).click();
    detect();
  };
  const press = () => {
    element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
    detect();
  };

  beforeEach(async () => {
    ({ http } = await openSite([]));
    const fixture = TestBed.createComponent(ImportPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    detect = () => fixture.detectChanges();
    detect();
    element = fixture.nativeElement as HTMLElement;
  });

  it('previews what was read, with what was taken for granted, then imports it', () => {
    const visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    paste('label,...');
    http.expectOne(path(true)).flush(report(1));
    detect();
    expect(headline()).toBe('One link is read. Import it.');
    expect(element.textContent).toContain("Line 2 cable: 'Cat 6' does not say solid.");
    const row = [...(element.querySelector('tbody tr')?.children ?? [])].map((cell) =>
      cell.textContent?.trim(),
    );
    expect(row).toEqual([
      'K1',
      'C1/1',
      'Kiosk',
      'Cat 6 U/UTP solid',
      'Keystone jack, punch-down',
      '8P8C plug',
      'T568A to T568B',
      'not known',
    ]);
    press();
    http.expectOne(path(false)).flush({ ...report(1), dryRun: false, imported: 1 });
    expect(visited).toHaveBeenCalled();
  });

  it('tells every bad cell, and imports nothing', () => {
    paste('label,...');
    const cells = [
      { line: 3, column: 8, field: 'length', reason: "'x' is not a unit." },
      { line: 4, column: 0, field: '', reason: 'This line is not closed.' },
    ];
    http.expectOne(path(true)).flush(
      {
        type: 'about:blank',
        title: 'Schedule not imported',
        status: 422,
        detail: '2 cells',
        cells,
        errorCount: 7000,
      },
      { status: 422, statusText: 'Unprocessable' },
    );
    detect();
    expect(headline()).toBe('Mend these cells and bring the file again.');
    const told = [...element.querySelectorAll('.cells li')].map((item) => item.textContent);
    expect(told[0]).toContain('Line 3, column 8');
    expect(told[1]).toContain('Line 4');
    expect(told[1]).not.toContain('column');
    expect(element.textContent).toContain('And 6998 more.');
  });

  it('can be cancelled while it is read', () => {
    paste('label,...');
    expect(headline()).toBe('Reading pasted text.');
    const asked = http.expectOne(path(true));
    [...element.querySelectorAll('button')]
      .find((button) => button.textContent?.includes('Cancel'))
      ?.click();
    detect();
    expect(asked.cancelled).toBeTrue();
    expect(headline()).toBe('Bring the cable schedule.');
  });

  it('says that the server is away, and lets the file be brought again', () => {
    paste('label,...');
    http.expectOne(path(true)).error(new ProgressEvent('error'));
    detect();
    expect(headline()).toBe('No answer.');
    expect(element.textContent).toContain('The server does not answer.');
  });

  it('keeps what was pasted over every error, and over leaving the page', () => {
    const box = () => element.querySelector('textarea')?.value;
    const text = 'label,from\nK1,Łódź';
    paste(text);
    http.expectOne(path(true)).error(new ProgressEvent('error'));
    detect();
    expect(box()).toBe(text);
    const again = TestBed.createComponent(ImportPage);
    again.componentRef.setInput('siteId', SITE_ID);
    again.detectChanges();
    expect((again.nativeElement as HTMLElement).querySelector('textarea')?.value).toBe(text);
  });

  it('tells each word that it took for something, or did not read, with its line', () => {
    paste('label,...');
    const notes = [
      {
        line: 2,
        field: 'cable',
        sentence: "'Cat5' does not say whether it is 5e: read as Cat 5e.",
      },
      { line: 3, field: 'cable', sentence: "'Cat 6 purple' has ‘purple’, which was not read." },
    ];
    http.expectOne(path(true)).flush({ ...report(2), notes, noteCount: 2 });
    detect();
    for (const { line, sentence } of notes) {
      expect(element.textContent).toContain(`Line ${line}`);
      expect(element.textContent).toContain(sentence);
    }
    expect(headline()).toContain('Import');
  });
});
