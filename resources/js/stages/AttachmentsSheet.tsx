import { Why } from '@/desk/BecausePanel';
import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { FastenerSentence } from '@/stages/FastenerSentence';
import { FootSentence } from '@/stages/FootSentence';
import { AddButton, Each, Part, Say } from '@/stages/parts';
import { Schools } from '@/stages/Schools';
import { hasRails, isSeen } from '@/words';

export function AttachmentsSheet() {
    const { data } = useDesk();
    const rails = hasRails(data);
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
            <LaidOut rails={rails} />
            {rails && <Bays />}
            <Schools />
            <OwnPlaces />
            <FootSentence />
            <EdgeFoot />
            <Say>
                Capacities of the kit are entered as <Slot path="/kit/capacities" />.
            </Say>
            <FastenerSentence />
            <Bolt rails={rails} />
            <Holds />
        </>
    );
}

/** Places that the planner pinned or barred; they come from the sheet, the tape or here. */
function OwnPlaces() {
    const { data } = useDesk();
    return (
        <>
            <Each list="/block/pins">
                {(at) => (
                    <>
                        A foot is pinned to {data.stand} <Slot path={`${at}/member`} /> on line <Slot path={`${at}/line`} />.
                    </>
                )}
            </Each>
            <Each list="/block/bars">
                {(at) => (
                    <>
                        No foot on {data.stand} <Slot path={`${at}/member`} /> of line <Slot path={`${at}/line`} open="any" />.
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/block/pins">Pin a foot</AddButton> <AddButton path="/block/bars">Bar a {data.stand}</AddButton>
            </p>
        </>
    );
}

/** How far apart feet are at most. */
function Bays() {
    return (
        <Say>
            No bay is longer than <Slot path="/rules/greatest_bay_m" open="what holds" />; the last one from the datum may be, if
            it holds: <Slot path="/rules/last_bay_may_be_longer" />.
        </Say>
    );
}

/** By what lines, bays and tapes are laid out, and how far off a foot may stand. */
function LaidOut({ rails }: { rails: boolean }) {
    const { data } = useDesk();
    return (
        <>
            <Say>
                {rails ? (
                    <>
                        Feet of neighbouring rails are <Slot path="/rules/pattern" />; tapes
                    </>
                ) : (
                    'Tapes'
                )}{' '}
                along a run start at the <Slot path="/rules/run_datum" />, up the slope at the <Slot path="/rules/slope_datum" />
                {data.fields['/rules/slope_datum']?.value === 'control_line' && (
                    <>
                        , which lies <Slot path="/rules/control_line_m" /> above the eave
                    </>
                )}
                ; inches only: <Slot path="/rules/inches_only" />.
            </Say>
            <Say>
                Lines are laid out by <Slot path="/rules/lay_out" />.
            </Say>
            <Say>
                {isSeen(data.stand) ? (
                    `Feet stand by their ${data.stand === 'purlin' ? 'screws and ribs' : `${data.stand}s`}, which are seen`
                ) : (
                    <>
                        A foot may stand <Slot path="/rules/placing_tolerance_m" open={data.units === 'mm' ? '6.4 mm' : '¼ in'} />{' '}
                        off its mark
                    </>
                )}
                {rails && (
                    <>
                        ; rails are brought into line within{' '}
                        <Slot path="/rules/line_tolerance_m" open={data.units === 'mm' ? '3.2 mm' : '⅛ in'} />
                    </>
                )}
                .
            </Say>
        </>
    );
}

function EdgeFoot() {
    return (
        <Part path="/kit/edge_foot" open="A stronger foot in edge zones" close="all feet alike">
            <Say>
                Where what a foot holds reaches into an edge zone of the wind it is “
                <Slot path="/kit/edge_foot/name" />
                ”, as high as the others, with <Slot path="/kit/edge_foot/screws" /> screws; with these, in such members, it bears{' '}
                <Slot path="/kit/edge_foot/up_N" open="missing" /> up, <Slot path="/kit/edge_foot/down_N" open="missing" /> down
                and <Slot path="/kit/edge_foot/along_N" open="missing" /> along, by{' '}
                <Slot path="/kit/edge_foot/document" open="(missing)" />.
            </Say>
        </Part>
    );
}

/** What is between rail and foot. */
function Bolt({ rails }: { rails: boolean }) {
    const { data } = useDesk();
    if (data.fields['/kit/foot/kind']?.value === 'sheet_screws') {
        return <Say>No bolt is between: the rail itself lies on the sheet.</Say>;
    }
    return rails ? (
        <Say>
            The bolt “<Slot path="/kit/bolt/name" />” bears <Slot path="/kit/bolt/up_N" open="missing" /> up,{' '}
            <Slot path="/kit/bolt/along_N" open="missing" /> along, at <Slot path="/kit/bolt/torque_Nm" open="no torque" />, by{' '}
            <Slot path="/kit/bolt/document" />.
        </Say>
    ) : null;
}

/** What a fastener holds so, each value with its reason. */
function Holds() {
    const { data, ask } = useDesk();
    return data.fastener === null ? null : (
        <p className="mt-3 text-[0.93rem]">
            So{' '}
            <Why ask={ask} path="fastener/thread">
                {data.fastener.thread}
            </Why>{' '}
            of thread holds{' '}
            <Why ask={ask} path="fastener/withdrawal">
                {data.fastener.withdrawal}
            </Why>{' '}
            in wind
            {data.fastener.lateral !== null && (
                <>
                    {' '}
                    and{' '}
                    <Why ask={ask} path="fastener/lateral">
                        {data.fastener.lateral}
                    </Why>{' '}
                    sideways
                </>
            )}
            .
        </p>
    );
}
