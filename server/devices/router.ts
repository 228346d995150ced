import { Router } from 'express';
import { DeviceAsked } from '@core/contract';
import { matHz, simulatedGauge, simulatedMat } from '@core/device';
import { readBody } from '../problem';

/** Samples are sent so often, a packet at a time, ms. */
const everyMs = 100;

/**
 * Simulated devices that ship with the application: a balance mat and an angle gauge that send like real ones, as
 * server-sent events. The unplugged one falls silent and leaves the line open, as a pulled cable does.
 */
export function deviceRouter(): Router {
  const router = Router();
  router.get('/:device', ({ params, query }, response) => {
    // a mark for the page's own service worker; a stream cannot carry it as a header
    const { 'ngsw-bypass': mark, ...asked } = query;
    void mark;
    const { device, kind, seed } = readBody(DeviceAsked, { ...asked, device: params.device });
    const samples = device === 'mat' ? simulatedMat(kind, seed) : simulatedGauge(kind, seed);
    response.setHeader('Content-Type', 'text/event-stream');
    // packing would hold samples back
    response.setHeader('Cache-Control', 'no-store, no-transform');
    response.flushHeaders();
    const sending = setInterval(() => {
      const packet: (number | readonly [number, number])[] = [];
      for (let i = 0; i < (matHz * everyMs) / 1000; i++) {
        const next = samples.next();
        if (next.done) break;
        packet.push(next.value);
      }
      if (packet.length > 0) response.write(`data: ${JSON.stringify(packet)}\n\n`);
    }, everyMs);
    response.on('close', () => clearInterval(sending));
  });
  return router;
}
