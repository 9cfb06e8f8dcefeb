import { Why } from '@/desk/BecausePanel';
import { BlockActs } from '@/desk/Blocks';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { SurfaceActs } from '@/desk/Surfaces';
import { FootSentence } from '@/stages/FootSentence';
import { Issuing } from '@/stages/Issuing';
import { PlaceLookup } from '@/stages/PlaceLookup';
import { AddButton, RemoveButton, Say } from '@/stages/parts';

/** The worksheet of a stage: what is known, said as the crew would say it, with the values edited in place. */
export function Worksheet({ stage }: { stage: string }) {
    switch (stage) {
        case 'site':
            return <SiteSheet />;
        case 'surface':
            return <SurfaceSheet />;
        case 'modules':
            return <ModulesSheet />;
        case 'loads':
            return <LoadsSheet />;
        case 'attachments':
            return <AttachmentsSheet />;
        case 'rails':
            return <RailsSheet />;
        case 'holes':
            return <HolesSheet />;
        default:
            return <HandoverSheet />;
    }
}

function SiteSheet() {
    const { data, edit } = useDesk();
    const standard = data.fields['/site/standard']?.value ?? '';
    const asce = standard.startsWith('asce7');
    return (
        <>
            <h2 className="text-[1.2rem]">Site</h2>
            <Say>
                The job is called <Slot path="/name" />, for <Slot path="/client" open="no client yet" /> at{' '}
                <Slot path="/address" open="no address yet" />, measured in <Slot path="/units" />, to{' '}
                <Slot path="/site/standard" />
                {asce && (
                    <>
                        {' '}
                        by <Slot path="/site/combinations" />
                    </>
                )}
                .
            </Say>
            {asce && (
                <>
                    <Say>
                        The building is of risk category <Slot path="/site/risk_category" />. For it the basic wind speed is{' '}
                        <Slot path="/site/wind_speed_m_per_s" />, a <Slot path="/site/wind_speed_kind" /> speed; a low speed is
                        confirmed: <Slot path="/site/low_wind_speed_confirmed" />.
                    </Say>
                    <Say>
                        The terrain is exposure <Slot path="/site/exposure" />.
                    </Say>
                </>
            )}
            {standard === 'en-1991' && <EnSentences />}
            {standard.startsWith('as-nzs') && <AsNzsSentences />}
            <TopographySentences standard={standard} />
            <Say>
                The mean roof height is <Slot path="/site/mean_roof_height_m" />; the building is{' '}
                <Slot path="/site/building_length_m" /> by <Slot path="/site/building_width_m" /> in plan. From the eave’s edge,
                its overhang included, to the ridge it is <Slot path="/site/eave_to_ridge_m" /> on the level
                {data.fields['/site/eave_to_ridge_m']?.text !== data.eave_to_ridge && (
                    <>
                        {' '}
                        <EditAct onClick={() => void edit([{ path: '/site/eave_to_ridge_m', typed: data.eave_to_ridge }])}>
                            {data.eave_to_ridge}, by slope and pitch
                        </EditAct>
                    </>
                )}
                .
            </Say>
            <SnowSentences standard={standard} />
            {standard === 'asce7-16' && <PlaceLookup />}
        </>
    );
}

/** What an optional part of a design says, or the act that opens it. */
function Part({ path, open, close, children }: { path: string; open: string; close: string; children: React.ReactNode }) {
    const { data, edit } = useDesk();
    if (data.lists[path] !== 1) {
        return (
            <EditAct className="mt-2" onClick={() => void edit([{ path, add: true }])}>
                {open}
            </EditAct>
        );
    }
    return (
        <>
            {children}
            <EditAct onClick={() => void edit([{ path, remove: true }])}>{close}</EditAct>
        </>
    );
}

