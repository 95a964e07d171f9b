// Devices as they are now, asked for again and again while somebody looks; and telling them something.
import type { DeviceDo, DeviceHappen, DeviceNow } from '@zanfirico/contract/boxes';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { happenTo, readDevices, tellDevice } from '../api/client';
import { troubled } from '../stores/troubled';

/** Asked for so often, ms. */
const EVERY = 2000;
const NONE: readonly DeviceNow[] = [];

/** All of them; none while they are not here. */
export function useDevices(): {
  readonly devices: readonly DeviceNow[];
  readonly here: boolean;
  readonly failure: unknown;
} {
  const asked = useQuery({
    queryKey: ['devices'],
    queryFn: readDevices,
    refetchInterval: EVERY,
    retry: false,
  });
  return { devices: asked.data ?? NONE, here: asked.isSuccess, failure: asked.error };
}

interface Telling {
  readonly tell: (id: string, what: DeviceDo) => void;
  readonly happen: (id: string, what: DeviceHappen) => void;
  readonly again: () => void;
}

/** Tells a device something, and asks for it again. */
export function useTelling(): Telling {
  const queries = useQueryClient();
  const again = (): void => {
    void queries.invalidateQueries({ queryKey: ['devices'] });
  };
  return {
    tell: (id, what) => {
      tellDevice(id, what).then(again, troubled);
    },
    happen: (id, what) => {
      happenTo(id, what).then(again, troubled);
    },
    again,
  };
}
