import { useState } from 'react';
import { weather } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { Weather } from '@/types/desk';

/** The weather of the days of the crew; what is found is only entered on asking, and can be typed instead. */
export function WeatherLookup() {
    const { job, edit, may } = useDesk();
    const [found, setFound] = useState<Weather | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    if (!may('update')) {
        return null;
    }
    const look = () =>
        weather(job).then(
            (answer) => {
                setFound(answer);
                setWrong(null);
            },
            (error: Error) => setWrong(error.message),
        );
    return (
        <section aria-label="Weather of these days" className="mt-2">
            <button type="button" className="act act-small" onClick={() => void look()}>
                Look the weather up
            </button>
            {wrong !== null && (
                <p role="alert" className="tone-fails">
                    {wrong}
                </p>
            )}
            {found !== null && (
                <>
                    <p className="mt-1 border-ochre border-l-4 bg-ochre/8 px-2 text-[0.87rem]">
                        <strong>Simulated:</strong> from a {found.source}. For a real site, read the forecast of its weather
                        office.
                    </p>
                    <ul className="mt-1 text-[0.93rem]">
                        {found.days.map((day) => (
                            <li key={day.on}>
                                {day.on}: {day.rain ? 'rain' : 'dry'}, gusts of {day.gust}
                            </li>
                        ))}
                    </ul>
                    <EditAct
                        onClick={() =>
                            void edit([{ path: '/table/crew/forecast', value: found.forecast }]).then(
                                (done) => done && setFound(null),
                            )
                        }
                    >
                        Enter these {found.days.length} days
                    </EditAct>
                </>
            )}
        </section>
    );
}