function EnSentences() {
    return (
        <Part path="/site/en" open="Say what EN 1991 needs" close="take out">
            <Say>
                The fundamental basic wind velocity, a ten-minute mean, is{' '}
                <Slot path="/site/en/basic_velocity_m_per_s" open="missing" />. The terrain is of category{' '}
                <Slot path="/site/en/terrain" />. The members are of class <Slot path="/site/en/timber" open="not said" />.
            </Say>
        </Part>
    );
}

function AsNzsSentences() {
    return (
        <>
            <Say>
                The importance level is that of risk category <Slot path="/site/risk_category" />.
            </Say>
            <Part path="/site/as_nzs" open="Say what AS/NZS 1170 needs" close="take out">
                <Say>
                    The wind region is <Slot path="/site/as_nzs/region" open="missing" />, the terrain of category{' '}
                    <Slot path="/site/as_nzs/terrain" />.
                </Say>
                <Part path="/site/as_nzs/shielding" open="Buildings shield it" close="no shielding">
                    <Say>
                        Upwind, within twenty roof heights, stand <Slot path="/site/as_nzs/shielding/buildings" /> buildings at
                        least as tall, <Slot path="/site/as_nzs/shielding/height_m" /> high and{' '}
                        <Slot path="/site/as_nzs/shielding/breadth_m" /> broad.
                    </Say>
                </Part>{' '}
            </Part>
        </>
    );
}

function TopographySentences({ standard }: { standard: string }) {
    const { data } = useDesk();
    const topography = data.fields['/site/topography']?.value;
    return (
        <>
            <Say>
                The site <Slot path="/site/topography" />, ridge or escarpment
                {topography === 'factor' && standard.startsWith('asce7') && (
                    <>
                        : Kzt is <Slot path="/site/kzt" open="missing" />, from <Slot path="/site/kzt_source" />
                    </>
                )}
                {topography === 'factor' && standard === 'en-1991' && data.lists['/site/en'] === 1 && (
                    <>
                        : co is <Slot path="/site/en/orography" open="missing" />, from <Slot path="/site/kzt_source" />
                    </>
                )}
                {topography === 'factor' && standard.startsWith('as-nzs') && data.lists['/site/as_nzs'] === 1 && (
                    <>
                        : Mt is <Slot path="/site/as_nzs/topographic_multiplier" open="missing" />, from{' '}
                        <Slot path="/site/kzt_source" />
                    </>
                )}
                . The ground lies <Slot path="/site/ground_elevation_m" /> above the sea.
            </Say>
            {topography === 'hill' && (
                <Part path="/site/hill" open="Describe the hill" close="take out">
                    <Say>
                        It is <Slot path="/site/hill/shape" />, <Slot path="/site/hill/height_m" /> high; at half its height the
                        ground lies <Slot path="/site/hill/half_length_m" /> upwind of the crest. The building stands{' '}
                        <Slot path="/site/hill/from_crest_m" /> from the crest, <Slot path="/site/hill/side" />.
                    </Say>
                </Part>
            )}
        </>
    );
}

function SnowSentences({ standard }: { standard: string }) {
    const { data } = useDesk();
    const set = data.fields['/site/en/snow_set']?.value;
    const en = standard === 'en-1991' && data.lists['/site/en'] === 1;
    const asce = standard.startsWith('asce7');
    return (
        <>
            <h3 className="mt-5">Snow</h3>
            {en && (
                <Say>
                    The snow on the ground is <Slot path="/site/en/snow_set" />
                    {/^(annex_c|uk|at)/.test(set ?? '') && (
                        <>
                            , zone <Slot path="/site/en/snow_zone" open="without a number" />
                        </>
                    )}
                    .
                </Say>
            )}
            <Say>
                {(!en || set === 'given') && (
                    <>
                        The ground snow load is <Slot path="/site/ground_snow_Pa" />, <Slot path="/site/ground_snow_kind" />.{' '}
                    </>
                )}
                The roof is <Slot path="/site/roof_exposure" /> to wind
                {asce && (
                    <>
                        {' '}
                        and <Slot path="/site/thermal" />
                    </>
                )}
                .
            </Say>
            <Say>
                {asce && (
                    <>
                        The rafters or trusses are <Slot path="/site/roof_supports" />.{' '}
                    </>
                )}
                Snow <Slot path="/site/free_slide_path" />; above the array it <Slot path="/site/array_holds_snow" />.
                {standard === 'asce7-22' && (
                    <>
                        {' '}
                        The winter wind parameter is <Slot path="/site/winter_wind" open="missing" />.
                    </>
                )}
            </Say>
        </>
    );
}

