import { Why } from '@/desk/BecausePanel';
import { useDesk, useShown } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { TableActs } from '@/desk/Surfaces';
import { kinds } from '@/ground/kinds';
import type { KindSheets } from '@/ground/kinds/parts';
import { LevelsFile } from '@/ground/LevelsFile';
import { WeatherLookup } from '@/ground/WeatherLookup';
import { HandoverSheet } from '@/stages/HandoverSheet';
import { PlaceLookup } from '@/stages/PlaceLookup';
import { AddButton, Each, Part, RemoveButton, Say } from '@/stages/parts';
import { GroundSnow, SiteWind } from '@/stages/SiteSheet';

function useKind(): KindSheets | undefined {
    const { data } = useDesk();
    return kinds[data.fields['/table/racking/kind']?.value ?? ''];
}

/** What the kind of the table says at a stage. */
function Own({ what }: { what: 'Carries' | 'Stands' | 'Sets' }) {
    const Sentences = useKind()?.[what];
    return Sentences === undefined ? null : <Sentences />;
}

/** The worksheets of a table on the ground. */
export function TableSheets({ stage }: { stage: string }) {
    switch (stage) {
        case 'site':
            return <TableSite />;
        case 'field':
            return <Field />;
        case 'table':
            return <TheTable />;
        case 'loads':
            return <TableLoads />;
        case 'foundations':
            return <Foundations />;
        case 'setting_out':
            return <SettingOut />;
        default:
            return <HandoverSheet />;
    }
}

function TableSite() {
    const { data } = useDesk();
    const standard = data.fields['/site/standard']?.value ?? '';
    return (
        <>
            <h2 className="text-[1.2rem]">Site</h2>
            <Say>
                The job is called <Slot path="/name" />, for <Slot path="/client" open="no client yet" /> at{' '}
                <Slot path="/address" open="no address yet" />, measured in <Slot path="/units" />, to{' '}
                <Slot path="/site/standard" />.
            </Say>
            <SiteWind standard={standard} what="table" />
            <h3 className="mt-5">Snow</h3>
            <GroundSnow standard={standard} />
            <Say>
                The table is <Slot path="/site/roof_exposure" /> to wind.
            </Say>
            {standard === 'asce7-16' && <PlaceLookup />}
        </>
    );
}

/** How the ground lies: by two slopes, or by levels at the posts where the kind reads them. */
function Ground() {
    const { data } = useDesk();
    const levels = useKind()?.levels;
    const count = data.lists['/table/ground/levels'] ?? 0;
    return (
        <>
            {levels === undefined || count === 0 ? (
                <Say>
                    The ground rises <Slot path="/table/ground/across_rad" /> to the rear and{' '}
                    <Slot path="/table/ground/along_rad" /> to the right, seen from the low edge.
                </Say>
            ) : (
                <Say>Levels at the posts, from the left, over one of your own:</Say>
            )}
            {levels === undefined && count > 0 && <Say>Levels of posts are entered, and this kind of table reads none.</Say>}
            {(levels !== undefined || count > 0) && (
                <>
                    <Each list="/table/ground/levels">
                        {(at) => (
                            <>
                                {String.fromCharCode(65 + Number(at.split('/').pop()))}: {levels !== 1 && 'front '}
                                <Slot path={`${at}/front_m`} />
                                {levels !== 1 && (
                                    <>
                                        , rear <Slot path={`${at}/rear_m`} />
                                    </>
                                )}
                                .
                            </>
                        )}
                    </Each>
                    <p className="mt-2">
                        <AddButton path="/table/ground/levels">Levels of one more post</AddButton>
                    </p>
                    <LevelsFile />
                </>
            )}
        </>
    );
}

function Field() {
    return (
        <>
            <h2 className="text-[1.2rem]">Field</h2>
            <North />
            <Ground />
            <SunOfPlace />
            <SoilOfTable />
            <PlaceOfTable />
            <MarkedAreas />
            <BuriedLines />
        </>
    );
}

