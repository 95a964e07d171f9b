// The steps of colour, pattern, bits and assembly at the furnace, in the trade's words. Common practice, no source.
import { tr } from '../words/tr';
import { DOOR_CAUTION, GLARE, HAND_TORCH, TWO } from './cautions';
import { step, type StepKind } from './step';

const DUST = () => tr`Powder and frit dust: hood on or mask, wet cloth, never a dry broom.`;

/** Steps for colour, pattern, bits and joining. */
export const ASSEMBLY_STEPS: readonly StepKind[] = [
  step(
    'warmColour',
    () => tr`Warm the colour`,
    'colour kiln',
    'kiln',
    () => tr`Bar and cane come up slowly to about 540 °C, or they fly.`,
    {
      caution: () => tr`Power off before reaching in; cold bar in the fire spits.`,
    },
  ),
  step(
    'pickColour',
    () => tr`Pick the colour up`,
    'colour kiln',
    'pipe',
    () => tr`A small collar of clear takes the bar; then heat it through.`,
    {
      needs: 'soft',
      caution: () => tr`Power off before reaching in.`,
    },
  ),
  step(
    'rollColour',
    () => tr`Roll in powder`,
    'marver',
    'powder',
    () => tr`Hot enough to hold, even all round.`,
    {
      needs: 'soft',
      caution: DUST,
    },
  ),
  step(
    'pickCane',
    () => tr`Pick the canes up`,
    'colour kiln',
    'plate',
    () => tr`Roll the bubble over the warm canes; the last meets the first.`,
    {
      needs: 'soft',
      caution: () => tr`Power off before reaching in.`,
    },
  ),
  step(
    'twist',
    () => tr`Twist`,
    'bench',
    'jacks',
    () => tr`Hold the tip and turn the iron; what is hottest twists most.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'dipMould',
    () => tr`Dip mould`,
    'bench',
    'mould',
    () => tr`Straight down, puff, straight up: ribs print at once.`,
    {
      needs: 'soft',
      caution: () => tr`A wet mould spits: dry and warm it.`,
    },
  ),
  step(
    'leaf',
    () => tr`Roll on leaf`,
    'marver',
    'leaf',
    () => tr`Once over, no going back; it tears as the glass stretches.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'fume',
    () => tr`Fume`,
    'bench',
    'fume',
    () => tr`Turn in the vapour until the sheen comes.`,
    {
      caution: () => tr`Metal fume: under the hood only, never in the open room.`,
    },
  ),
  step(
    'clearButton',
    () => tr`Clear button`,
    'bench',
    'bit',
    () => tr`Colour lies outside here: a button of clear where the punty will stick.`,
    {
      caution: TWO,
    },
  ),
  step(
    'flash',
    () => tr`Flash`,
    'glory hole',
    'glory hole',
    () => tr`In and out, so that nothing falls too cold.`,
    {
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'garage',
    () => tr`Into the garage`,
    'garage',
    'gloves',
    () => tr`To wait at heat until its turn.`,
    {
      caution: DOOR_CAUTION,
    },
  ),
  step(
    'fetch',
    () => tr`Out of the garage`,
    'garage',
    'punty',
    () => tr`On a punty, straight to the fire.`,
    {
      caution: DOOR_CAUTION,
    },
  ),
  step(
    'bit',
    () => tr`Bring a bit`,
    'furnace',
    'punty',
    () => tr`Gathered to the weight, shaped on the marver, hot to the bench on time.`,
    {
      needs: 'soft',
      caution: () => tr`Say when you come in; hot glass swings.`,
    },
  ),
  step(
    'attach',
    () => tr`Join`,
    'bench',
    'jacks',
    () => tr`Faces hot and at matching heat; down straight, hold until it takes.`,
    {
      needs: 'workable',
      caution: TWO,
    },
  ),
  step(
    'glueBit',
    () => tr`Glue bit`,
    'bench',
    'bit',
    () => tr`A dab of hot glass on the cooler face, then the join.`,
    {
      needs: 'soft',
      caution: TWO,
    },
  ),
  step(
    'straight',
    () => tr`Check it is straight`,
    'bench',
    'eye',
    () => tr`From several sides, before it sets.`,
  ),
  step(
    'shapeBit',
    () => tr`Shape the bit`,
    'bench',
    'jacks, tweezers',
    () => tr`To the calipers while it is alone hot.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'handle',
    () => tr`Handle`,
    'bench',
    'bit, tweezers',
    () => tr`Low on first, up and over, melt both ends in.`,
    {
      caution: TWO,
    },
  ),
  step(
    'spout',
    () => tr`Pull the spout`,
    'bench',
    'jacks',
    () => tr`Heat one place of the lip and draw it out and down.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'prunts',
    () => tr`Dots and prunts`,
    'bench',
    'bit, stamp',
    () => tr`Drop, shear, stamp; each melted in at its edge.`,
    {
      caution: TWO,
    },
  ),
  step(
    'wrap',
    () => tr`Wrap`,
    'bench',
    'bit',
    () => tr`Start, turn steadily, thin off and cut.`,
    {
      caution: TWO,
    },
  ),
  step(
    'meltNotch',
    () => tr`Round the notch`,
    'bench',
    'hand torch',
    () => tr`Melt the sharp inner corner until the fillet is round: notches crack.`,
    {
      caution: HAND_TORCH,
    },
  ),
  step(
    'fold',
    () => tr`Fold the rim`,
    'bench',
    'jacks',
    () => tr`Over and down: a hollow rim, double thickness, strong.`,
    { needs: 'soft' },
  ),
  step(
    'steam',
    () => tr`Steam it out`,
    'bench',
    'wet stick',
    () => tr`Nobody blows through a solid iron: steam, or a puff through a cone.`,
    {
      needs: 'soft',
      caution: () => tr`Steam: stand back from the mouth.`,
    },
  ),
  step(
    'thinLip',
    () => tr`Thin the lip`,
    'bench',
    'jacks',
    () => tr`Light and quick: it has twenty seconds.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'coolStem',
    () => tr`Cool the stem`,
    'bench',
    'air',
    () => tr`What is nearest the iron softens in every heat: keep it stiff.`,
    { needs: 'set' },
  ),
  step(
    'shield',
    () => tr`Shield`,
    'bench',
    'paddle',
    () => tr`Between the hot part and the hand that holds.`,
  ),
  step(
    'scrap',
    () => tr`Scrap away`,
    'knock-off',
    'bucket',
    () => tr`Clear to the clean bucket, coloured to the other.`,
    {
      caution: () => tr`Quenched scrap flies: leave it in the water some minutes.`,
    },
  ),
  step(
    'polishScar',
    () => tr`Fire-polish the scar`,
    'knock-off',
    'hand torch',
    () => tr`Until it is smooth: a forgotten scar cuts.`,
    {
      caution: () => tr`Heat-proof gloves and shade; local gas rules.`,
    },
  ),
];
