// The steps of a vessel at the furnace, in the trade's words. Common practice, no source.
import { tr } from '../words/tr';
import { GLARE, TRIMMINGS, TWO } from './cautions';
import { step, type StepKind } from './step';

/** Furnace steps, in the order they usually come. */
export const FURNACE_STEPS: readonly StepKind[] = [
  step(
    'warmIron',
    () => tr`Warm the iron`,
    'furnace',
    'pipe',
    () => tr`Tip to dull cherry, about 540 °C; cold iron takes no glass.`,
    {
      caution: () =>
        tr`Black iron can be hot: take it by the cool end, and never point the tip at anyone.`,
    },
  ),
  step(
    'gather',
    () => tr`Gather`,
    'furnace',
    'pipe',
    () => tr`Dip, turn, lift; keep turning.`,
    {
      needs: 'runny',
      fire: true,
      caution: () =>
        tr`Face shield or shade at the furnace mouth; keep others out of the swing of the iron.`,
    },
  ),
  step(
    'marver',
    () => tr`Marver`,
    'marver',
    'marver',
    () => tr`Roll to centre and chill the skin.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'block',
    () => tr`Block`,
    'bench',
    'wet block',
    () => tr`Turn in the wet block to centre and cool evenly.`,
    {
      needs: 'soft',
      caution: () => tr`Steam: keep the block wet and your hand behind it.`,
    },
  ),
  step(
    'bubble',
    () => tr`Puff and cap`,
    'bench',
    'pipe',
    () => tr`Trap a breath under the thumb; it expands and starts the bubble.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'setBubble',
    () => tr`Let the bubble set`,
    'bench',
    'pipe',
    () => tr`Until it only just holds a push, or the next gather moves it.`,
    {
      needs: 'stiff',
    },
  ),
  step(
    'reheat',
    () => tr`Heat`,
    'glory hole',
    'glory hole',
    () => tr`Until the colour comes back and the glass moves.`,
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'chillTip',
    () => tr`Chill the tip`,
    'marver',
    'marver',
    () => tr`Hot goes thin: cool the tip so it does not blow out first.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'blow',
    () => tr`Blow out`,
    'bench',
    'paper',
    () => tr`Blow to width; what is hot goes thin, so choose what is hot.`,
    {
      needs: 'soft',
    },
  ),
  step(
    'neck',
    () => tr`Neck`,
    'bench',
    'jacks',
    () => tr`Jack a line at the pipe, thinner than the pipe, clean and round: it must break there.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'foot',
    () => tr`Flatten the foot`,
    'bench',
    'paddle',
    () => tr`Press the bottom true; check height and width with the calipers.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'stem',
    () => tr`Stem`,
    'bench',
    'jacks',
    () =>
      tr`A bit on the cooled base for each part, tooled to the calipers; check it is straight from several sides before it sets.`,
    { caution: TWO },
  ),
  step(
    'footBit',
    () => tr`Foot`,
    'bench',
    'jacks, paddle',
    () => tr`A bit on the stem, opened and pressed flat; the stem is kept cool meanwhile.`,
    { caution: TWO },
  ),
  step(
    'shapeSolid',
    () => tr`Shape`,
    'bench',
    'block, jacks, paddle',
    () =>
      tr`To the calipers, a part at a time; solid glass holds its heat long inside while its skin sets.`,
    { needs: 'workable' },
  ),
  step(
    'setBase',
    () => tr`Let the base set`,
    'bench',
    'bench',
    () => tr`It must not sag or be marked by the punty.`,
    { needs: 'set' },
  ),
  step(
    'punty',
    () => tr`Stick the punty`,
    'bench',
    'punty',
    () =>
      tr`A little glass on a solid iron, cooled to stick without fusing; piece about 590–650 °C.`,
    {
      needs: 'set',
      caution: () => tr`Two hot irons on the move: say when you come in.`,
    },
  ),
  step(
    'transfer',
    () => tr`Transfer`,
    'bench',
    'water, file',
    () => tr`A drop of water on the neck only, one light tap.`,
    {
      caution: () => tr`Chips fly when a cold line is tapped: eye protection for everyone near.`,
    },
  ),
  step(
    'longReheat',
    () => tr`The long heat`,
    'glory hole',
    'glory hole',
    () => tr`At once: the top has been longest away from the fire.`,
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'trim',
    () => tr`Trim the lip`,
    'bench',
    'shears',
    () => tr`Cut the top level while it is soft.`,
    {
      needs: 'workable',
      caution: TRIMMINGS,
    },
  ),
  step(
    'open',
    () => tr`Open`,
    'bench',
    'jacks',
    () => tr`Open the mouth to the calipers; a thin lip gives about 20 seconds.`,
    {
      needs: 'workable',
    },
  ),
  step(
    'spin',
    () => tr`Spin out`,
    'glory hole',
    'glory hole',
    () => tr`Heat the edge and let the turning carry it out.`,
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'lipWrap',
    () => tr`Lip wrap`,
    'bench',
    'jacks',
    () => tr`Wrap a ring of glass round the mouth and tool it to size.`,
    { caution: TWO },
  ),
  step(
    'firePolish',
    () => tr`Fire-polish`,
    'glory hole',
    'glory hole',
    () => tr`Lip smooth, tool marks gone.`,
    {
      needs: 'soft',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'crackOff',
    () => tr`Knock off the punty`,
    'knock-off',
    'gloves',
    () => tr`One light tap on the punty, into the gloves; the scar is sharp until it is polished.`,
    {
      caution: () => tr`Heat-proof gloves and eye protection: chips fly.`,
    },
  ),
  step(
    'knockOff',
    () => tr`Knock off`,
    'knock-off',
    'gloves',
    () => tr`A drop of water on the neck, one light tap, into the gloves.`,
    {
      caution: () => tr`Heat-proof gloves and eye protection: chips fly.`,
    },
  ),
  step(
    'sealMark',
    () => tr`Seal the mark`,
    'bench',
    'bit, stamp',
    () => tr`A small hot bit closes the hole at the neck.`,
    {
      needs: 'soft',
      caution: TWO,
    },
  ),
  step(
    'box',
    () => tr`Into the box`,
    'annealer',
    'gloves',
    () => tr`Stand it up, clear of its neighbours; note the time.`,
    {
      caution: () => tr`Power off before reaching in; gloves and sleeves.`,
    },
  ),
];
