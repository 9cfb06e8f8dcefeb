import { useState } from 'react';

const themes = { light: 'Paper', dark: 'Slate', sunlight: 'Sunlight' } as const;
type ThemeName = keyof typeof themes;

/** Paper and slate for the desk, sunlight for the roof; remembered on this device. */
export function Theme() {
    const [theme, setTheme] = useState<ThemeName>((document.documentElement.dataset.theme ?? 'light') as ThemeName);
    const choose = (next: ThemeName) => {
        // biome-ignore lint/suspicious/noDocumentCookie: the server draws the first page in it
        document.cookie = `theme=${next}; path=/; max-age=31536000; samesite=lax`;
        document.documentElement.dataset.theme = next;
        setTheme(next);
    };
    return (
        <select
            aria-label="Colours"
            className="slot text-[0.87rem]"
            value={theme}
            onChange={(event) => choose(event.target.value as ThemeName)}
        >
            {Object.entries(themes).map(([name, title]) => (
                <option key={name} value={name}>
                    {title}
                </option>
            ))}
        </select>
    );
}
