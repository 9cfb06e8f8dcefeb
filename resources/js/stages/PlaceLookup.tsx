import { useState } from 'react';
import { hazards } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import type { Hazards } from '@/types/desk';

/** Wind, snow and elevation by place; whatever is found is only entered on asking, and can be typed instead. */
export function PlaceLookup() {
    const { job, may } = useDesk();
    const [place, setPlace] = useState('');
    const [found, setFound] = useState<Hazards | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    if (!may('update')) {
        return null;
    }
    return (
        <section aria-label="Hazards by place" className="mt-5">
            <h3>By place</h3>
            <form
                className="mt-1"
                onSubmit={(event) => {
                    event.preventDefault();
                    hazards(job, place).then(
                        (answer) => {
                            setFound(answer);
                            setWrong(null);
                        },
                        (error: Error) => setWrong(error.message),
                    );
                }}
            >
                <label>
                    Look up{' '}
                    <input
                        className="slot"
                        placeholder="a town"
                        maxLength={60}
                        size={14}
                        value={place}
                        onChange={(event) => setPlace(event.target.value)}
                    />
                </label>{' '}
                <button type="submit" className="act act-small">
                    Look
                </button>
            </form>
            {wrong !== null && (
                <p role="alert" className="tone-fails">
                    {wrong}
                </p>
            )}
            {found !== null && (
                <>
                    <p className="mt-1 border-ochre border-l-4 bg-ochre/8 px-2 text-[0.87rem]">
                        <strong>Simulated:</strong> from a {found.source}. For a real site, enter what the authority gives.
                    </p>
                    {found.places.length === 0 && <p>No town of that name.</p>}
                    <ul className="mt-1 space-y-1.5">
                        {found.places.map((one) => (
                            <Place key={one.place} of={one} onDone={() => setFound(null)} />
                        ))}
                    </ul>
                </>
            )}
        </section>
    );
}

function Place({ of: one, onDone }: { of: Hazards['places'][number]; onDone: () => void }) {
    const { edit } = useDesk();
    return (
        <li className="leading-snug">
            <strong>{one.place}</strong>: {one.wind} (risk category {one.risk_category}), {one.snow} snow on the ground,{' '}
            {one.elevation} above the sea.{' '}
            <button
                type="button"
                className="act act-small"
                onClick={() =>
                    void edit([
                        { path: '/site/wind_speed_m_per_s', typed: one.wind },
                        { path: '/site/ground_snow_Pa', typed: one.snow },
                        { path: '/site/ground_elevation_m', typed: one.elevation },
                    ]).then((done) => done && onDone())
                }
            >
                Enter these for {one.place}
            </button>
        </li>
    );
}