/** Where it faces, and how north is found. */
function North() {
    const { data } = useDesk();
    const known = data.lists['/table/position'] === 1;
    return (
        <>
            <Say>
                <Slot path="/table/name" /> faces <Slot path="/table/bearing_rad" />, true, clockwise from north. The compass’s
                declination, east counted plus, is{' '}
                <Slot path="/table/declination_rad" open={known ? 'computed for the place' : 'not entered'} />.
            </Say>
            <Part path="/table/position" open="Find north by the place and the day" close="take out">
                <Say>
                    It stands at <Slot path="/table/position/latitude_rad" /> of latitude, north counted plus, and{' '}
                    <Slot path="/table/position/longitude_rad" /> of longitude, east counted plus, and is set out on{' '}
                    <Slot path="/table/position/on" open="which day?" />, when clocks there are{' '}
                    <Slot path="/table/position/clock_ahead" open="how many?" /> hours ahead of UTC.
                </Say>
                <NorthSays says={data.table?.north ?? []} />
            </Part>
        </>
    );
}

/** How clear the months are, and what hides the sun. */
function SunOfPlace() {
    return (
        <>
            <h3 className="mt-5">Sun</h3>
            <Part path="/table/sunshine" open="Compare tilts by how clear the months are" close="take out">
                <Say>
                    At <Slot path="/table/sunshine/latitude_rad" /> of latitude, north counted plus, this share of the light
                    outside the air comes down: Jan <Slot path="/table/sunshine/january" />, Feb{' '}
                    <Slot path="/table/sunshine/february" />, Mar <Slot path="/table/sunshine/march" />, Apr{' '}
                    <Slot path="/table/sunshine/april" />, May <Slot path="/table/sunshine/may" />, Jun{' '}
                    <Slot path="/table/sunshine/june" />, Jul <Slot path="/table/sunshine/july" />, Aug{' '}
                    <Slot path="/table/sunshine/august" />, Sep <Slot path="/table/sunshine/september" />, Oct{' '}
                    <Slot path="/table/sunshine/october" />, Nov <Slot path="/table/sunshine/november" />, Dec{' '}
                    <Slot path="/table/sunshine/december" />. The ground throws <Slot path="/table/sunshine/albedo" /> back. The
                    light is wanted <Slot path="/table/sunshine/aim" />.
                </Say>
                <Each list="/table/sunshine/horizon">
                    {(at) => (
                        <>
                            At <Slot path={`${at}/bearing_rad`} />, true, what stands there hides the sky up to{' '}
                            <Slot path={`${at}/elevation_rad`} /> over the level.
                        </>
                    )}
                </Each>
                <p className="mt-2">
                    <AddButton path="/table/sunshine/horizon">Something hides the sun</AddButton>
                </p>
            </Part>
        </>
    );
}

/** What its posts stand in, by its class or by a report. */
function SoilOfTable() {
    const { data } = useDesk();
    return (
        <>
            <h3 className="mt-5">Soil</h3>
            <Say>
                The soil is <Slot path="/table/soil/kind" />, as <Slot path="/table/soil/source" open="who says?" /> shows; it
                swells with water: <Slot path="/table/soil/expansive" />.
            </Say>
            <Part path="/table/soil/report" open="Somebody looked into the ground" close="take that back">
                <Say>
                    By “<Slot path="/table/soil/report/document" open="which report?" />
                    ”, <Slot path="/table/soil/report/by" open="who?" />, it bears{' '}
                    <Slot path="/table/soil/report/bearing_Pa" open="how much?" /> from above and{' '}
                    <Slot path="/table/soil/report/lateral_Pa" open="how much?" /> against a side{' '}
                    <Slot path="/table/soil/report/lateral_at_m" /> deep, growing with the depth; along the side of concrete{' '}
                    <Slot path="/table/soil/report/side_Pa" open="nothing" />. What slides over it is held by{' '}
                    <Slot path="/table/soil/report/friction" open="no share" /> of its weight, or by{' '}
                    <Slot path="/table/soil/report/cohesion_Pa" open="nothing" /> under it. All are allowable values.
                </Say>
                {data.fields['/table/racking/pile/width_m'] !== undefined && (
                    <Say>
                        What a pile bears sideways is told by a second formula too, where the report says how strong the ground is
                        at most: without draining, <Slot path="/table/soil/report/shear_strength_Pa" open="not said" /> in shear;
                        in sand over the groundwater, an angle of friction of{' '}
                        <Slot path="/table/soil/report/friction_angle_rad" open="not said" />.
                    </Say>
                )}
            </Part>
            <Say>
                It freezes to <Slot path="/table/soil/frost_depth_m" />; frost lifts such ground:{' '}
                <Slot path="/table/soil/frost_prone" />. A sleeve or drained gravel parts it from the concrete:{' '}
                <Slot path="/table/soil/parted" />.
            </Say>
        </>
    );
}