function SurfaceSheet() {
    const { data, edit } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Surface</h2>
            <Say>
                The <Slot path="/surface/name" />: one plane of a <Slot path="/surface/roof_kind" /> under{' '}
                <Slot path="/surface/covering" />, with <Slot path="/surface/dormer_or_valley" /> and{' '}
                <Slot path="/surface/higher_or_lower_roof" />.
            </Say>
            <Say>
                It is <Slot path="/surface/width_m" /> along the eave and <Slot path="/surface/slope_length_m" /> up the slope, at{' '}
                <Slot path="/surface/pitch_rad" />. It overhangs the eave by <Slot path="/surface/eave_overhang_m" />, the left
                rake by <Slot path="/surface/left_rake_overhang_m" />, the right by <Slot path="/surface/right_rake_overhang_m" />
                .
            </Say>
            <SurfaceActs />
            {data.fields['/surface/roof_kind']?.value === 'hip' && (
                <Say>
                    Up to the ridge its left edge leans in by <Slot path="/surface/left_hip_m" />, its right by{' '}
                    <Slot path="/surface/right_hip_m" /> (0 where it is a rake).
                </Say>
            )}
            <h3 className="mt-5">Framing</h3>
            <Say>
                Under it stand <Slot path="/surface/framing/kind" />, <Slot path="/surface/framing/width_m" /> wide and{' '}
                <Slot path="/surface/framing/depth_m" /> deep, of <Slot path="/surface/framing/species" />, at{' '}
                <Slot path="/surface/framing/spacing_m" />.
            </Say>
            <Say>
                They were laid out from the <Slot path="/surface/framing/layout_from" /> gable. The shingle reaches{' '}
                <Slot path="/surface/framing/shingle_overhang_m" /> past a rake board of{' '}
                <Slot path="/surface/framing/rake_board_m" />; the first member as measured:{' '}
                <Slot path="/surface/framing/first_member_m" open="not measured" />.
            </Say>
            <p className="mt-2">
                So the first one stands at{' '}
                <Why ask={useDesk().ask} path="members/first">
                    {data.members.first}
                </Why>
                .
            </p>
            {data.lists['/surface/framing/lap'] === 1 ? (
                <Say>
                    Between <Slot path="/surface/framing/lap/from_m" /> and <Slot path="/surface/framing/lap/to_m" /> up the slope
                    two members stand side by side; below, they are shifted <Slot path="/surface/framing/lap/shift_m" /> to the
                    right. <EditAct onClick={() => void edit([{ path: '/surface/framing/lap', remove: true }])}>no lap</EditAct>
                </Say>
            ) : (
                <EditAct className="mt-2" onClick={() => void edit([{ path: '/surface/framing/lap', add: true }])}>
                    Members are lapped half-way
                </EditAct>
            )}
            <Say>
                Rafters span <Slot path="/surface/framing/span_m" open="an unknown length" /> on the level, of grade{' '}
                <Slot path="/surface/framing/grade" open="unknown" />.
            </Say>
            <h3 className="mt-5">Layers and courses</h3>
            <Say>
                Above the framing: a deck of <Slot path="/surface/deck" />, <Slot path="/surface/deck_thickness_m" />,
                underlayment <Slot path="/surface/underlayment_thickness_m" />, and shingles{' '}
                <Slot path="/surface/shingle_thickness_m" /> in all. The roof itself weighs <Slot path="/surface/dead_load_Pa" />.
            </Say>
            <Say>
                A butt line lies <Slot path="/surface/lower_butt_m" /> above the eave edge, another{' '}
                <Slot path="/surface/upper_butt_m" />, with <Slot path="/surface/courses_between" /> courses between.
            </Say>
            <h3 className="mt-5">Kept free</h3>
            <Say>
                At the eave <Slot path="/surface/setbacks/eave_m" />, at the ridge <Slot path="/surface/setbacks/ridge_m" />, at
                the left <Slot path="/surface/setbacks/left_m" />, at the right <Slot path="/surface/setbacks/right_m" />.
            </Say>
            {Array.from({ length: data.lists['/surface/no_work_circles'] ?? 0 }, (_, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: places in a list are its paths
                <Say key={index}>
                    A round <Slot path={`/surface/no_work_circles/${index}/kind`} />, “
                    <Slot path={`/surface/no_work_circles/${index}/id`} />
                    ”, <Slot path={`/surface/no_work_circles/${index}/diameter_m`} /> across, its centre{' '}
                    <Slot path={`/surface/no_work_circles/${index}/x_m`} /> from the left and{' '}
                    <Slot path={`/surface/no_work_circles/${index}/y_m`} /> up; keep{' '}
                    <Slot path={`/surface/no_work_circles/${index}/clearance_m`} /> clear.{' '}
                    <RemoveButton path={`/surface/no_work_circles/${index}`} />
                </Say>
            ))}
            {Array.from({ length: data.lists['/surface/no_work_rectangles'] ?? 0 }, (_, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: places in a list are its paths
                <Say key={index}>
                    A <Slot path={`/surface/no_work_rectangles/${index}/kind`} />, “
                    <Slot path={`/surface/no_work_rectangles/${index}/id`} />
                    ”, <Slot path={`/surface/no_work_rectangles/${index}/width_m`} /> by{' '}
                    <Slot path={`/surface/no_work_rectangles/${index}/height_m`} />, its lower left corner{' '}
                    <Slot path={`/surface/no_work_rectangles/${index}/x_m`} /> from the left and{' '}
                    <Slot path={`/surface/no_work_rectangles/${index}/y_m`} /> up; keep{' '}
                    <Slot path={`/surface/no_work_rectangles/${index}/clearance_m`} /> clear.{' '}
                    <RemoveButton path={`/surface/no_work_rectangles/${index}`} />
                </Say>
            ))}
            <p className="mt-2 space-x-2">
                <AddButton path="/surface/no_work_circles">Add a round one</AddButton>
                <AddButton path="/surface/no_work_rectangles">Add a rectangle</AddButton>
            </p>
            <h3 className="mt-5">What snow drifts against</h3>
            {Array.from({ length: data.lists['/surface/snow_features'] ?? 0 }, (_, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: places in a list are its paths
                <Say key={index}>
                    A <Slot path={`/surface/snow_features/${index}/kind`} />, “
                    <Slot path={`/surface/snow_features/${index}/id`} />
                    ”, <Slot path={`/surface/snow_features/${index}/width_m`} /> by{' '}
                    <Slot path={`/surface/snow_features/${index}/length_m`} /> up the slope, its lower left corner{' '}
                    <Slot path={`/surface/snow_features/${index}/x_m`} /> from the left and{' '}
                    <Slot path={`/surface/snow_features/${index}/y_m`} /> up, stands{' '}
                    <Slot path={`/surface/snow_features/${index}/height_m`} /> over the roof;{' '}
                    <Slot path={`/surface/snow_features/${index}/upwind_m`} /> of roof are swept towards it.
                    {data.fields[`/surface/snow_features/${index}/kind`]?.value === 'higher_roof' && (
                        <>
                            {' '}
                            The higher roof is <Slot path={`/surface/snow_features/${index}/higher_roof_m`} open="not measured" />{' '}
                            long and sheds from <Slot path={`/surface/snow_features/${index}/slides_from_m`} open="nowhere" /> of
                            slope.
                        </>
                    )}{' '}
                    <RemoveButton path={`/surface/snow_features/${index}`} />
                </Say>
            ))}
            <p className="mt-2">
                <AddButton path="/surface/snow_features">Add a wall, parapet or unit</AddButton>
            </p>
        </>
    );
}

