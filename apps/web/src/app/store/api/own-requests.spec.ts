import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { ownRequests } from './own-requests';

/** Longer than a server that is there says nothing to a short question. */
const A_WHILE_MS = 30_000;

describe('A request to the server', () => {
  beforeEach(() => {
    jasmine.clock().install();
    TestBed.configureTestingModule({
      providers: [provideHttpClient(withInterceptors([ownRequests])), provideHttpClientTesting()],
    });
  });
  afterEach(() => jasmine.clock().uninstall());

  /** Whether it is still waited for after a while. */
  function waitsFor(path: string): boolean {
    let gaveUp = false;
    TestBed.inject(HttpClient)
      .get(path)
      .subscribe({ error: () => (gaveUp = true) });
    const [request] = TestBed.inject(HttpTestingController).match(path);
    jasmine.clock().tick(A_WHILE_MS);
    expect(request?.cancelled).withContext(path).toBe(gaveUp);
    return !gaveUp;
  }

  it('is given up where a server that is there would have answered', () => {
    expect(waitsFor('/api/sites')).toBeFalse();
    expect(waitsFor('/api/search')).toBeFalse();
  });

  it('is waited for where the server has much to do', () => {
    for (const path of [
      '/api/sites/x/handover.pdf',
      '/api/sites/x/handover.zip',
      '/api/sites/x/plan/day',
      '/api/sites/x/plan/cut',
      '/api/sites/x/links/import',
    ])
      expect(waitsFor(path)).withContext(path).toBeTrue();
  });
});
