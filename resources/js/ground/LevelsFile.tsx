import { useState } from 'react';
import { levelsOf, Refused } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { FileChoice } from '@/stages/parts';
import type { LevelsTold } from '@/types/desk';

/** Levels over the field out of a file, told at every post before they are taken. */
export function LevelsFile() {
    const { job, data, edit, may } = useDesk();
    const [told, setTold] = useState<{ of: number; name: string; says: string; levels: LevelsTold | null } | null>(null);
    if (!may('update')) {
        return null;
    }
    const look = async (file: File) => {
        const now = { of: data.design.id, name: file.name, levels: null };
        if (file.size > 1_000_000) {
            setTold({ ...now, says: 'The file is larger than 1 MB.' });
            return;
        }
        setTold({ ...now, says: 'Reading …' });
        levelsOf(job, data.design.id, await file.text()).then(
            (levels) => setTold({ ...now, says: '', levels }),
            (error: Error) => {
                const fault = error instanceof Refused ? error.faults[0] : undefined;
                setTold({
                    ...now,
                    says: fault === undefined ? 'It could not be read.' : `Expected ${fault.expected}; found ${fault.found}.`,
                });
            },
        );
    };
    const levels = told?.of === data.design.id ? told.levels : null;
    return (
        <details className="mt-2">
            <summary className="why">Take levels from a file</summary>
            <FileChoice accept=".csv,.txt" onFile={(file) => void look(file)}>
                A table with columns east_m, north_m and level_m (or _mm, _in, _ft): a level at each crossing of lines over the
                field, from the mark of this job.
            </FileChoice>
            {told !== null && told.of === data.design.id && (
                <p role="status" className="mt-1 text-[0.93rem]">
                    {told.name}
                    {told.says !== '' && `: ${told.says}`}
                </p>
            )}
            {levels !== null && (
                <div className="mt-1 text-[0.93rem]">
                    <ul data-levels>
                        {levels.levels.map((level, index) => (
                            <li key={String.fromCharCode(65 + index)}>
                                {String.fromCharCode(65 + index)}: front {level.front}, rear {level.rear}
                            </li>
                        ))}
                    </ul>
                    <EditAct
                        onClick={() => {
                            void edit(levels.edits);
                            setTold(null);
                        }}
                    >
                        Take these levels
                    </EditAct>
                </div>
            )}
        </details>
    );
}
