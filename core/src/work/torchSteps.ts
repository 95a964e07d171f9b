// The steps of a vessel at the torch, in the trade's words. Common practice, no source.
import { step, type Step } from './step';

/** Torch steps, in the order they usually come. */
export const TORCH_STEPS: readonly Step[] = [
  step('torchOn', 'Light the torch', 'torch', 'torch', 'Ventilation on, then the torch.', {
    caution:
      'Your torch’s maker and local code come first. Leaks checked, ventilation on; fuel first, then oxygen. Didymium for soft glass, darker for hard.',
  }),
  step(
    'points',
    'Pull points',
    'torch',
    'tubing',
    'Warm the tubing, pull a handle at each end, keep it straight.',
    {
      needs: 'soft',
      caution: 'Hot ends are parked pointing up and away.',
    },
  ),
  step(
    'blowBottom',
    'Close and blow the bottom',
    'torch',
    'tubing',
    'Melt off one point, gather the end even, blow it round.',
    { needs: 'soft' },
  ),
  step(
    'shapeTorch',
    'Shape',
    'torch',
    'graphite',
    'Blow to width a zone at a time, straighten, check with the calipers.',
    {
      needs: 'workable',
    },
  ),
  step(
    'openTorch',
    'Open the mouth',
    'torch',
    'reamer',
    'Blow a thin hole and break it out, flare with the reamer.',
    {
      needs: 'workable',
      caution: 'Blown shards are razor-thin: break them out over a bin, eyes covered.',
    },
  ),
  step('sealTorch', 'Seal', 'torch', 'torch', 'Melt off the last point and round the seal.', {
    needs: 'soft',
  }),
  step(
    'flameAnneal',
    'Flame-anneal',
    'torch',
    'soft flame',
    'Even the whole piece in a soft, wide flame before it leaves your hand.',
    {
      needs: 'set',
    },
  ),
  step(
    'warmThrough',
    'Back through the flame',
    'torch',
    'soft flame',
    'All of it, in a wide flame, so that nothing falls too cold while one place is worked.',
    { fire: true },
  ),
  step(
    'warmRod',
    'Warm the rod',
    'torch',
    'rod',
    'Slowly, at the edge of the flame, or out of a kiln.',
    {
      caution: 'Cold soft glass flies to splinters: eyes covered, flame first at its edge.',
    },
  ),
  step(
    'beginRod',
    'Begin the rod',
    'torch',
    'rod',
    'Hard glass goes in cold: bring its end to a clean ball, turning.',
    { caution: 'The other end is cold and stays so: hold it there, and mark it.' },
  ),
  step(
    'cutTube',
    'Cut to length',
    'torch',
    'scratch, flame',
    'Scratch and snap, or melt apart; ends fire-polished.',
    {
      caution: 'Cut ends are sharp; chips fly: eyes covered.',
    },
  ),
  step('hose', 'Blow hose on', 'torch', 'hose', 'Swivel on, so both hands stay at the glass.'),
  step('maria', 'Push a ridge', 'torch', 'tubing', 'One narrow ring hot, push together straight.', {
    needs: 'soft',
  }),
  step(
    'blowHole',
    'Blow a hole',
    'torch',
    'torch',
    'A spot hot, puff it out thin, break it away, melt the edge.',
    {
      needs: 'soft',
      caution: 'Blown shards are razor-thin: over a bin, eyes covered.',
    },
  ),
  step(
    'stampTorch',
    'Stamp or mash',
    'torch',
    'stamp',
    'Hot through, press once, back to the flame.',
    { needs: 'soft' },
  ),
  step(
    'ream',
    'Ream',
    'torch',
    'graphite',
    'Round and to size on the octagonal reamer: 3 mm of gap is a reject.',
    { needs: 'workable' },
  ),
  step(
    'hook',
    'Hook a handle on',
    'torch',
    'rod',
    'Small rod to big tube: both ends hot, bend, weld.',
    { needs: 'workable' },
  ),
  step(
    'weld',
    'Weld',
    'torch',
    'torch',
    'Both faces white-hot, push a little together, pull a little apart.',
    { needs: 'soft' },
  ),
  step(
    'notchTorch',
    'Take the notch out',
    'torch',
    'torch',
    'Melt the weld until the fillet is round: notches crack.',
    { needs: 'soft' },
  ),
  step('fumeTorch', 'Fume', 'torch', 'metal', 'Behind the metal in a lean flame.', {
    caution: 'Silver and gold fume: strong ventilation, nobody downwind.',
  }),
  step(
    'kilnGarage',
    'Into the kiln to wait',
    'kiln',
    'tongs',
    'Hard glass at 540–650 °C, usually 565.',
    {
      caution: 'Power off before reaching in; gloves.',
    },
  ),
  step('kilnFetch', 'Out of the kiln', 'kiln', 'tongs', 'Back to the flame before it cools.', {
    caution: 'Power off before reaching in; gloves.',
  }),
  step('torchOff', 'Torch off', 'torch', 'torch', 'Close down once the piece is safe.', {
    caution:
      'Your torch’s maker and local code come first: oxygen off, then fuel, the reverse of lighting. Scrap in water: leave it some minutes.',
  }),
];
