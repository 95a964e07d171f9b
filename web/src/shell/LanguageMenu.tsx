// The language everything is said in: each by what it calls itself, so that whoever cannot read the page finds their own.
import { tr } from '@zanfirico/core';
import { LANGUAGES } from '@zanfirico/words';
import { useDisplay } from '../stores/display';
import { chooseLanguage, decimalOf, spokenHere } from '../words/language';
import { Menu } from './Menu';

export function LanguageMenu() {
  const setUnits = useDisplay((s) => s.setUnits);
  const spoken = spokenHere();
  return (
    <Menu
      end
      named={tr`Language: ${LANGUAGES.find((l) => l.code === spoken)?.name ?? spoken}`}
      label={<span className="uppercase">{spoken}</span>}
      items={LANGUAGES.map(({ code, name }) => ({
        says: name,
        disabled: code === spoken,
        run: () => {
          setUnits({ decimal: decimalOf(code) });
          chooseLanguage(code);
        },
      }))}
    />
  );
}