function ModulesSheet() {
    const { data, edit, may } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Modules</h2>
            <Say>
                <Slot path="/block/rows" /> rows of <Slot path="/block/columns" /> “<Slot path="/module/name" />
                ”, <Slot path="/block/orientation" />: <Slot path="/module/length_m" /> by <Slot path="/module/width_m" />,{' '}
                <Slot path="/module/mass_kg" /> each.
            </Say>
            <Say>
                Gaps of <Slot path="/block/column_gap_m" /> between columns and <Slot path="/block/row_gap_m" /> between rows; the
                top is <Slot path="/block/top_above_roof_m" /> above the roof, tilted <Slot path="/block/tilt_from_roof_rad" />{' '}
                against it.
            </Say>
            <Say>
                The lower left corner is <Slot path="/block/x_m" /> from the left rake and <Slot path="/block/y_m" /> above the
                eave. <EditAct onClick={() => void edit([{ command: 'centre' }])}>Centre it</EditAct>
            </Say>
            <p className="mt-3 text-muted text-[0.9rem]">
                {may('update') && 'Click a module on the sheet to take it out, an empty place to put it back. '}Now{' '}
                {data.blocks.find((one) => one.id === data.block)?.modules} modules
                {data.blocks.length > 1 && `, ${data.summary.modules} on the surface`}, {data.lists['/block/left_out']} taken out.
            </p>
            <h3 className="mt-5">Ratings</h3>
            {Array.from({ length: data.lists['/module/ratings'] ?? 0 }, (_, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: places in a list are its paths
                <Say key={index}>
                    Clamped on the <Slot path={`/module/ratings/${index}/side`} /> side,{' '}
                    <Slot path={`/module/ratings/${index}/from_m`} /> to <Slot path={`/module/ratings/${index}/to_m`} /> from its
                    ends, it bears <Slot path={`/module/ratings/${index}/down_Pa`} /> down and{' '}
                    <Slot path={`/module/ratings/${index}/up_Pa`} /> up, a <Slot path={`/module/ratings/${index}/basis`} /> (test
                    over design <Slot path={`/module/ratings/${index}/factor`} />
                    ), by <Slot path={`/module/ratings/${index}/document`} />. <RemoveButton path={`/module/ratings/${index}`} />
                </Say>
            ))}
            <AddButton path="/module/ratings">Add a rating</AddButton>
            <BlockActs />
        </>
    );
}

