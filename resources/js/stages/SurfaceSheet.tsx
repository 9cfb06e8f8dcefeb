import { Why } from '@/desk/BecausePanel';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { SurfaceActs } from '@/desk/Surfaces';
import { CoveringSentences } from '@/stages/CoveringSentences';
import { OutlineSentences } from '@/stages/OutlineSentences';
import { AddButton, Each, Part, Say } from '@/stages/parts';
import type { Edit } from '@/types/desk';

export function SurfaceSheet() {
    return (
        <>
            <h2 className="text-[1.2rem]">Surface</h2>
            <Say>
                The <Slot path="/surface/name" />: one plane of a <Slot path="/surface/roof_kind" /> under{' '}
                <Slot path="/surface/covering/kind" />, with <Slot path="/surface/dormer_or_valley" /> and{' '}
                <Slot path="/surface/higher_or_lower_roof" />.
            </Say>
            <Say>
                It rises at <Slot path="/surface/pitch_rad" />.
            </Say>
            <OutlineSentences />
            <SurfaceActs />
            <FramingSentences />
            <CoveringSentences />
            <KeptFree />
            <FireSentences />
            <SnowFeatures />
        </>
    );
}

/** Members as they should stand, and as they were found. */
function FramingSentences() {
    const { data } = useDesk();
    const kind = data.fields['/surface/framing/kind']?.value ?? '';
    const across = kind === 'purlin' || kind === 'steel_purlin';
    if (kind === 'deck_only') {
        return <DeckAlone />;
    }
    return (
        <>
            <h3 className="mt-5">Framing</h3>
            <Say>
                Under it {across ? 'lie' : 'stand'} <Slot path="/surface/framing/kind" />,{' '}
                <Slot path="/surface/framing/width_m" /> wide and <Slot path="/surface/framing/depth_m" /> deep, of{' '}
                {kind === 'steel_purlin' ? (
                    <>
                        steel <Slot path="/surface/framing/steel_thickness_m" open="of unknown thickness" /> thick, which tears at{' '}
                        <Slot path="/surface/framing/steel_strength_Pa" open="an unknown stress" />
                    </>
                ) : (
                    <Slot path="/surface/framing/species" />
                )}
                {across ? (
                    ', each under a line of screws'
                ) : (
                    <>
                        , at <Slot path="/surface/framing/spacing_m" />
                    </>
                )}
                .
            </Say>
            {data.stand !== 'seam' && <WhereTheyStand across={across} />}
        </>
    );
}

/** No member that feet could find: they stand where the plan spaces them out. */
function DeckAlone() {
    return (
        <>
            <h3 className="mt-5">Framing</h3>
            <Say>
                Feet hold in <Slot path="/surface/framing/kind" />, by tests in one as this is. They may stand every{' '}
                <Slot path="/surface/framing/spacing_m" /> along a line, the first{' '}
                <Slot path="/surface/framing/first_member_m" open="one such space" /> from the left edge.
            </Say>
        </>
    );
}

/** Seams are seen, and what stands under them carries no foot of its own. */
function WhereTheyStand({ across }: { across: boolean }) {
    return (
        <>
            {!across && <FirstMember />}
            <Say>
                Where they {across ? 'lie' : 'stand'} is <Slot path="/surface/framing/known" open="not told" />, to within{' '}
                <Slot path="/surface/framing/plus_minus_m" open="not told" />.
            </Say>
            <Each list="/surface/framing/own">{(at) => (across ? <OwnPurlin at={at} /> : <OwnMember at={at} />)}</Each>
            <p className="mt-2">
                <AddButton path="/surface/framing/own">
                    {across ? 'A purlin lies otherwise' : 'A member stands otherwise'}
                </AddButton>
            </p>
            {!across && <LapAndSpan />}
        </>
    );
}

/** Where the layout began. */
function FirstMember() {
    const { data, ask } = useDesk();
    return (
        <>
            <Say>
                They were laid out from the <Slot path="/surface/framing/layout_from" /> gable.{' '}
                {data.course === 'batten' ? 'The tiles reach' : 'The shingle reaches'}{' '}
                <Slot path="/surface/framing/shingle_overhang_m" /> past a rake board of{' '}
                <Slot path="/surface/framing/rake_board_m" />; the first member as measured:{' '}
                <Slot path="/surface/framing/first_member_m" open="not measured" />.
            </Say>
            <p className="mt-2">
                So the first one stands at{' '}
                <Why ask={ask} path="members/first">
                    {data.members.first}
                </Why>
                .
            </p>
        </>
    );
}

type OfOwn = { at: `/surface/framing/own/${number}` };

function OwnMember({ at }: OfOwn) {
    return (
        <>
            Member <Slot path={`${at}/number`} /> stands <Slot path={`${at}/x_m`} open="nowhere: it is not there" /> from the left
            rake, <Slot path={`${at}/plies`} /> side by side, from <Slot path={`${at}/from_m`} open="the eave" /> up to{' '}
            <Slot path={`${at}/to_m`} open="the ridge" />; <Slot path={`${at}/known`} open="not told how" />, to within{' '}
            <Slot path={`${at}/plus_minus_m`} open="not told" />.
        </>
    );
}

