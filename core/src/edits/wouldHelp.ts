// Changes of form, and of how it stands, that may shorten a piece's night: each as the piece it would become, to be tried.
import type { PieceDocument, ProfilePoint, SectionStands } from '@zanfirico/contract/piece';
import { tr, type Said } from '../words/tr';
import type { PlannedPart } from '../piece/derive';
import { profileSpan } from '../form/profile';
import { micron } from './micron';

/** What a piece has that may be changed. */
type Changed = Pick<PieceDocument, 'parts' | 'firing'>;

/** A change in the maker's words, and the piece with it. */
export interface WouldHelp<D> {
  readonly id: string;
  readonly says: string;
  readonly piece: D;
}

/** So much of a thickness is left. */
const LEFT = 0.75;
/** Thinner than this nothing is made thinner, m. */
const THIN = 5e-3;
/** Of the thickest, what is so thick may matter. */
const THICK = 0.5;
/** A solid wider than this times its height is a plate. */
const PLATE = 1.3;
/** Corners are rounded to this, m. */
const ROUNDED = 3e-3;
/** Half a millimetre is what a maker can mean. */
const halfMm = (m: number): string => (Math.round(2000 * m) / 2).toFixed(1).replace('.0', '');

const STANDS: Readonly<Record<SectionStands, Said>> = {
  free: () => tr`stand it on posts or a grid, off the shelf`,
  shelf: () => tr`stand it flat on the shelf`,
  rim: () => tr`stand it mouth down`,
  lying: () => tr`lay it on its side`,
  packed: () => tr`pack it among others`,
};

/** Changes worth trying, thickest glass first. `parts` are the piece's own, as planned. */
export function wouldHelp<D extends Changed>(
  piece: D,
  parts: readonly PlannedPart[],
): WouldHelp<D>[] {
  // A stopper has to fit as it is.
  const joined = parts.filter((p) => p.role !== 'stopper');
  const thickest = Math.max(...joined.map((p) => p.shape.thickest.wall));
  const forms = [...joined]
    .filter(({ shape }) => shape.thickest.wall >= Math.max(THIN, THICK * thickest))
    .sort((a, b) => b.shape.thickest.wall - a.shape.thickest.wall)
    .flatMap((p): WouldHelp<D>[] => {
      const change = p.work === 'solid' ? slimmer(piece, p, parts) : thinner(piece, p);
      return change ? [change] : [];
    });
  const { stands = 'free', rounded = 1e-3 } = piece.firing.standing ?? {};
  const stood = (change: { stands?: SectionStands; rounded?: number }): D => ({
    ...piece,
    firing: { ...piece.firing, standing: { ...piece.firing.standing, ...change } },
  });
  const hollow = parts.some((p) => p.shape.opening === 'open' || p.shape.opening === 'narrow');
  const ways: readonly SectionStands[] = ['free', ...(hollow ? (['rim'] as const) : []), 'lying'];
  return [
    ...forms,
    ...(rounded < ROUNDED
      ? [
          {
            id: 'rounded',
            says: tr`round its inside corners to ${halfMm(ROUNDED)} mm`,
            piece: stood({ rounded: ROUNDED }),
          },
        ]
      : []),
    ...ways
      .filter((w) => w !== stands)
      .map((w) => ({ id: w, says: STANDS[w](), piece: stood({ stands: w }) })),
  ];
}

/** A blown wall where it is thick, made less so. */
function thinner<D extends Changed>(piece: D, { index, name, shape }: PlannedPart): WouldHelp<D> {
  const most = micron(LEFT * shape.thickest.wall);
  return {
    id: `thinner ${name}`,
    says: tr`blow the ${name} no thicker than ${halfMm(most)} mm; it is ${halfMm(shape.thickest.wall)} mm at its thickest`,
    piece: withProfile(piece, index, (p) => ({ ...p, wall: Math.min(p.wall, most) })),
  };
}

/** A solid made flatter where it is a plate at the bottom, else slimmer. */
function slimmer<D extends Changed>(
  piece: D,
  { index, name }: PlannedPart,
  parts: readonly PlannedPart[],
): WouldHelp<D> | undefined {
  const profile = piece.parts[index]?.profile;
  if (!profile) return undefined;
  const [low, high] = profileSpan(profile);
  const wide = 2 * Math.max(...profile.map((p) => p.radius));
  const height = high - low;
  if (wide < PLATE * height)
    return {
      id: `slimmer ${name}`,
      says: tr`make the ${name} ${halfMm(LEFT * wide)} mm across instead of ${halfMm(wide)} mm`,
      piece: withProfile(piece, index, (p) => ({ ...p, radius: micron(LEFT * p.radius) })),
    };
  const lowest = Math.min(...parts.map((p) => p.shape.lowest));
  // A plate between others would leave a gap.
  if (low > lowest + 1e-4) return undefined;
  return {
    id: `flatter ${name}`,
    says: tr`make the ${name} ${halfMm(LEFT * height)} mm high instead of ${halfMm(height)} mm`,
    piece: withProfile(piece, index, (p) => ({
      ...p,
      height: micron(high - LEFT * (high - p.height)),
    })),
  };
}

const withProfile = <D extends Changed>(
  piece: D,
  index: number,
  change: (p: ProfilePoint) => ProfilePoint,
): D => ({
  ...piece,
  parts: piece.parts.map((p, i) => (i === index ? { ...p, profile: p.profile.map(change) } : p)),
});