function LoadsSheet() {
    const { data, shown, ask } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Loads</h2>
            {data.lists['/given'] !== 1 && data.fields['/site/standard']?.value?.startsWith('asce7') && (
                <Say>
                    Upward of the array the building edge is taken <Slot path="/rules/ridge_reading" />
                    {data.fields['/rules/ridge_reading']?.value === 'ridge' && (
                        <>
                            , as decided by <Slot path="/rules/ridge_reading_by" />
                        </>
                    )}
                    .
                </Say>
            )}
            <Part path="/given" open="Pressures are given by an engineer" close="compute them instead">
                <Say>
                    Pressures are given by <Slot path="/given/by" open="whom?" />, in{' '}
                    <Slot path="/given/document" open="which document?" /> of <Slot path="/given/on" open="which day?" />, at{' '}
                    <Slot path="/given/level" /> level. Up: in the field <Slot path="/given/field_up_Pa" open="missing" />; in
                    strips <Slot path="/given/edge_m" /> wide <Slot path="/given/eave_up_Pa" open="missing" /> at the eave,{' '}
                    <Slot path="/given/rake_up_Pa" open="missing" /> at the rakes,{' '}
                    <Slot path="/given/ridge_up_Pa" open="missing" /> at the ridge; in corners{' '}
                    <Slot path="/given/eave_corner_up_Pa" open="missing" /> at the eave and{' '}
                    <Slot path="/given/ridge_corner_up_Pa" open="missing" /> at the ridge. Down:{' '}
                    <Slot path="/given/down_Pa" open="missing" />. Snow on the roof:{' '}
                    <Slot path="/given/roof_snow_Pa" open="computed" />.
                </Say>
            </Part>
            {shown.loads.length === 0 && (
                <p className="mt-3">No loads yet: the case is not covered, see the findings of the stages before.</p>
            )}
            <table className="mt-3 text-[0.93rem]">
                <tbody>
                    {shown.loads.map((row) => (
                        <tr key={row.path}>
                            <td>{row.name}</td>
                            <td className="text-right font-semibold">
                                <Why ask={ask} path={row.path}>
                                    {row.value}
                                </Why>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="mt-3 text-muted text-[0.9rem]">
                Hatching: the closer, the stronger the wind. Every figure opens its reason, and so does a module on the sheet.
            </p>
        </>
    );
}

function AttachmentsSheet() {
    const { data, ask } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Attachments</h2>
            <p className="mt-1">
                <strong className="text-[1.8rem]">{data.summary.attachments}</strong> feet{' '}
                {data.summary.reserve !== null && (
                    <span className={`tone-${data.summary.tone} ml-2 font-semibold`}>
                        {data.summary.word}, least reserve {data.summary.reserve}
                    </span>
                )}
            </p>
            <Say>
                Feet of neighbouring rails are <Slot path="/rules/pattern" />; tapes along a run start at the{' '}
                <Slot path="/rules/run_datum" />, up the slope at the <Slot path="/rules/slope_datum" />
                {data.fields['/rules/slope_datum']?.value === 'control_line' && (
                    <>
                        , which lies <Slot path="/rules/control_line_m" /> above the eave
                    </>
                )}
                ; inches only: <Slot path="/rules/inches_only" />.
            </Say>
            <Say>
                A foot may stand <Slot path="/rules/placing_tolerance_m" open="¼ in" /> off its mark; rails are brought into line
                within <Slot path="/rules/line_tolerance_m" open="⅛ in" />.
            </Say>
            <Say>
                No bay is longer than <Slot path="/rules/greatest_bay_m" open="what holds" />; the last one from the datum may be,
                if it holds: <Slot path="/rules/last_bay_may_be_longer" />.
            </Say>
            <OwnPlaces />
            <FootSentence />
            <Say>
                Capacities of the kit are entered as <Slot path="/kit/capacities" />. The lag is <Slot path="/kit/lag/name" />,
                held against pulling out by <Slot path="/kit/lag/pull_out_N" open="what is computed" />,{' '}
                <Slot path="/kit/lag/diameter" /> by <Slot path="/kit/lag/length_m" />. Shank hole{' '}
                <Slot path="/kit/lag/shank_hole" />, drill guide <Slot path="/kit/lag/drill_guide" />. Sideways the maker allows{' '}
                <Slot path="/kit/foot/base/lateral_N" open="nothing" /> (
                <Slot path="/kit/foot/base/lateral_document" open="no document" />
                ).
            </Say>
            <Say>
                The bolt “<Slot path="/kit/bolt/name" />” bears <Slot path="/kit/bolt/up_N" open="missing" /> up,{' '}
                <Slot path="/kit/bolt/along_N" open="missing" /> along, at <Slot path="/kit/bolt/torque_Nm" open="no torque" />,
                by <Slot path="/kit/bolt/document" />.
            </Say>
            {data.lag !== null && (
                <p className="mt-3 text-[0.93rem]">
                    So{' '}
                    <Why ask={ask} path="lag/thread">
                        {data.lag.thread}
                    </Why>{' '}
                    of thread holds{' '}
                    <Why ask={ask} path="lag/withdrawal">
                        {data.lag.withdrawal}
                    </Why>{' '}
                    in wind
                    {data.lag.lateral !== null && (
                        <>
                            {' '}
                            and{' '}
                            <Why ask={ask} path="lag/lateral">
                                {data.lag.lateral}
                            </Why>{' '}
                            sideways
                        </>
                    )}
                    .
                </p>
            )}
        </>
    );
}

/** Places that the planner pinned or barred; they come from the sheet, the tape or here. */
function OwnPlaces() {
    const { data } = useDesk();
    const all = (list: string) => Array.from({ length: data.lists[list] ?? 0 }, (_, index) => index);
    return (
        <>
            {all('/block/pins').map((index) => (
                <Say key={`pin-${index}`}>
                    A foot is pinned to member <Slot path={`/block/pins/${index}/member`} /> on line{' '}
                    <Slot path={`/block/pins/${index}/line`} />. <RemoveButton path={`/block/pins/${index}`} />
                </Say>
            ))}
            {all('/block/bars').map((index) => (
                <Say key={`bar-${index}`}>
                    Member <Slot path={`/block/bars/${index}/member`} /> takes no foot on line{' '}
                    <Slot path={`/block/bars/${index}/line`} open="any" />. <RemoveButton path={`/block/bars/${index}`} />
                </Say>
            ))}
            <p className="mt-2">
                <AddButton path="/block/pins">Pin a foot</AddButton> <AddButton path="/block/bars">Bar a member</AddButton>
            </p>
        </>
    );
}

function RailsSheet() {
    const { data, ask, edit, may } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Rails</h2>
            {may('update') && (
                <p className="mt-1 text-[0.93rem]">
                    To begin with, a made-up rail with its clamps and bolts:{' '}
                    {(['light', 'standard', 'heavy'] as const).map((rail) => (
                        <EditAct key={rail} className="mr-1" onClick={() => void edit([{ command: 'rail', rail }])}>
                            {rail}
                        </EditAct>
                    ))}
                </p>
            )}
            <Say>
                “<Slot path="/kit/rail/name" />” in lengths of <Slot path="/kit/rail/stock_length_m" />,{' '}
                <Slot path="/kit/rail/line_mass_kg_per_m" />; saw cut <Slot path="/kit/rail/kerf_m" />;{' '}
                <Slot path="/kit/rail/end_past_module_m" /> left past each end module.
            </Say>
            <Say>
                Section moduli <Slot path="/kit/rail/section_modulus_x_m3" /> (normal) and{' '}
                <Slot path="/kit/rail/section_modulus_y_m3" /> (along), second moment <Slot path="/kit/rail/second_moment_x_m4" />
                , E <Slot path="/kit/rail/elastic_modulus_Pa" />, allowable stress{' '}
                <Slot path="/kit/rail/allowable_stress_Pa" open="missing" />, by <Slot path="/kit/rail/document" />.
            </Say>
            <Say>
                A splice bears <Slot path="/kit/rail/splice_moment_Nm" open="nothing (a hinge)" />; the longest run is{' '}
                <Slot path="/kit/rail/longest_run_m" open="not limited" />.
            </Say>
            <Say>
                “<Slot path="/kit/clamp/name" />” bears <Slot path="/kit/clamp/up_N" open="missing" /> up and{' '}
                <Slot path="/kit/clamp/along_N" open="missing" /> along, torque{' '}
                <Slot path="/kit/clamp/torque_Nm" open="missing" />, by <Slot path="/kit/clamp/document" />; both rails hold
                against sliding: <Slot path="/kit/clamp/grips_both_rails" />. Clips and wire weigh{' '}
                <Slot path="/kit/extra_mass_per_module_kg" /> a module.
            </Say>
            {data.clamp !== null && (
                <p className="mt-3 text-[0.93rem]">
                    The most loaded clamp, on run {data.clamp.run}, is pulled by {data.clamp.up}:{' '}
                    <Why ask={ask} path="clamp">
                        <span className={`tone-${data.clamp.word}`}>
                            {data.clamp.word} {data.clamp.reserve}
                        </span>
                    </Why>
                    .
                </p>
            )}
        </>
    );
}

