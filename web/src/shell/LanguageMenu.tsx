// The language everything is said in: each by what it calls itself, so that whoever cannot read the page finds their own.
import { tr } from '@zanfirico/core/words';
import { LANGUAGES } from '@zanfirico/words';
import { takeLanguage } from '../stores/display';
import { spokenHere } from '../words/language';
import { Menu } from './Menu';

export function LanguageMenu() {
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
          takeLanguage(code);
        },
      }))}
    />
  );
}
