// A step of the work: what it is called, where it happens, what it needs, where it can hurt.
import type { Band } from '../glass/consistency';
import type { Said } from '../words/tr';

/** Where a step happens. */
export type WorkPlace =
  | 'furnace'
  | 'bench'
  | 'marver'
  | 'glory hole'
  | 'knock-off'
  | 'annealer'
  | 'torch'
  | 'garage'
  | 'colour kiln'
  | 'kiln'
  | 'cold bench';

/** A kind of step. `caution` is there wherever the work can hurt someone. */
export interface StepKind {
  readonly id: StepId;
  readonly name: Said;
  readonly says: Said;
  readonly place: WorkPlace;
  readonly tool: string;
  readonly needs: Band | undefined;
  readonly caution: Said | undefined;
  /** The steps that put the whole piece through the fire. */
  readonly fire: boolean;
}

/** A kind of step, as it is kept. */
export type StepId =
  | 'warmIron'
  | 'gather'
  | 'marver'
  | 'block'
  | 'bubble'
  | 'setBubble'
  | 'reheat'
  | 'chillTip'
  | 'blow'
  | 'neck'
  | 'foot'
  | 'stem'
  | 'footBit'
  | 'shapeSolid'
  | 'setBase'
  | 'punty'
  | 'transfer'
  | 'longReheat'
  | 'trim'
  | 'open'
  | 'spin'
  | 'lipWrap'
  | 'firePolish'
  | 'crackOff'
  | 'knockOff'
  | 'sealMark'
  | 'box'
  | 'torchOn'
  | 'points'
  | 'blowBottom'
  | 'shapeTorch'
  | 'openTorch'
  | 'sealTorch'
  | 'flameAnneal'
  | 'torchOff'
  | 'warmColour'
  | 'pickColour'
  | 'rollColour'
  | 'pickCane'
  | 'twist'
  | 'dipMould'
  | 'leaf'
  | 'fume'
  | 'clearButton'
  | 'flash'
  | 'garage'
  | 'fetch'
  | 'bit'
  | 'attach'
  | 'glueBit'
  | 'straight'
  | 'shapeBit'
  | 'handle'
  | 'spout'
  | 'prunts'
  | 'wrap'
  | 'meltNotch'
  | 'fold'
  | 'steam'
  | 'thinLip'
  | 'coolStem'
  | 'shield'
  | 'scrap'
  | 'polishScar'
  | 'warmRod'
  | 'beginRod'
  | 'cutTube'
  | 'hose'
  | 'maria'
  | 'blowHole'
  | 'stampTorch'
  | 'ream'
  | 'hook'
  | 'weld'
  | 'notchTorch'
  | 'fumeTorch'
  | 'warmThrough'
  | 'kilnGarage'
  | 'kilnFetch'
  | 'growBubble'
  | 'wetPaper'
  | 'swing'
  | 'spotHeat'
  | 'stiffenSpot'
  | 'collar'
  | 'rollFrit'
  | 'setIn'
  | 'drip'
  | 'score'
  | 'footing'
  | 'masher'
  | 'measure'
  | 'plug'
  | 'ridge'
  | 'spoolFoot'
  | 'closeEnd'
  | 'dropDisc'
  | 'constrict'
  | 'lowerOn'
  | 'cutFree'
  | 'openFoot'
  | 'thinBead'
  | 'foldFoot'
  | 'castOff'
  | 'makePunty'
  | 'bringBit'
  | 'makeApart'
  | 'fetchBit'
  | 'addBit'
  | 'letSet'
  | 'lastFlash'
  | 'heatIn'
  | 'cutLengths'
  | 'pickLength'
  | 'cutHeight'
  | 'polishCold'
  | 'drillCold'
  | 'cutSheet'
  | 'layUp'
  | 'fillMould';

/** Puts a step together; whatever is not said is absent. */
export const step = (
  id: StepId,
  name: Said,
  place: WorkPlace,
  tool: string,
  says: Said,
  more: { needs?: Band; caution?: Said; fire?: true } = {},
): StepKind => ({
  id,
  name,
  place,
  tool,
  says,
  needs: more.needs,
  caution: more.caution,
  fire: more.fire === true,
});
