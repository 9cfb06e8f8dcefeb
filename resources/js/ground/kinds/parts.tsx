import { Slot } from '@/desk/Slot';
import { AddButton, Each, Part, Say } from '@/stages/parts';

/** What one kind of table says at its stages. */
export type KindSheets = {
    /** What carries the modules. */
    Carries: () => React.ReactNode;
    /** What that stands on. */
    Stands: () => React.ReactNode;
    /** How it is cut and set, where that is asked. */
    Sets?: () => React.ReactNode;
    /** What stands on the ground, one and several; posts where it is not said. */
    feet?: [string, string];
    /** Levels that it reads at each of its posts along the row; none where it is not said. */
    levels?: 1 | 2;
    /** Where there is no hole that would be measured. */
    isWithoutHoles?: boolean;
};

/** What rails on two beams and those on posts bear, by their document. */
export function Holds({ beam, joint }: { beam: string; joint: string }) {
    return (
        <Say>
            By <Slot path="/table/racking/holds/document" open="no document" /> (ASD) a clamp bears{' '}
            <Slot path="/table/racking/holds/clamp_up_N" open="?" /> lifted, a rail{' '}
            <Slot path="/table/racking/holds/rail_moment_Nm" open="?" /> bent, a rail on its {beam}{' '}
            <Slot path="/table/racking/holds/rail_up_N" open="?" /> lifted and{' '}
            <Slot path="/table/racking/holds/rail_along_N" open="?" /> sliding, {joint}{' '}
            <Slot path="/table/racking/holds/tee_up_N" open="?" /> lifted and{' '}
            <Slot path="/table/racking/holds/tee_across_N" open="?" /> pushed.
        </Say>
    );
}

export function Rows({ thing }: { thing: string }) {
    return (
        <Say>
            <Slot path="/table/racking/posts" /> {thing} along the row, front and rear, the table{' '}
            <Slot path="/table/racking/end_overhang_m" /> past its end {thing}, in bays of{' '}
            <Slot path="/table/racking/bay_m" open="one length" />. The front beam lies{' '}
            <Slot path="/table/racking/front_height_m" /> over the highest ground.
        </Say>
    );
}

/** What brings the heads of piles into line. */
export function HeadsMove() {
    return (
        <Say>
            A head can be moved <Slot path="/table/racking/adjusts_m" /> up or down to bring it into line.
        </Say>
    );
}

/** A bar from each front post to the rear one behind it. */
export function Braced() {
    return (
        <Part path="/table/racking/brace" open="Brace front posts to rear ones" close="no braces">
            <Say>
                “<Slot path="/table/racking/brace/name" />” goes from each front post,{' '}
                <Slot path="/table/racking/brace/front_at_m" /> over the ground, to the rear one behind it,{' '}
                <Slot path="/table/racking/brace/rear_at_m" /> over the ground, on one bolt at either end. Its section is{' '}
                <Slot path="/table/racking/brace/area_m2" />, E <Slot path="/table/racking/brace/modulus_Pa" />. By{' '}
                <Slot path="/table/racking/brace/document" open="no document" /> (ASD) it bears, with its bolts,{' '}
                <Slot path="/table/racking/brace/pull_N" open="?" /> pulled and{' '}
                <Slot path="/table/racking/brace/push_N" open="?" /> pressed.
            </Say>
        </Part>
    );
}

/** A timber by its size and its reference values. */
export function Timber({ at, children }: { at: 'front_post' | 'rear_post' | 'girder' | 'stick'; children: React.ReactNode }) {
    const path = `/table/racking/${at}` as const;
    return (
        <Say>
            {children} <Slot path={`${path}/name`} />, <Slot path={`${path}/breadth_m`} /> along the row by{' '}
            <Slot path={`${path}/depth_m`} /> (actual), incised: <Slot path={`${path}/incised`} />, in lengths of{' '}
            <Slot path={`${path}/stock_m`} />. By <Slot path={`${path}/document`} open="no document" />, with the size factor, Fb
            is <Slot path={`${path}/bending_Pa`} open="?" />, Ft <Slot path={`${path}/tension_Pa`} open="?" />, Fc{' '}
            <Slot path={`${path}/compression_Pa`} open="?" />, Fv <Slot path={`${path}/shear_Pa`} open="?" />, E{' '}
            <Slot path={`${path}/modulus_Pa`} open="?" />, Emin <Slot path={`${path}/least_modulus_Pa`} open="?" />.
        </Say>
    );
}

