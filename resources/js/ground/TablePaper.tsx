import { Days } from '@/ground/Days';
import { Elevation } from '@/ground/Elevation';
import { FieldPlan, FieldStakes } from '@/ground/FieldPlan';
import { Stakes } from '@/ground/Stakes';
import { Parts, Posts, SettingOutTables, sideOf, Winds } from '@/ground/TableMiddle';
import { Part, Wide } from '@/paper/parts';
import { FindingParts, Loads, Materials, OpenStops, Signatures, StepList, Whys } from '@/paper/shared';
import type { PaperData } from '@/types/desk';

/** What a crew takes to the field: the drawings, stakes, holes and cuts, with lines to write on what was measured. */
export function TableCrewSheets({ view }: { view: PaperData }) {
    const { table } = view;
    if (table === null) {
        return null;
    }
    const trays = table.posts.some((post) => post.blocks !== null);
    const poured = table.posts.some((post) => post.bags !== null);
    const cut = table.posts.some((post) => post.cut !== null);
    const written = trays
        ? ['Blocks laid', 'Block weighed', 'Level both ways', 'By']
        : [
              poured ? 'Hole measured' : 'Depth measured',
              'String measured',
              'Plumb both ways',
              ...(cut ? ['Cut to'] : []),
              ...(poured ? ['Poured on'] : []),
              'By',
          ];
    return (
        <>
            <OpenStops view={view} />
            {table.drawn !== null && (
                <>
                    <Wide label="From the side">
                        <Elevation drawn={table.drawn} title={sideOf(table, table.drawn)} size={{ width: 700, height: 460 }} />
                    </Wide>
                    {table.field !== null && (
                        <Wide label="The field">
                            <FieldPlan field={table.field} size={{ width: 700, height: 420 }} />
                        </Wide>
                    )}
                    <Wide label="From above">
                        <Stakes table={table} drawn={table.drawn} size={{ width: 700, height: 360 }} />
                    </Wide>
                </>
            )}
            <Part title="Stakes, diagonals, cuts">
                {table.north.map((says) => (
                    <p key={says}>{says}</p>
                ))}
                <Wide label="Stakes, diagonals, cuts">
                    <SettingOutTables table={table} />
                    {table.field !== null && <FieldStakes field={table.field} />}
                </Wide>
            </Part>
            {table.days !== null && (
                <Part title="Days">
                    <Wide label="Days">
                        <Days days={table.days} />
                    </Wide>
                </Part>
            )}
            {table.storm.length > 0 && (
                <Part title="Before a storm, and after it">
                    <ul className="list-disc pl-5">
                        {table.storm.map((says) => (
                            <li key={says}>{says}</li>
                        ))}
                    </ul>
                </Part>
            )}
            <Part title={trays ? 'Trays and blocks' : 'Holes and posts'}>
                <Wide label={trays ? 'Trays and blocks' : 'Holes and posts'}>
                    <Posts table={table} />
                </Wide>
            </Part>
            <Part title="As built, written in the field">
                <table className="font-condensed">
                    <thead>
                        <tr>
                            <th>{trays ? 'Tray' : 'Post'}</th>
                            {written.map((title) => (
                                <th key={title}>{title}</th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {table.stakes.map((stake) => (
                            <tr key={stake.post} className="h-9">
                                <td className="font-semibold">{stake.post}</td>
                                {written.map((title) => (
                                    <td key={title} className="border-line border-l" />
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Part>
            <StepList view={view} />
            <Materials title="Materials" materials={view.materials} />
        </>
    );
}

/** What an engineer checks of a table. */
export function TableCalculation({ view }: { view: PaperData }) {
    const { table } = view;
    return table === null ? null : (
        <>
            <FindingParts view={view} />
            <Loads view={view} />
            <Part title="Wind on the halves of the table, pressing on the top face">
                <Winds table={table} />
            </Part>
            <Part title="Posts, where most is asked of each">
                <Wide label="Posts">
                    <Posts table={table} />
                </Wide>
            </Part>
            <Part title="Pipes, rails, clamps, modules">
                <Wide label="Parts">
                    <Parts parts={table.parts} />
                </Wide>
            </Part>
            <Whys view={view} />
            <Signatures view={view} />
        </>
    );
}
