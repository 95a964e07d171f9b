// The keys of the bench: one each, small on the board, large on the screen.
import { tr } from '@zanfirico/core/words';
import {
  Camera,
  Flame,
  FlameKindling,
  ListPlus,
  MessageSquare,
  RotateCcw,
  Ruler,
  SkipForward,
  TriangleAlert,
  Undo2,
  Volume2,
  VolumeX,
} from 'lucide-react';
import type { Deed } from './BenchKeys';

interface Wanted {
  readonly inFire: boolean;
  readonly loud: boolean;
  readonly onFire: () => void;
  readonly onGo: (what: 'again' | 'skipped') => void;
  readonly onOpen: (what: 'mishaps' | 'note' | 'reading' | 'put in') => void;
  readonly onPicture: () => void;
  readonly onUndo: () => void;
  readonly onLoud: () => void;
}

/** What can be done at the bench, each with its key. */
export const deedsOf = (w: Wanted): readonly Deed[] => [
  {
    key: 'f',
    says: w.inFire ? tr`Out` : tr`Into the fire`,
    icon: w.inFire ? FlameKindling : Flame,
    run: w.onFire,
  },
  {
    key: 'a',
    says: tr`Again`,
    icon: RotateCcw,
    run: () => {
      w.onGo('again');
    },
  },
  {
    key: 's',
    says: tr`Skip`,
    icon: SkipForward,
    run: () => {
      w.onGo('skipped');
    },
  },
  {
    key: 'm',
    says: tr`Mishap`,
    icon: TriangleAlert,
    run: () => {
      w.onOpen('mishaps');
    },
  },
  {
    key: 'n',
    says: tr`Note`,
    icon: MessageSquare,
    run: () => {
      w.onOpen('note');
    },
  },
  {
    key: 'r',
    says: tr`Reading`,
    icon: Ruler,
    run: () => {
      w.onOpen('reading');
    },
  },
  {
    key: 'p',
    says: tr`Put in`,
    icon: ListPlus,
    run: () => {
      w.onOpen('put in');
    },
  },
  { key: 'c', says: tr`Picture`, icon: Camera, run: w.onPicture },
  { key: 'u', says: tr`Undo`, icon: Undo2, run: w.onUndo },
  {
    key: 'v',
    says: w.loud ? tr`Sound on` : tr`Sound off`,
    icon: w.loud ? Volume2 : VolumeX,
    run: w.onLoud,
  },
];