/** Gravel under it, and where it stands in the field. */
function PlaceOfTable() {
    return (
        <>
            <h3 className="mt-5">Gravel</h3>
            <Part path="/table/bed" open="Lay gravel under the table" close="no gravel">
                <Say>
                    It lies <Slot path="/table/bed/thick_m" /> deep under the modules and <Slot path="/table/bed/past_m" /> past
                    them.
                </Say>
            </Part>
            <h3 className="mt-5">Place in the field</h3>
            <Part path="/table/place" open="Give it its place" close="take out">
                <Say>
                    Its first front stake stands <Slot path="/table/place/east_m" /> east and <Slot path="/table/place/north_m" />{' '}
                    north, true and on the level, of the mark of this job.
                </Say>
            </Part>
        </>
    );
}

/** Ground that nothing is dug in, and other soils. */
function MarkedAreas() {
    return (
        <>
            <h3 className="mt-5">Ground that nothing is dug in</h3>
            <Areas
                list="/site/no_dig"
                add="Nothing is dug somewhere"
                says={(area) => (
                    <>
                        “<Slot path={`/site/no_dig/${area}/what`} open="what?" />
                        ”, no hole nearer than <Slot path={`/site/no_dig/${area}/clear_m`} />
                    </>
                )}
            />
            <h3 className="mt-5">Soils of the field</h3>
            <Areas
                list="/site/soils"
                add="The soil is another somewhere"
                says={(area) => (
                    <>
                        “<Slot path={`/site/soils/${area}/what`} open="where?" />” it is{' '}
                        <Slot path={`/site/soils/${area}/kind`} />, as{' '}
                        <Slot path={`/site/soils/${area}/source`} open="who says?" /> shows
                    </>
                )}
            />
        </>
    );
}

