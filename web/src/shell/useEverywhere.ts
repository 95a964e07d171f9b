// What can be done from anywhere: the places, how numbers are read, light and dark, the keys.
import { tr } from '@zanfirico/core/words';
import { LANGUAGES } from '@zanfirico/words';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Command } from '../stores/commands';
import { takeLanguage, useDisplay } from '../stores/display';
import { spokenHere } from '../words/language';
import { PLACES } from './places';

const MORE = [
  { to: '/orders', name: tr`Orders` },
  { to: '/rack/glasses', name: tr`Glasses of the rack` },
  { to: '/rack/tests', name: tr`Tests of two glasses` },
  { to: '/rack/shop', name: tr`Irons, boxes, torch stock` },
  { to: '/rack/screens', name: tr`Screens: who is let in` },
  { to: '/class', name: tr`Class` },
  { to: '/wall/boxes', name: tr`Wall: the boxes` },
  { to: '/wall/bench', name: tr`Wall: being made` },
  { to: '/wall/class', name: tr`Wall: the class` },
];

/** What can be done from anywhere. */
export function useEverywhere(onKeys: () => void): readonly Command[] {
  const navigate = useNavigate();
  const { units, theme, setUnits, setTheme } = useDisplay();
  return useMemo(() => {
    const unit = (says: string, change: Parameters<typeof setUnits>[0]): Command => ({
      says,
      group: tr`Units`,
      run: () => {
        setUnits(change);
      },
    });
    return [
      ...[...PLACES, ...MORE].map(({ to, name }): Command => ({
        says: name,
        group: tr`Go to`,
        run: () => {
          void navigate(to);
        },
      })),
      units.temperature === 'C'
        ? unit(tr`Temperatures in °F`, { temperature: 'F' })
        : unit(tr`Temperatures in °C`, { temperature: 'C' }),
      units.length === 'mm'
        ? unit(tr`Lengths in inches`, { length: 'in' })
        : unit(tr`Lengths in millimetres`, { length: 'mm' }),
      units.mass === 'g'
        ? unit(tr`Weights in pounds`, { mass: 'lb' })
        : unit(tr`Weights in grams`, { mass: 'g' }),
      {
        says: theme === 'soot' ? tr`Light screen` : tr`Dark screen`,
        group: tr`Look`,
        run: () => {
          setTheme(theme === 'soot' ? 'ash' : 'soot');
        },
      },
      ...LANGUAGES.filter((l) => l.code !== spokenHere()).map(({ code, name }): Command => ({
        says: name,
        group: tr`Language`,
        run: () => {
          takeLanguage(code);
        },
      })),
      { says: tr`Keys`, group: tr`Help`, keys: '?', run: onKeys },
    ];
  }, [navigate, units, theme, setUnits, setTheme, onKeys]);
}
