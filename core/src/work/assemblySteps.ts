// The steps of colour, pattern, bits and assembly at the furnace, in the trade's words. Common practice, no source.
import { DOOR, GLARE, HAND_TORCH, TWO } from './cautions';
import { step, type Step } from './step';

const DUST = 'Powder and frit dust: hood on or mask, wet cloth, never a dry broom.';

/** Steps for colour, pattern, bits and joining. */
export const ASSEMBLY_STEPS: readonly Step[] = [
  step(
    'warmColour',
    'Warm the colour',
    'colour kiln',
    'kiln',
    'Bar and cane come up slowly to about 540 °C, or they fly.',
    {
      caution: 'Power off before reaching in; cold bar in the fire spits.',
    },
  ),
  step(
    'pickColour',
    'Pick the colour up',
    'colour kiln',
    'pipe',
    'A small collar of clear takes the bar; then heat it through.',
    {
      needs: 'soft',
      caution: 'Power off before reaching in.',
    },
  ),
  step('rollColour', 'Roll in powder', 'marver', 'powder', 'Hot enough to hold, even all round.', {
    needs: 'soft',
    caution: DUST,
  }),
  step(
    'pickCane',
    'Pick the canes up',
    'colour kiln',
    'plate',
    'Roll the bubble over the warm canes; the last meets the first.',
    {
      needs: 'soft',
      caution: 'Power off before reaching in.',
    },
  ),
  step(
    'twist',
    'Twist',
    'bench',
    'jacks',
    'Hold the tip and turn the iron; what is hottest twists most.',
    {
      needs: 'soft',
    },
  ),
  step(
    'dipMould',
    'Dip mould',
    'bench',
    'mould',
    'Straight down, puff, straight up: ribs print at once.',
    {
      needs: 'soft',
      caution: 'A wet mould spits: dry and warm it.',
    },
  ),
  step(
    'leaf',
    'Roll on leaf',
    'marver',
    'leaf',
    'Once over, no going back; it tears as the glass stretches.',
    {
      needs: 'soft',
    },
  ),
  step('fume', 'Fume', 'bench', 'fume', 'Turn in the vapour until the sheen comes.', {
    caution: 'Metal fume: under the hood only, never in the open room.',
  }),
  step(
    'clearButton',
    'Clear button',
    'bench',
    'bit',
    'Colour lies outside here: a button of clear where the punty will stick.',
    {
      caution: TWO,
    },
  ),
  step(
    'flash',
    'Flash',
    'glory hole',
    'glory hole',
    'In and out, so that nothing falls too cold.',
    {
      fire: true,
      caution: GLARE,
    },
  ),
  step('garage', 'Into the garage', 'garage', 'gloves', 'To wait at heat until its turn.', {
    caution: DOOR,
  }),
  step('fetch', 'Out of the garage', 'garage', 'punty', 'On a punty, straight to the fire.', {
    caution: DOOR,
  }),
  step(
    'bit',
    'Bring a bit',
    'furnace',
    'punty',
    'Gathered to the weight, shaped on the marver, hot to the bench on time.',
    {
      needs: 'soft',
      caution: 'Say when you come in; hot glass swings.',
    },
  ),
  step(
    'attach',
    'Join',
    'bench',
    'jacks',
    'Faces hot and at matching heat; down straight, hold until it takes.',
    {
      needs: 'workable',
      caution: TWO,
    },
  ),
  step(
    'glueBit',
    'Glue bit',
    'bench',
    'bit',
    'A dab of hot glass on the cooler face, then the join.',
    {
      needs: 'soft',
      caution: TWO,
    },
  ),
  step('straight', 'Check it is straight', 'bench', 'eye', 'From several sides, before it sets.'),
  step(
    'shapeBit',
    'Shape the bit',
    'bench',
    'jacks, tweezers',
    'To the calipers while it is alone hot.',
    {
      needs: 'workable',
    },
  ),
  step(
    'handle',
    'Handle',
    'bench',
    'bit, tweezers',
    'Low on first, up and over, melt both ends in.',
    {
      caution: TWO,
    },
  ),
  step(
    'spout',
    'Pull the spout',
    'bench',
    'jacks',
    'Heat one place of the lip and draw it out and down.',
    {
      needs: 'soft',
    },
  ),
  step(
    'prunts',
    'Dots and prunts',
    'bench',
    'bit, stamp',
    'Drop, shear, stamp; each melted in at its edge.',
    {
      caution: TWO,
    },
  ),
  step('wrap', 'Wrap', 'bench', 'bit', 'Start, turn steadily, thin off and cut.', {
    caution: TWO,
  }),
  step(
    'meltNotch',
    'Round the notch',
    'bench',
    'hand torch',
    'Melt the sharp inner corner until the fillet is round: notches crack.',
    {
      caution: HAND_TORCH,
    },
  ),
  step(
    'fold',
    'Fold the rim',
    'bench',
    'jacks',
    'Over and down: a hollow rim, double thickness, strong.',
    { needs: 'soft' },
  ),
  step(
    'steam',
    'Steam it out',
    'bench',
    'wet stick',
    'Nobody blows through a solid iron: steam, or a puff through a cone.',
    {
      needs: 'soft',
      caution: 'Steam: stand back from the mouth.',
    },
  ),
  step('thinLip', 'Thin the lip', 'bench', 'jacks', 'Light and quick: it has twenty seconds.', {
    needs: 'workable',
  }),
  step(
    'coolStem',
    'Cool the stem',
    'bench',
    'air',
    'What is nearest the iron softens in every heat: keep it stiff.',
    { needs: 'set' },
  ),
  step('shield', 'Shield', 'bench', 'paddle', 'Between the hot part and the hand that holds.'),
  step(
    'scrap',
    'Scrap away',
    'knock-off',
    'bucket',
    'Clear to the clean bucket, coloured to the other.',
    {
      caution: 'Quenched scrap flies: leave it in the water some minutes.',
    },
  ),
  step(
    'polishScar',
    'Fire-polish the scar',
    'knock-off',
    'hand torch',
    'Until it is smooth: a forgotten scar cuts.',
    {
      caution: 'Heat-proof gloves and shade; local gas rules.',
    },
  ),
];
