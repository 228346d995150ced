/// <reference lib="webworker" />
import { Pump, type ToWorker } from './job';

const pump = new Pump(
  (message) => postMessage(message),
  (goOn) => setTimeout(goOn),
  () => performance.now(),
);
addEventListener('message', ({ data }: MessageEvent<ToWorker>) => pump.hear(data));
