// What can be done from anywhere: the places, how numbers are read, light and dark, the keys.
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Command } from '../stores/commands';
import { useDisplay } from '../stores/display';
import { PLACES } from './places';

const MORE = [
  { to: '/orders', name: 'Orders' },
  { to: '/rack/glasses', name: 'Glasses of the rack' },
  { to: '/rack/tests', name: 'Tests of two glasses' },
  { to: '/rack/shop', name: 'Irons, boxes, torch stock' },
  { to: '/rack/screens', name: 'Screens: who is let in' },
  { to: '/class', name: 'Class' },
  { to: '/wall/boxes', name: 'Wall: the boxes' },
  { to: '/wall/bench', name: 'Wall: being made' },
  { to: '/wall/class', name: 'Wall: the class' },
];

export function useEverywhere(onKeys: () => void): readonly Command[] {
  const navigate = useNavigate();
  const { units, theme, setUnits, setTheme } = useDisplay();
  return useMemo(() => {
    const unit = (says: string, change: Parameters<typeof setUnits>[0]): Command => ({
      says,
      group: 'Units',
      run: () => {
        setUnits(change);
      },
    });
    return [
      ...[...PLACES, ...MORE].map(({ to, name }): Command => ({
        says: name,
        group: 'Go to',
        run: () => {
          void navigate(to);
        },
      })),
      units.temperature === 'C'
        ? unit('Temperatures in °F', { temperature: 'F' })
        : unit('Temperatures in °C', { temperature: 'C' }),
      units.length === 'mm'
        ? unit('Lengths in inches', { length: 'in' })
        : unit('Lengths in millimetres', { length: 'mm' }),
      units.mass === 'g'
        ? unit('Weights in pounds', { mass: 'lb' })
        : unit('Weights in grams', { mass: 'g' }),
      {
        says: theme === 'soot' ? 'Light screen' : 'Dark screen',
        group: 'Look',
        run: () => {
          setTheme(theme === 'soot' ? 'ash' : 'soot');
        },
      },
      { says: 'Keys', group: 'Help', keys: '?', run: onKeys },
    ];
  }, [navigate, units, theme, setUnits, setTheme, onKeys]);
}
