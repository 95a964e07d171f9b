// What can be looked at inside glass in its night.
export type Shown = 'stress' | 'temperature' | 'fictive';

export const SHOWN: readonly {
  readonly value: Shown;
  readonly label: string;
  readonly note?: string;
}[] = [
  { value: 'stress', label: 'Tension' },
  { value: 'temperature', label: 'Temperature' },
  { value: 'fictive', label: 'Structure', note: 'fictive temperature' },
];
