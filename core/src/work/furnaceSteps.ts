// The steps of a vessel at the furnace, in the trade's words. Common practice, no source.
import { GLARE, TRIMMINGS, TWO } from './cautions';
import { step, type Step } from './step';

/** Furnace steps, in the order they usually come. */
export const FURNACE_STEPS: readonly Step[] = [
  step(
    'warmIron',
    'Warm the iron',
    'furnace',
    'pipe',
    'Tip to dull cherry, about 540 °C; cold iron takes no glass.',
    {
      caution: 'Black iron can be hot: take it by the cool end, and never point the tip at anyone.',
    },
  ),
  step('gather', 'Gather', 'furnace', 'pipe', 'Dip, turn, lift; keep turning.', {
    needs: 'runny',
    fire: true,
    caution: 'Face shield or shade at the furnace mouth; keep others out of the swing of the iron.',
  }),
  step('marver', 'Marver', 'marver', 'marver', 'Roll to centre and chill the skin.', {
    needs: 'soft',
  }),
  step('block', 'Block', 'bench', 'wet block', 'Turn in the wet block to centre and cool evenly.', {
    needs: 'soft',
    caution: 'Steam: keep the block wet and your hand behind it.',
  }),
  step(
    'bubble',
    'Puff and cap',
    'bench',
    'pipe',
    'Trap a breath under the thumb; it expands and starts the bubble.',
    {
      needs: 'soft',
    },
  ),
  step(
    'setBubble',
    'Let the bubble set',
    'bench',
    'pipe',
    'Until it only just holds a push, or the next gather moves it.',
    {
      needs: 'stiff',
    },
  ),
  step(
    'reheat',
    'Heat',
    'glory hole',
    'glory hole',
    'Until the colour comes back and the glass moves.',
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'chillTip',
    'Chill the tip',
    'marver',
    'marver',
    'Hot goes thin: cool the tip so it does not blow out first.',
    {
      needs: 'workable',
    },
  ),
  step(
    'blow',
    'Blow out',
    'bench',
    'paper',
    'Blow to width; what is hot goes thin, so choose what is hot.',
    {
      needs: 'soft',
    },
  ),
  step(
    'neck',
    'Neck',
    'bench',
    'jacks',
    'Jack a line at the pipe, thinner than the pipe, clean and round: it must break there.',
    {
      needs: 'workable',
    },
  ),
  step(
    'foot',
    'Flatten the foot',
    'bench',
    'paddle',
    'Press the bottom true; check height and width with the calipers.',
    {
      needs: 'workable',
    },
  ),
  step(
    'stem',
    'Stem',
    'bench',
    'jacks',
    'A bit on the cooled base for each part, tooled to the calipers; check it is straight from several sides before it sets.',
    { caution: TWO },
  ),
  step(
    'footBit',
    'Foot',
    'bench',
    'jacks, paddle',
    'A bit on the stem, opened and pressed flat; the stem is kept cool meanwhile.',
    { caution: TWO },
  ),
  step(
    'shapeSolid',
    'Shape',
    'bench',
    'block, jacks, paddle',
    'To the calipers, a part at a time; solid glass holds its heat long inside while its skin sets.',
    { needs: 'workable' },
  ),
  step(
    'setBase',
    'Let the base set',
    'bench',
    'bench',
    'It must not sag or be marked by the punty.',
    { needs: 'set' },
  ),
  step(
    'punty',
    'Stick the punty',
    'bench',
    'punty',
    'A little glass on a solid iron, cooled to stick without fusing; piece about 590–650 °C.',
    {
      needs: 'set',
      caution: 'Two hot irons on the move: say when you come in.',
    },
  ),
  step(
    'transfer',
    'Transfer',
    'bench',
    'water, file',
    'A drop of water on the neck only, one light tap.',
    {
      caution: 'Chips fly when a cold line is tapped: eye protection for everyone near.',
    },
  ),
  step(
    'longReheat',
    'The long heat',
    'glory hole',
    'glory hole',
    'At once: the top has been longest away from the fire.',
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step('trim', 'Trim the lip', 'bench', 'shears', 'Cut the top level while it is soft.', {
    needs: 'workable',
    caution: TRIMMINGS,
  }),
  step(
    'open',
    'Open',
    'bench',
    'jacks',
    'Open the mouth to the calipers; a thin lip gives about 20 seconds.',
    {
      needs: 'workable',
    },
  ),
  step(
    'spin',
    'Spin out',
    'glory hole',
    'glory hole',
    'Heat the edge and let the turning carry it out.',
    {
      needs: 'workable',
      fire: true,
      caution: GLARE,
    },
  ),
  step(
    'lipWrap',
    'Lip wrap',
    'bench',
    'jacks',
    'Wrap a ring of glass round the mouth and tool it to size.',
    { caution: TWO },
  ),
  step('firePolish', 'Fire-polish', 'glory hole', 'glory hole', 'Lip smooth, tool marks gone.', {
    needs: 'soft',
    fire: true,
    caution: GLARE,
  }),
  step(
    'crackOff',
    'Knock off the punty',
    'knock-off',
    'gloves',
    'One light tap on the punty, into the gloves; the scar is sharp until it is polished.',
    {
      caution: 'Heat-proof gloves and eye protection: chips fly.',
    },
  ),
  step(
    'knockOff',
    'Knock off',
    'knock-off',
    'gloves',
    'A drop of water on the neck, one light tap, into the gloves.',
    {
      caution: 'Heat-proof gloves and eye protection: chips fly.',
    },
  ),
  step(
    'sealMark',
    'Seal the mark',
    'bench',
    'bit, stamp',
    'A small hot bit closes the hole at the neck.',
    {
      needs: 'soft',
      caution: TWO,
    },
  ),
  step(
    'box',
    'Into the box',
    'annealer',
    'gloves',
    'Stand it up, clear of its neighbours; note the time.',
    {
      caution: 'Power off before reaching in; gloves and sleeves.',
    },
  ),
];