/** What lies in the ground, and who marked it. */
function BuriedLines() {
    return (
        <>
            <h3 className="mt-5">Buried lines</h3>
            <Each list="/site/buried">
                {(at) => (
                    <>
                        “<Slot path={`${at}/what`} open="what?" />” from <Slot path={`${at}/from_east_m`} /> east,{' '}
                        <Slot path={`${at}/from_north_m`} /> north to <Slot path={`${at}/to_east_m`} /> east,{' '}
                        <Slot path={`${at}/to_north_m`} /> north; no hole nearer than <Slot path={`${at}/clear_m`} />.
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/site/buried">A line was marked</AddButton>
            </p>
            <Part path="/table/services" open="They were asked for and marked" close="take out">
                <Say>
                    Ticket <Slot path="/table/services/ticket" open="number?" />, holds until{' '}
                    <Slot path="/table/services/expires" open="which day?" />, asked for by{' '}
                    <Slot path="/table/services/by" open="whom?" />.
                </Say>
            </Part>
        </>
    );
}

function TheTable() {
    return (
        <>
            <h2 className="text-[1.2rem]">Table</h2>
            <Say>
                A <Slot path="/table/racking/kind" /> of <Slot path="/table/rows" /> rows of <Slot path="/table/columns" />{' '}
                modules, <Slot path="/table/orientation" />, with gaps of <Slot path="/table/column_gap_m" /> between columns and{' '}
                <Slot path="/table/row_gap_m" /> between rows.
            </Say>
            <Say>
                It is tilted <Slot path="/table/tilt_rad" />, counted from the <Slot path="/table/tilt_from" />.
            </Say>
            <Each list="/table/seasons">
                {(at) => (
                    <>
                        Each year from <Slot path={`${at}/from`} /> (month-day) on it is tilted <Slot path={`${at}/tilt_rad`} />.
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/table/seasons">Tilt it by season</AddButton>
            </p>
            <Say>
                The modules are <Slot path="/module/name" />, <Slot path="/module/length_m" /> by <Slot path="/module/width_m" />,{' '}
                <Slot path="/module/mass_kg" />, <Slot path="/module/frame" />,{' '}
                <Slot path="/module/frame_height_m" open="how high is not entered" />.
            </Say>
            <Each list="/module/ratings">
                {(at) => (
                    <>
                        Clamped on the <Slot path={`${at}/side`} /> side, the rail <Slot path={`${at}/relation`} />, from{' '}
                        <Slot path={`${at}/from_m`} /> to <Slot path={`${at}/to_m`} /> they bear <Slot path={`${at}/down_Pa`} />{' '}
                        down and <Slot path={`${at}/up_Pa`} /> up, a <Slot path={`${at}/basis`} /> load, factor{' '}
                        <Slot path={`${at}/factor`} />, by <Slot path={`${at}/document`} open="no document" />.
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/module/ratings">Another rating</AddButton>
            </p>
            <Own what="Carries" />
            <TableActs />
        </>
    );
}

function TableLoads() {
    const { ask } = useDesk();
    const shown = useShown();
    return (
        <>
            <h2 className="text-[1.2rem]">Loads</h2>
            <Say>
                Wind is taken as on an open roof that stands alone, from both edges, with nothing below and with what holds it up;
                pressing on the top face counts as plus. Every figure opens its reason.
            </Say>
            {shown.loads.length === 0 && <p className="mt-3">No loads yet: see the findings of the stages before.</p>}
            <ul className="mt-3 space-y-1.5 text-[0.93rem]">
                {shown.loads.map((row) => (
                    <li key={row.path}>
                        {row.name}:{' '}
                        <Why ask={ask} path={row.path}>
                            {row.value}
                        </Why>
                    </li>
                ))}
            </ul>
        </>
    );
}

function Foundations() {
    const shown = useShown();
    const table = shown.table;
    const [one, several] = useKind()?.feet ?? ['post', 'posts'];
    return (
        <>
            <h2 className="text-[1.2rem]">Foundations</h2>
            {table !== null && table.posts.length > 0 && (
                <p className="mt-2">
                    <strong className="text-[1.6rem]">{table.posts.length}</strong> {table.posts.length === 1 ? one : several},{' '}
                    <span className={`tone-${shown.summary.tone} font-semibold`}>
                        {shown.summary.word}
                        {shown.summary.reserve !== null && `, least reserve ${shown.summary.reserve}`}
                    </span>
                </p>
            )}
            <Own what="Stands" />
        </>
    );
}

/** How true north is found there. */
function NorthSays({ says }: { says: string[] }) {
    return says.map((one) => (
        <p key={one} className="mt-1 text-[0.93rem]">
            {one}
        </p>
    ));
}

function SettingOut() {
    const shown = useShown();
    const bearings = shown.table?.bearings;
    const square = shown.table?.square;
    const last = String.fromCharCode(64 + (shown.table?.drawn?.posts_m.length ?? 2));
    const outer = ['A1', `${last}1`, `${last}2`, 'A2'];
    return (
        <>
            <h2 className="text-[1.2rem]">Setting out</h2>
            <Own what="Sets" />
            {bearings !== undefined && (
                <Say>
                    The front line runs {bearings.row} true
                    {bearings.row_compass === null ? '' : `, ${bearings.row_compass} on a compass`}, from A to the right.
                </Say>
            )}
            <NorthSays says={shown.table?.north ?? []} />
            {(shown.table?.apart ?? '') !== '' && <MeasuredStakes outer={outer} />}
            {square != null && (
                <ul role="status" className={`mt-2 font-semibold ${square.stands ? 'tone-holds' : 'tone-fails'}`} data-square>
                    {square.says.map((sentence) => (
                        <li key={sentence}>{sentence}</li>
                    ))}
                </ul>
            )}
            <Built />
            <Crew />
            {(shown.table?.apart ?? '') !== '' && (
                <p className="mt-3 text-muted text-[0.9rem]">
                    Drive A and B first, square the far line by its diagonals, then fill in. Before any hole the diagonals agree
                    within ¼ in in a bay (common practice, no source).
                </p>
            )}
        </>
    );
}

/** Holes as they were measured: from then on their posts are fixed. */
function Built() {
    const { data } = useDesk();
    const isCut = data.table?.posts.some((post) => post.cut !== null);
    const isPoured = data.table?.posts.some((post) => post.bags !== null);
    return useKind()?.isWithoutHoles ? null : (
        <>
            <h3 className="mt-5">As built</h3>
            <Each list="/table/built">
                {(at) => (
                    <>
                        The hole of <Slot path={`${at}/post`} /> is <Slot path={`${at}/depth_m`} /> deep, measured by{' '}
                        <Slot path={`${at}/by`} open="whom?" /> on <Slot path={`${at}/on`} open="which day?" />. Its post leans{' '}
                        <Slot path={`${at}/lean_rad`} open="not measured" />, stands{' '}
                        <Slot path={`${at}/off_line_m`} open="not measured" /> behind its row, its head{' '}
                        <Slot path={`${at}/head_over_m`} open="not measured" /> over the plan.
                        {isCut && (
                            <>
                                {' '}
                                It was cut to <Slot path={`${at}/cut_m`} open="not measured" />.
                            </>
                        )}
                        {isPoured && (
                            <>
                                {' '}
                                Its concrete was poured on <Slot path={`${at}/poured_on`} open="no day yet" />.
                            </>
                        )}
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/table/built">A hole was measured</AddButton>
            </p>
        </>
    );
}

/** Who builds it, from when on, and in how many minutes. */
function Crew() {
    return (
        <>
            <h3 className="mt-5">Days</h3>
            <Part path="/table/crew" open="Plan the days of the crew" close="take out">
                <Say>
                    From <Slot path="/table/crew/from" open="which day?" /> on <Slot path="/table/crew/people" /> people work{' '}
                    <Slot path="/table/crew/daily_hours" /> hours a day, on weekends too: <Slot path="/table/crew/weekends" />.
                </Say>
                <Say>
                    One of them takes, in minutes, <Slot path="/table/crew/stake_minutes" /> for a stake or frame,{' '}
                    <Slot path="/table/crew/square_minutes" /> to square them, <Slot path="/table/crew/hole_minutes" /> for a
                    hole, <Slot path="/table/crew/set_minutes" /> for a post, pile or spike,{' '}
                    <Slot path="/table/crew/bag_minutes" /> for a bag, <Slot path="/table/crew/member_minutes" /> for a pipe, beam
                    or rail, <Slot path="/table/crew/module_minutes" /> for a module.
                </Say>
                <Say>
                    While concrete hardens the air has <Slot path="/table/crew/air_celsius" /> in the mean; no modules are carried
                    in gusts over <Slot path="/table/crew/gust_limit_m_per_s" />.
                </Say>
                <Each list="/table/crew/forecast">
                    {(at) => (
                        <>
                            On <Slot path={`${at}/on`} open="which day?" /> it rains: <Slot path={`${at}/rain`} />; gusts of{' '}
                            <Slot path={`${at}/gust_m_per_s`} />.
                        </>
                    )}
                </Each>
                <p className="mt-2">
                    <AddButton path="/table/crew/forecast">The weather of a day</AddButton>
                </p>
                <WeatherLookup />
            </Part>
        </>
    );
}

/** What tapes show between the outer stakes. */
function MeasuredStakes({ outer }: { outer: string[] }) {
    return (
        <Part path="/table/measured" open="Stakes are driven: what the tapes show" close="take out">
            <Say>
                Level, from {outer[0]} to {outer[2]} it is <Slot path="/table/measured/diagonal_m" open="not measured" />, from{' '}
                {outer[1]} to {outer[3]} <Slot path="/table/measured/other_diagonal_m" open="not measured" />; the front line is{' '}
                <Slot path="/table/measured/front_m" open="not measured" />, the right side{' '}
                <Slot path="/table/measured/right_m" open="not measured" />, the rear line{' '}
                <Slot path="/table/measured/rear_m" open="not measured" />, the left side{' '}
                <Slot path="/table/measured/left_m" open="not measured" />.
            </Say>
        </Part>
    );
}

/** Areas of the field of one list, each with its corners. */
function Areas({
    list,
    says,
    add,
}: {
    list: '/site/no_dig' | '/site/soils';
    says: (area: number) => React.ReactNode;
    add: string;
}) {
    const { data } = useDesk();
    const areas = Array.from({ length: data.lists[list] ?? 0 }, (_, index) => [index, `${list}/${index}` as const] as const);
    return (
        <>
            {areas.map(([area, at]) => (
                <div key={at}>
                    <Say>
                        {says(area)}; its corners, one after the other: <RemoveButton path={at} />
                    </Say>
                    <Each list={`${at}/corners`}>
                        {(corner) => (
                            <>
                                <Slot path={`${corner}/east_m`} /> east, <Slot path={`${corner}/north_m`} /> north
                            </>
                        )}
                    </Each>
                    <AddButton path={`${at}/corners`}>One more corner</AddButton>
                </div>
            ))}
            <p className="mt-2">
                <AddButton path={list}>{add}</AddButton>
            </p>
        </>
    );
}