function OwnPurlin({ at }: OfOwn) {
    return (
        <>
            Purlin <Slot path={`${at}/number`} /> lies <Slot path={`${at}/x_m`} open="nowhere: it is not there" /> above the eave,
            from <Slot path={`${at}/from_m`} open="the left edge" /> to <Slot path={`${at}/to_m`} open="the right edge" />;{' '}
            <Slot path={`${at}/known`} open="not told how" />, to within <Slot path={`${at}/plus_minus_m`} open="not told" />.
        </>
    );
}

function LapAndSpan() {
    const { data, edit } = useDesk();
    return (
        <>
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
        </>
    );
}

function KeptFree() {
    const { data } = useDesk();
    return (
        <>
            <h3 className="mt-5">Kept free</h3>
            {(data.lists['/surface/outline'] ?? 0) === 0 && (
                <Say>
                    At the eave <Slot path="/surface/setbacks/eave_m" />, at the ridge <Slot path="/surface/setbacks/ridge_m" />,
                    at the left <Slot path="/surface/setbacks/left_m" />, at the right <Slot path="/surface/setbacks/right_m" />.
                </Say>
            )}
            <Each list="/surface/no_work_circles">
                {(at) => (
                    <>
                        A round <Slot path={`${at}/kind`} />, “<Slot path={`${at}/id`} />
                        ”, <Slot path={`${at}/diameter_m`} /> across, its centre <Slot path={`${at}/x_m`} /> from the left and{' '}
                        <Slot path={`${at}/y_m`} /> up; keep <Slot path={`${at}/clearance_m`} /> clear.
                    </>
                )}
            </Each>
            <Each list="/surface/no_work_rectangles">
                {(at) => (
                    <>
                        A <Slot path={`${at}/kind`} />, “<Slot path={`${at}/id`} />
                        ”, <Slot path={`${at}/width_m`} /> by <Slot path={`${at}/height_m`} />, its lower left corner{' '}
                        <Slot path={`${at}/x_m`} /> from the left and <Slot path={`${at}/y_m`} /> up; keep{' '}
                        <Slot path={`${at}/clearance_m`} /> clear.
                    </>
                )}
            </Each>
            <p className="mt-2 space-x-2">
                <AddButton path="/surface/no_work_circles">Add a round one</AddButton>
                <AddButton path="/surface/no_work_rectangles">Add a rectangle</AddButton>
            </p>
        </>
    );
}

/** What access of fire crews asks, and a path of theirs. */
function FireSentences() {
    const { data, edit } = useDesk();
    const list = '/surface/no_work_rectangles';
    const number = data.lists[list] ?? 0;
    const at = `${list}/${number}`;
    const path: Edit[] = [
        { path: list, add: true },
        { path: `${at}/kind`, typed: 'fire_path' },
        { path: `${at}/id`, typed: `path-${number + 1}` },
        { path: `${at}/x_m`, typed: '0' },
        { path: `${at}/y_m`, typed: '0' },
        { path: `${at}/width_m`, typed: '36 in' },
        { path: `${at}/height_m`, typed: data.fields['/surface/slope_length_m']?.text ?? '' },
        { path: `${at}/clearance_m`, typed: '0' },
    ];
    return (
        <>
            <h3 className="mt-5">Fire crews</h3>
            <Part path="/fire" open="Check their access" close="do not check it">
                <Say>
                    Checked by <Slot path="/fire/rule" />. People live in it: <Slot path="/fire/dwelling" />; sprinklers are
                    throughout: <Slot path="/fire/sprinklers" />. The whole roof measures{' '}
                    <Slot path="/fire/roof_m2" open="what the planes of this job do" /> on the level.
                </Say>
                <Say>
                    This plane faces the street or driveway: <Slot path="/surface/fire/street" />. They go up on{' '}
                    <Slot path="/surface/fire/path_on" open="this plane itself" />.{' '}
                    <EditAct onClick={() => void edit(path)}>Keep a path free at the left edge</EditAct>
                </Say>
            </Part>
        </>
    );
}

function SnowFeatures() {
    const { data } = useDesk();
    return (
        <>
            <h3 className="mt-5">What snow drifts against</h3>
            <Each list="/surface/snow_features">
                {(at) => (
                    <>
                        A <Slot path={`${at}/kind`} />, “<Slot path={`${at}/id`} />
                        ”, <Slot path={`${at}/width_m`} /> by <Slot path={`${at}/length_m`} /> up the slope, its lower left corner{' '}
                        <Slot path={`${at}/x_m`} /> from the left and <Slot path={`${at}/y_m`} /> up, stands{' '}
                        <Slot path={`${at}/height_m`} /> over the roof; <Slot path={`${at}/upwind_m`} /> of roof are swept towards
                        it.
                        {data.fields[`${at}/kind`]?.value === 'higher_roof' && (
                            <>
                                {' '}
                                The higher roof is <Slot path={`${at}/higher_roof_m`} open="not measured" /> long and sheds from{' '}
                                <Slot path={`${at}/slides_from_m`} open="nowhere" /> of slope.
                            </>
                        )}
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/surface/snow_features">Add a wall, parapet or unit</AddButton>
            </p>
        </>
    );
}
