// Words with marks among them, and the choice of a language in the head.
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { speak } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { LanguageMenu } from '../shell/LanguageMenu';
import { beginToSpeak, daysIn, decimalOf, languageHere, spokenHere } from './language';
import { trNodes } from './trNodes';

afterEach(() => {
  speak(undefined);
  localStorage.clear();
});

describe('words with marks among them', () => {
  const line = () => (
    <p>{trNodes`Made of ${(<b key="n">two</b>)} parts${undefined}, ${false} ${3} mm`}</p>
  );
  it('are English as they are written', () => {
    const { container } = render(line());
    expect(container.innerHTML).toBe('<p>Made of <b>two</b> parts,  3 mm</p>');
  });
  it('stand where another language has them', () => {
    speak(() => '{3} mm, {0} parti{1}{2}');
    const { container } = render(line());
    expect(container.innerHTML).toBe('<p>3 mm, <b>two</b> parti</p>');
  });
});

describe('the language', () => {
  it('is the one that was chosen, else one the browser likes, else English', () => {
    expect(languageHere()).toBe('en');
    const likes = jest.spyOn(navigator, 'languages', 'get').mockReturnValue(['de', 'it-CH']);
    expect(languageHere()).toBe('it');
    localStorage.setItem('zanfirico.language', 'en');
    expect(languageHere()).toBe('en');
    localStorage.setItem('zanfirico.language', 'xx');
    expect(languageHere()).toBe('it');
    likes.mockRestore();
  });

  it('writes decimals and days its own way', () => {
    expect([decimalOf('en'), decimalOf('it')]).toEqual(['.', ',']);
    expect(daysIn()).toBeUndefined();
  });

  it('whose catalogue does not come leaves English', async () => {
    const asked = jest.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('cut off'));
    await beginToSpeak('it');
    expect(spokenHere()).toBe('en');
    asked.mockRestore();
  });

  it('is chosen in the head by what each calls itself; the one that is spoken is told and cannot be chosen', async () => {
    const user = userEvent.setup();
    // jsdom does not begin a page anew, and says so.
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    render(<LanguageMenu />);
    expect(screen.getByRole('button', { name: 'English' })).toBeDisabled();
    useDisplay.getState().setUnits({ decimal: '.' });
    await user.click(screen.getByRole('button', { name: 'Italiano' }));
    expect(localStorage.getItem('zanfirico.language')).toBe('it');
    expect(document.cookie).toContain('language=it');
    expect(useDisplay.getState().units.decimal).toBe(',');
    useDisplay.getState().setUnits({ decimal: '.' });
    document.cookie = 'language=; max-age=0';
    said.mockRestore();
  });
});
