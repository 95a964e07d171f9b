// The practices to choose from, each with the tension it lets stay.
import type { Practice } from '@zanfirico/contract/piece';
import { PRACTICES } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { mark, tr, trWord } from '@zanfirico/core/words';
import { Choice } from '../fields/Choice';
import { useDisplay } from '../stores/display';

interface Props {
  readonly practice: Practice;
  /** Share of it held in hand for what may be off. */
  readonly inHand: number;
  readonly onChange: (change: { practice?: Practice; inHand?: number }) => void;
}

const PER_CENT = 100;
/** In hand, per cent: nothing, for what is usually off, for everything that may be at once. */
const IN_HANDS = ['0', '15', '30'] as const;
const NOTES = { '15': mark('usual') } as const;

export function PracticeChoice({ practice, inHand, onChange }: Props) {
  const units = useDisplay((s) => s.units);
  const share = String(Math.round(PER_CENT * inHand));
  const shares = IN_HANDS.some((v) => v === share) ? IN_HANDS : [...IN_HANDS, share];
  return (
    <>
      <Choice
        legend={tr`Practice: how much tension may stay`}
        value={practice}
        options={(Object.keys(PRACTICES) as Practice[]).map((p) => ({
          value: p,
          label: PRACTICES[p].name(),
          note: printText(PRACTICES[p].allows, 'stress', units).replace(/[.,]?0+ /, ' '),
        }))}
        onChange={(chosen) => {
          onChange({ practice: chosen });
        }}
      />
      <Choice
        legend={tr`Held in hand, for what may be off`}
        value={share}
        options={shares.map((v) => ({
          value: v,
          label: `${v} %`,
          ...(v in NOTES && { note: trWord(NOTES[v as keyof typeof NOTES]) }),
        }))}
        onChange={(chosen) => {
          onChange({ inHand: Number(chosen) / PER_CENT });
        }}
      />
    </>
  );
}
