// At the boxes: what each controller says, what its night does, and how it is reached.
import { tr } from '@zanfirico/core/words';
import { ORDINARY_REGISTERS, STAND_IN, type DeviceDocument } from '@zanfirico/contract/boxes';
import { Plus } from 'lucide-react';
import { dropDevice, keepDevice, sentenceOf } from '../../../api/client';
import { useAnnealers } from '../../../night/useTonightBox';
import { DeviceFields } from '../../../boxes/DeviceFields';
import { DeviceCaution } from '../../../boxes/Keys';
import { useDevices, useTelling } from '../../../boxes/useDevices';
import { useShop } from '../../../stores/theShop';
import { troubled } from '../../../stores/troubled';
import { LiveBox } from './LiveBox';
import { TroubleLine } from '../../../marks/TroubleLine';

export function LiveView() {
  const { devices, here, failure } = useDevices();
  const { again } = useTelling();
  const annealers = useAnnealers();
  const pots = useShop((s) => s.shop?.document.pots) ?? [{ id: 'pot1', name: tr`the pot` }];
  const heats = [
    ...annealers.map((a) => ({ kind: 'annealer' as const, of: a.name, name: a.name })),
    ...pots.map((p) => ({ kind: 'furnace' as const, of: p.id, name: tr`furnace of ${p.name}` })),
  ];
  const change = (device: DeviceDocument): void => {
    keepDevice(device).then(again, troubled);
  };
  // In the shop's order.
  const place = (name: string): number => annealers.findIndex((a) => a.name === name);
  const boxes = devices
    .filter((d) => d.device.kind === 'annealer')
    .sort((a, b) => place(a.device.of) - place(b.device.of));
  return (
    <div className="px-5 py-3">
      {failure !== null && failure !== undefined && (
        <TroubleLine className="mb-3">{sentenceOf(failure)}</TroubleLine>
      )}
      {here && boxes.length === 0 && (
        <p className="py-3 text-lg">{tr`No annealer has a controller that can be asked yet. Add one below: any that speaks Modbus TCP, or a stand-in that ships with this.`}</p>
      )}
      {boxes.map((now) => (
        <LiveBox key={now.device.id} now={now} />
      ))}
      <DeviceCaution />
      <section aria-label={tr`Controllers`} className="no-print mt-6 max-w-4xl">
        <h2 className="text-2xl">{tr`Controllers`}</h2>
        {devices.map(({ device }) => (
          <details key={device.id} className="border-base-300 border-b py-2">
            <summary className="cursor-pointer">
              {heats.find((h) => h.kind === device.kind && h.of === device.of)?.name ?? device.of}{' '}
              <span className="quiet">
                {device.host === STAND_IN
                  ? tr`stand-in, unit ${device.unit}`
                  : tr`${device.host}:${device.port}, unit ${device.unit}`}
              </span>
            </summary>
            <DeviceFields
              device={device}
              heats={heats}
              onChange={change}
              onDrop={() => {
                dropDevice(device.id).then(again, troubled);
              }}
            />
          </details>
        ))}
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-2"
          onClick={() => {
            const taken = new Set(devices.map((d) => d.device.id));
            let n = devices.length + 1;
            while (taken.has(`device${String(n)}`)) n += 1;
            const free = heats.find(
              (h) => !devices.some((d) => d.device.kind === h.kind && d.device.of === h.of),
            );
            const [first] = heats;
            const of = free ?? first;
            if (of)
              change({
                id: `device${String(n)}`,
                kind: of.kind,
                of: of.of,
                host: '127.0.0.1',
                port: 502,
                unit: 1,
                fahrenheit: false,
                every: 5,
                registers: ORDINARY_REGISTERS,
              });
          }}
        >
          <Plus className="size-4" /> {tr`a controller`}
        </button>
      </section>
    </div>
  );
}
