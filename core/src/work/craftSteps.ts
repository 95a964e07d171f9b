// The finer moves of the furnace bench, in the trade's words: paper, spots, scores, boards, feet, bits, and what comes after the box.
// Common practice, no source.
import { GLARE, HAND_TORCH, TRIMMINGS, TWO } from './cautions';
import { step, type Step } from './step';

const STEAM = 'Steam: keep it wet and your hand behind it.';
const GRIT = 'Wet grinding only: eyes covered, guards on, slurry wiped up wet.';

/** The finer moves. */
export const CRAFT_STEPS: readonly Step[] = [
  step(
    'growBubble',
    'Grow the bubble',
    'bench',
    'pipe',
    'A breath at a time until the wall is even; the next gather wants a shell, not a bead.',
    { needs: 'soft' },
  ),
  step(
    'wetPaper',
    'Wet paper',
    'bench',
    'wet newspaper',
    'Shape in the folded wet paper in the palm; it rides on steam.',
    { needs: 'workable', caution: STEAM },
  ),
  step(
    'swing',
    'Swing or hang',
    'bench',
    'pipe',
    'Let its own weight lengthen it: hang it, or swing it clear of everyone.',
    { needs: 'soft', caution: 'Hot glass swings: look behind you and say so.' },
  ),
  step(
    'spotHeat',
    'Hand torch on a spot',
    'bench',
    'hand torch',
    'Only what has to move: the rest keeps its shape.',
    { caution: HAND_TORCH },
  ),
  step(
    'stiffenSpot',
    'Stiffen a spot',
    'bench',
    'puffer, air, wet paper',
    'Cool what must not move before what is beside it is worked.',
  ),
  step(
    'collar',
    'Collar for the bar',
    'marver',
    'marver',
    'A little clear on the tip, pressed flat: the bar sticks to it.',
    { needs: 'soft' },
  ),
  step('rollFrit', 'Roll in frit', 'marver', 'frit', 'Crumbs first, then a heat, then powder.', {
    needs: 'soft',
    caution: 'Frit dust: hood on or mask, wet cloth, never a dry broom.',
  }),
  step(
    'setIn',
    'Set it in',
    'marver',
    'marver',
    'A pinch of ash, a disc, a slice: pressed onto this gather, under the next.',
    { needs: 'soft', caution: 'What is set in is dry and warm, or it spits.' },
  ),
  step('drip', 'Drip and fold', 'bench', 'bit', 'Let it run from the bit, fold it over itself.', {
    needs: 'soft',
    caution: TWO,
  }),
  step(
    'score',
    'Score the neck',
    'bench',
    'file, shears, water',
    'One line all round, a drop of water on it: it breaks where it was scored.',
    { caution: 'Cold scores spring: eyes covered.' },
  ),
  step(
    'footing',
    'Footing boards',
    'bench',
    'boards',
    'Between the boards the foot comes out flat and of one thickness.',
    { needs: 'workable' },
  ),
  step('masher', 'Masher', 'bench', 'masher', 'Flat sides and a flat bottom, pressed once.', {
    needs: 'workable',
  }),
  step(
    'measure',
    'Measure',
    'bench',
    'calipers',
    'Against calipers set before: smaller asks for another heat, larger for more.',
  ),
  step('plug', 'Plug', 'bench', 'jacks', 'A solid plug of glass closes the tube here.', {
    needs: 'soft',
  }),
  step('ridge', 'Ridge', 'bench', 'shears', 'Pinch a ridge with the shears and twist it round.', {
    needs: 'soft',
  }),
  step(
    'spoolFoot',
    'Spool a foot on',
    'bench',
    'bit',
    'Wind the bit round under the base, cut, then press it flat between the boards.',
    { caution: TWO },
  ),
  step('closeEnd', 'Close the bubble’s end', 'bench', 'jacks', 'Jack it in and seal it.', {
    needs: 'soft',
  }),
  step('dropDisc', 'Drop a disc in', 'bench', 'bit', 'A hot disc falls into the open end.', {
    needs: 'soft',
    caution: TWO,
  }),
  step('constrict', 'Constrict again', 'bench', 'jacks', 'In at the waist, light and round.', {
    needs: 'workable',
  }),
  step(
    'lowerOn',
    'Lower a hot bubble on',
    'bench',
    'pipe',
    'Straight from the fire, without the garage: down on the axis, a little push, hold.',
    { caution: 'Two hot irons: one person leads, the other only holds.' },
  ),
  step('cutFree', 'Cut it free', 'bench', 'shears', 'Cut above the join while it is soft.', {
    needs: 'soft',
    caution: TRIMMINGS,
  }),
  step(
    'openFoot',
    'Open a foot bubble',
    'bench',
    'jacks',
    'On the pipe: the bubble is opened out to a foot.',
    { needs: 'workable' },
  ),
  step(
    'thinBead',
    'Thin bead on its edge',
    'bench',
    'bit',
    'A thread round the foot’s edge: it opens without fluting.',
    { needs: 'workable', caution: TWO },
  ),
  step('foldFoot', 'Fold the foot', 'bench', 'jacks', 'The edge over and under: double, strong.', {
    needs: 'soft',
  }),
  step('castOff', 'Cast the bit off', 'bench', 'shears', 'Thin the tail, cut it, tuck it in.', {
    needs: 'soft',
  }),
  step(
    'makePunty',
    'Make the punty',
    'furnace',
    'punty',
    'A little glass, a neat flat cone, cooled until it only just sticks; in heat like the base.',
    { caution: 'Face shield or shade at the furnace mouth.' },
  ),
  step(
    'bringBit',
    'Bring the bit',
    'furnace',
    'bit iron',
    'Gathered to the weight, shaped on the marver, at the bench when it is called.',
    { caution: 'Say when you come in; hot glass swings.' },
  ),
  step('addBit', 'Add a bit', 'bench', 'bit, shears', 'Drop it on, cut it, shape it at once.', {
    caution: TWO,
  }),
  step(
    'letSet',
    'Let the colour leave',
    'bench',
    'bench',
    'Turn it until its inside holds its form: nobody turns it in the box.',
  ),
  step(
    'lastFlash',
    'A last flash',
    'glory hole',
    'glory hole',
    'Two or three seconds: the skin comes back, the inside stays set. Then away.',
    { fire: true, caution: GLARE },
  ),
  step(
    'heatIn',
    'Heat the colour in',
    'glory hole',
    'glory hole',
    'Until it lies in the glass and no tool pulls it off.',
    { fire: true, caution: GLARE },
  ),
  step(
    'cutLengths',
    'Cut the tube in lengths',
    'bench',
    'shears, water',
    'One patterned tube for several pieces, cut to the marks.',
    { caution: 'Chips fly when a cold line is tapped: eyes covered.' },
  ),
  step(
    'cutHeight',
    'Cut to height, cold',
    'cold bench',
    'saw',
    'To the height and what grinding takes.',
    { caution: GRIT },
  ),
  step(
    'polishCold',
    'Grind and polish, cold',
    'cold bench',
    'wheels, pads',
    'The scar and the edge through the grits; the last is wet and light.',
    { caution: GRIT },
  ),
];
