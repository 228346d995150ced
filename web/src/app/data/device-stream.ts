import { Injectable } from '@angular/core';
import { Observable, map, timeout } from 'rxjs';
import { DevicePacket } from '@core/contract';
import type { SimulatedKind } from '@core/device';
import { bypass } from './past-worker';

/** A device that has said nothing for so long is taken to be unplugged, ms. */
const silenceMs = 1500;

/** What a device sends, packet by packet; fails where it falls silent or the server goes. */
@Injectable({ providedIn: 'root' })
export class DeviceStream {
  open(device: 'mat' | 'gauge', kind: SimulatedKind, seed: number): Observable<DevicePacket> {
    return new Observable<string>((listener) => {
      const source = new EventSource(`/api/devices/${device}?kind=${kind}&seed=${seed}&${bypass}`);
      source.onmessage = ({ data }: MessageEvent<string>) => listener.next(data);
      source.onerror = () => listener.error(new Error('the device is gone'));
      return () => source.close();
    }).pipe(
      timeout({ each: silenceMs }),
      map((data) => DevicePacket.parse(JSON.parse(data))),
    );
  }
}