/** A steel section by what its document says. */
export function Section({ at, children }: { at: 'pile' | 'purlin' | 'strut'; children: React.ReactNode }) {
    const path = `/table/racking/${at}` as const;
    return (
        <Say>
            {children} <Slot path={`${path}/name`} />, <Slot path={`${path}/width_m`} /> wide. By{' '}
            <Slot path={`${path}/document`} open="no document" /> (ASD, its weaker way) it bears{' '}
            <Slot path={`${path}/moment_Nm`} open="?" /> bent, <Slot path={`${path}/shear_N`} open="?" /> sheared and{' '}
            <Slot path={`${path}/axial_N`} open="?" /> along it; its second moment is{' '}
            <Slot path={`${path}/second_moment_m4`} open="?" />.
        </Say>
    );
}

/** A steel pipe by its size and grade. */
export function Pipe({ at, children }: { at: 'post' | 'beam' | 'mast'; children: React.ReactNode }) {
    const path = `/table/racking/${at}` as const;
    return (
        <>
            {children} <Slot path={`${path}/name`} />, <Slot path={`${path}/outside_m`} /> outside, a wall of{' '}
            <Slot path={`${path}/wall_m`} open="nobody knows what" />, of <Slot path={`${path}/yield_Pa`} open="unknown" /> steel
            (
            <Slot path={`${path}/document`} open="no document" />)
        </>
    );
}

export function PullTests() {
    return (
        <>
            <h3 className="mt-5">Pull tests</h3>
            <Say>
                On this ground, <Slot path="/table/racking/tests/embedment_m" /> deep, by{' '}
                <Slot path="/table/racking/tests/document" open="no report" />. The ground was as it will be, neither frozen nor
                dried out: <Slot path="/table/racking/tests/representative" />. Sideways they were pulled at{' '}
                <Slot path="/table/racking/tests/sideways_at_m" open="the ground" />.
            </Say>
            <Each list="/table/racking/tests/each">
                {(at) => (
                    <>
                        One bore <Slot path={`${at}/up_N`} /> upward and <Slot path={`${at}/sideways_N`} open="nothing tested" />{' '}
                        sideways.
                    </>
                )}
            </Each>
            <p className="mt-2">
                <AddButton path="/table/racking/tests/each">One more test</AddButton>
            </p>
        </>
    );
}

export function Bracket() {
    return (
        <Say>
            By <Slot path="/table/racking/bracket/document" open="no document" /> (ASD) a clamp bears{' '}
            <Slot path="/table/racking/bracket/clamp_up_N" open="?" /> lifted; the bracket on the post{' '}
            <Slot path="/table/racking/bracket/up_N" open="?" /> lifted, <Slot path="/table/racking/bracket/moment_Nm" open="?" />{' '}
            bent to the low or high edge, <Slot path="/table/racking/bracket/across_Nm" open="?" /> along the row, and{' '}
            <Slot path="/table/racking/bracket/torque_Nm" open="?" /> turned.
        </Say>
    );
}

/** Frames on a conduit, and what their feet stand on. */
export function FramesOnConduit({ foot }: { foot: string }) {
    return (
        <>
            <h3 className="mt-5">Frames on a conduit</h3>
            <Say>
                By <Slot path="/table/racking/document" open="no document" /> triangular frames,{' '}
                <Slot path="/table/racking/thick_m" /> thick, stand between the modules and <Slot path="/table/racking/under_m" />{' '}
                under their edges; frames and conduit weigh <Slot path="/table/racking/dead_Pa" />. The conduit runs{' '}
                <Slot path="/table/racking/conduit_over_m" /> past the end frames.
            </Say>
            <Say>
                The low edge lies <Slot path="/table/racking/edge_height_m" /> over the ground, the front foot{' '}
                <Slot path="/table/racking/front_foot_m" /> behind it and the rear one <Slot path="/table/racking/between_m" />{' '}
                behind that, level. Modules are bolted <Slot path="/table/racking/bolt_at_m" /> from their ends; the bolts of one
                on a frame bear <Slot path="/table/racking/bolts_up_N" open="?" /> lifted, the foot of a frame on its {foot}{' '}
                <Slot path="/table/racking/foot_up_N" open="?" /> lifted and <Slot path="/table/racking/foot_across_N" open="?" />{' '}
                pushed (ASD).
            </Say>
        </>
    );
}
