// The steps of a vessel at the torch, in the trade's words. Common practice, no source.
import { tr } from '../words/tr';
import { step, type StepKind } from './step';

/** Torch steps, in the order they usually come. */
export const TORCH_STEPS: readonly StepKind[] = [
  step(
    'torchOn',
    () => tr`Light the torch`,
    'torch',
    'torch',
    () => tr`Ventilation on, then the torch.`,
    {
      caution: () =>
        tr`Your torch’s maker and local code come first. Leaks checked, ventilation on; fuel first, then oxygen. Didymium for soft glass, darker for hard.`,
    },
  ),
  step(
    'points',
    () => tr`Pull points`,
    'torch',
    'tubing',
    () => tr`Warm the tubing, pull a handle at each end, keep it straight.`,
    {
      needs: 'soft',
      caution: () => tr`Hot ends are parked pointing up and away.`,
    },
  ),
  step(
    'blowBottom',
    () => tr`Close and blow the bottom`,
    'torch',
    'tubing',
    () => tr`Melt off one point, gather the end even, blow it round.`,
    { needs: 'soft' },
  ),
  step(
    'shapeTorch',
    () => tr`Shape`,
    'torch',
    'graphite',
    () => tr`Blow to width a zone at a time, straighten, check with the calipers.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'openTorch',
    () => tr`Open the mouth`,
    'torch',
    'reamer',
    () => tr`Blow a thin hole and break it out, flare with the reamer.`,
    {
      needs: 'workable',
      caution: () => tr`Blown shards are razor-thin: break them out over a bin, eyes covered.`,
    },
  ),
  step(
    'sealTorch',
    () => tr`Seal`,
    'torch',
    'torch',
    () => tr`Melt off the last point and round the seal.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'flameAnneal',
    () => tr`Flame-anneal`,
    'torch',
    'soft flame',
    () => tr`Even the whole piece in a soft, wide flame before it leaves your hand.`,
    {
      needs: 'set',
    },
  ),
  step(
    'warmThrough',
    () => tr`Back through the flame`,
    'torch',
    'soft flame',
    () => tr`All of it, in a wide flame, so that nothing falls too cold while one place is worked.`,
    { fire: true },
  ),
  step(
    'warmRod',
    () => tr`Warm the rod`,
    'torch',
    'rod',
    () => tr`Slowly, at the edge of the flame, or out of a kiln.`,
    {
      caution: () => tr`Cold soft glass flies to splinters: eyes covered, flame first at its edge.`,
    },
  ),
  step(
    'beginRod',
    () => tr`Begin the rod`,
    'torch',
    'rod',
    () => tr`Hard glass goes in cold: bring its end to a clean ball, turning.`,
    { caution: () => tr`The other end is cold and stays so: hold it there, and mark it.` },
  ),
  step(
    'cutTube',
    () => tr`Cut to length`,
    'torch',
    'scratch, flame',
    () => tr`Scratch and snap, or melt apart; ends fire-polished.`,
    {
      caution: () => tr`Cut ends are sharp; chips fly: eyes covered.`,
    },
  ),
  step(
    'hose',
    () => tr`Blow hose on`,
    'torch',
    'hose',
    () => tr`Swivel on, so both hands stay at the glass.`,
  ),
  step(
    'maria',
    () => tr`Push a ridge`,
    'torch',
    'tubing',
    () => tr`One narrow ring hot, push together straight.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'blowHole',
    () => tr`Blow a hole`,
    'torch',
    'torch',
    () => tr`A spot hot, puff it out thin, break it away, melt the edge.`,
    {
      needs: 'soft',
      caution: () => tr`Blown shards are razor-thin: over a bin, eyes covered.`,
    },
  ),
  step(
    'stampTorch',
    () => tr`Stamp or mash`,
    'torch',
    'stamp',
    () => tr`Hot through, press once, back to the flame.`,
    { needs: 'soft' },
  ),
  step(
    'ream',
    () => tr`Ream`,
    'torch',
    'graphite',
    () => tr`Round and to size on the octagonal reamer: 3 mm of gap is a reject.`,
    { needs: 'workable' },
  ),
  step(
    'hook',
    () => tr`Hook a handle on`,
    'torch',
    'rod',
    () => tr`Small rod to big tube: both ends hot, bend, weld.`,
    { needs: 'workable' },
  ),
  step(
    'weld',
    () => tr`Weld`,
    'torch',
    'torch',
    () => tr`Both faces white-hot, push a little together, pull a little apart.`,
    { needs: 'soft' },
  ),
  step(
    'notchTorch',
    () => tr`Take the notch out`,
    'torch',
    'torch',
    () => tr`Melt the weld until the fillet is round: notches crack.`,
    { needs: 'soft' },
  ),
  step(
    'fumeTorch',
    () => tr`Fume`,
    'torch',
    'metal',
    () => tr`Behind the metal in a lean flame.`,
    {
      caution: () => tr`Silver and gold fume: strong ventilation, nobody downwind.`,
    },
  ),
  step(
    'kilnGarage',
    () => tr`Into the kiln to wait`,
    'kiln',
    'tongs',
    () => tr`Hard glass at 540–650 °C, usually 565.`,
    {
      caution: () => tr`Power off before reaching in; gloves.`,
    },
  ),
  step(
    'kilnFetch',
    () => tr`Out of the kiln`,
    'kiln',
    'tongs',
    () => tr`Back to the flame before it cools.`,
    {
      caution: () => tr`Power off before reaching in; gloves.`,
    },
  ),
  step(
    'torchOff',
    () => tr`Torch off`,
    'torch',
    'torch',
    () => tr`Close down once the piece is safe.`,
    {
      caution: () =>
        tr`Your torch’s maker and local code come first: oxygen off, then fuel, the reverse of lighting. Scrap in water: leave it some minutes.`,
    },
  ),
];
