// The steps of a vessel at the torch, in the trade's words. Common practice, no source.
import { step, type Step } from './step';

/** Torch steps, in the order they usually come. */
export const TORCH_STEPS: readonly Step[] = [
  step('torchOn', 'Light the torch', 'torch', 'torch', 'Ventilation on, then the torch.', {
    caution:
      'Follow your torch maker’s and supplier’s instructions and local code; ventilation on, didymium or darker shade.',
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
  step('torchOff', 'Torch off', 'torch', 'torch', 'Close down once the piece is safe.', {
    caution: 'Follow your torch maker’s and supplier’s instructions and local code.',
  }),
];
