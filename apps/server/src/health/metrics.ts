import type { RequestHandler } from 'express';
import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client';
import type { WorkPool } from '../work/pool';

const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 30];

/** How the server is doing, in the format of Prometheus: requests, jobs, and how long its loop is held up. */
export class Metrics {
  private readonly registry = new Registry();
  private readonly seconds: Histogram;
  private readonly errors: Counter;

  constructor(pool: WorkPool) {
    const registers = [this.registry];
    // Among them nodejs_eventloop_lag_*: how long who asks for something small has to wait.
    collectDefaultMetrics({ register: this.registry, eventLoopMonitoringPrecision: 5 });
    this.seconds = new Histogram({
      name: 'http_request_seconds',
      help: 'Time to answer',
      labelNames: ['method', 'route', 'status'],
      buckets: SECONDS,
      registers,
    });
    this.errors = new Counter({
      name: 'http_server_errors_total',
      help: 'Answers of 500 and above',
      labelNames: ['status'],
      registers,
    });
    const lane = (name: string, help: string, of: 'processes' | 'waiting' | 'done') =>
      new Gauge({
        name,
        help,
        labelNames: ['lane'],
        registers,
        collect() {
          for (const state of pool.states()) this.set({ lane: state.lane }, state[of]);
        },
      });
    lane('work_processes', 'Processes for jobs', 'processes');
    lane('work_waiting', 'Jobs that wait for a thread', 'waiting');
    lane('work_done', 'Jobs that were done', 'done');
  }

  readonly count: RequestHandler = (request, response, next) => {
    const begun = performance.now();
    response.once('finish', () => {
      const { statusCode } = response;
      const route = (request.route as { path?: unknown } | undefined)?.path;
      this.seconds.observe(
        {
          method: request.method,
          route: typeof route === 'string' ? route : 'other',
          status: statusCode,
        },
        (performance.now() - begun) / 1000,
      );
      if (statusCode >= 500) this.errors.inc({ status: statusCode });
    });
    next();
  };

  readonly show: RequestHandler = async (_request, response) => {
    response.type(this.registry.contentType).send(await this.registry.metrics());
  };

  stop(): void {
    this.registry.clear();
  }
}