/** The steps that every foot goes through, of all the steps of the job. */
const atFoot = ['anchors', 'find', 'shank_hole', 'attach', 'seal_flashed_foot', 'seal_standoff'];

function HolesSheet() {
    const { data } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Holes</h2>
            <Say>
                The hole lies <Slot path="/kit/foot/hole_offset_m" /> above the rail; the flashing,{' '}
                <Slot path="/kit/foot/flashing/width_m" /> wide and <Slot path="/kit/foot/flashing/thickness_m" /> thick, reaches{' '}
                <Slot path="/kit/foot/flashing/below_m" /> below it and <Slot path="/kit/foot/flashing/above_m" /> above. The
                maker wants <Slot path="/kit/foot/flashing/makers_cover_m" open="(missing)" /> under the course above; the slot
                gives <Slot path="/kit/foot/slot_m" /> each way.
            </Say>
            <Say>
                Sealed with <Slot path="/kit/sealant/name" />, by <Slot path="/kit/sealant/document" />.
            </Say>
            <h3 className="mt-5">Other holes</h3>
            {Array.from({ length: data.lists['/surface/penetrations'] ?? 0 }, (_, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: places in a list are its paths
                <Say key={index}>
                    A <Slot path={`/surface/penetrations/${index}/kind`} />, “<Slot path={`/surface/penetrations/${index}/id`} />
                    ”, <Slot path={`/surface/penetrations/${index}/x_m`} /> from the left,{' '}
                    <Slot path={`/surface/penetrations/${index}/y_m`} /> up:{' '}
                    <Slot path={`/surface/penetrations/${index}/note`} open="no note" />.{' '}
                    <RemoveButton path={`/surface/penetrations/${index}`} />
                </Say>
            ))}
            <AddButton path="/surface/penetrations">Add a hole</AddButton>
            <h3 className="mt-5">At each foot</h3>
            <ol className="mt-1 list-decimal space-y-1.5 pl-5 text-[0.93rem] leading-snug">
                {data.steps
                    .filter((step) => atFoot.includes(step.code))
                    .map((step) => (
                        <li key={step.code}>
                            {step.text}
                            {step.cautions.map((caution) => (
                                <p key={caution} className="mt-1 border-ochre border-l-4 bg-ochre/8 pl-2">
                                    <strong>Caution:</strong> {caution}
                                </p>
                            ))}
                        </li>
                    ))}
            </ol>
        </>
    );
}

function HandoverSheet() {
    const { data, job, may } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Hand-over</h2>
            <p className={`mt-2 font-semibold ${data.status === 'confirmed' ? 'tone-holds' : 'tone-fails'}`}>
                {data.status_text}
            </p>
            <p className="mt-2 leading-snug">
                {data.summary.unconfirmed} recalled values to confirm, {data.summary.open_stops} open stops, structure{' '}
                {data.summary.structure_signed_by === null ? 'not signed' : `signed by ${data.summary.structure_signed_by}`}.
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
                <li>
                    <a className="why" href={`/jobs/${job}/export/materials.csv`}>
                        Materials (CSV)
                    </a>
                </li>
                <li>
                    <a className="why" href={`/jobs/${job}/export/cutting.csv`}>
                        Cutting list (CSV)
                    </a>
                </li>
                <li>
                    <a className="why" href={`/jobs/${job}/export/plan.json`}>
                        Plan (JSON)
                    </a>
                </li>
                <li>
                    <a className="why" href={`/jobs/${job}/export/design.json`}>
                        Design (JSON)
                    </a>
                </li>
            </ul>
        </>
    );
}
