import { useDesk } from '@/desk/DeskContext';
import { Issuing } from '@/stages/Issuing';

/** What is written of the newest design, by file. */
const files = [
    ['materials.csv', 'Materials (CSV)'],
    ['cutting.csv', 'Cutting list (CSV)'],
    ['feet.csv', 'Feet with their marks (CSV)'],
    ['holes.csv', 'Holes (CSV)'],
    ['sheets.dxf', 'Sheets at true scale (DXF)'],
    ['sheets.svg', 'The same as SVG'],
    ['plan.json', 'Plan (JSON)'],
    ['design.json', 'Design (JSON)'],
] as const;

const filesOfTables = [
    ['materials.csv', 'Materials (CSV)'],
    ['posts.csv', 'Posts with stakes, holes and cuts (CSV)'],
    ['days.ics', 'Days of the crew and tilts by season, where there are such (calendar)'],
    ['plan.json', 'Plan (JSON)'],
    ['design.json', 'Design (JSON)'],
] as const;

export function HandoverSheet() {
    const { data, job, may } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Hand-over</h2>
            <p className={`mt-2 font-semibold ${data.status === 'confirmed' ? 'tone-holds' : 'tone-fails'}`}>
                {data.status_text}
            </p>
            <p className="mt-2 leading-snug">
                {data.summary.unconfirmed} recalled values to confirm, {data.summary.open_stops} open stops
                {data.table === null &&
                    `, structure ${data.summary.structure_signed_by === null ? 'not signed' : `signed by ${data.summary.structure_signed_by}`}`}
                .
            </p>
            <p className="mt-4">
                <a className="act act-main mr-2 mb-2 inline-block" href={`/jobs/${job}/print/crew`}>
                    Crew sheets
                </a>
                <a className="act act-main inline-block" href={`/jobs/${job}/print/calculation`}>
                    Calculation
                </a>
            </p>
            <Issuing />
            <h3 className="mt-5">Files of the newest design</h3>
            <ul className="mt-1 space-y-1.5">
                {may('archive') && (
                    <li>
                        <a className="why" href={`/jobs/${job}/archive.json`}>
                            The job in one file (design, plan, becauses)
                        </a>
                    </li>
                )}
                {(data.table === null ? files : filesOfTables).map(([file, name]) => (
                    <li key={file}>
                        <a className="why" href={`/jobs/${job}/export/${file}`}>
                            {name}
                        </a>
                    </li>
                ))}
            </ul>
        </>
    );
}
