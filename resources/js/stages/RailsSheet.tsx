import { Why } from '@/desk/BecausePanel';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { LegFrames } from '@/sheet/LegFrames';
import { Catalogue } from '@/stages/Catalogue';
import { AddButton, Each, Part, Say } from '@/stages/parts';
import { hasRails } from '@/words';

export function RailsSheet() {
    const { data, ask, edit, may } = useDesk();
    const short = data.fields['/block/arrangement/kind']?.value === 'short_rails';
    // Where no block has any, nothing is asked of them.
    const alone = !hasRails(data);
    const bolted = data.fields['/kit/foot/kind']?.value !== 'sheet_screws' && !alone;
    return (
        <>
            <h2 className="text-[1.2rem]">Rails</h2>
            {may('update') && !alone && (
                <p className="mt-1 text-[0.93rem]">
                    To begin with, a made-up rail with its clamps and bolts:{' '}
                    {(['light', 'standard', 'heavy'] as const).map((rail) => (
                        <EditAct key={rail} className="mr-1" onClick={() => void edit([{ command: 'rail', rail }])}>
                            {rail}
                        </EditAct>
                    ))}
                </p>
            )}
            <Lying kind={String(data.fields['/block/arrangement/kind']?.value ?? '')} />
            {!alone && <Rail short={short} />}
            <Say>
                “<Slot path="/kit/clamp/name" />” bears <Slot path="/kit/clamp/up_N" open="missing" /> up and{' '}
                <Slot path="/kit/clamp/along_N" open="missing" /> along, torque{' '}
                <Slot path="/kit/clamp/torque_Nm" open="missing" />, by <Slot path="/kit/clamp/document" />; both rails hold
                against sliding: <Slot path="/kit/clamp/grips_both_rails" />; it grips <Slot path="/kit/clamp/grips" /> from{' '}
                <Slot path="/kit/clamp/height_from_m" open="(not entered)" /> to{' '}
                <Slot path="/kit/clamp/height_to_m" open="(not entered)" /> high; bolted through holes of the frame, from its
                side: <Slot path="/kit/clamp/frame_hole_m" open="no" />. Clips and wire weigh{' '}
                <Slot path="/kit/extra_mass_per_module_kg" /> a module.
            </Say>
            <UnderModules />
            {!alone && <Catalogue part="rail" what="Rails" />}
            <Catalogue part="clamp" what="Clamps" />
            {bolted && <Catalogue part="bolt" what="Bolts" />}
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

/** The rail itself, its splices, its maker's table and what of it is in store. */
function Rail({ short }: { short: boolean }) {
    const { data } = useDesk();
    return (
        <>
            <Say>
                “<Slot path="/kit/rail/name" />” in lengths of <Slot path="/kit/rail/stock_length_m" />,{' '}
                <Slot path="/kit/rail/line_mass_kg_per_m" />; saw cut <Slot path="/kit/rail/kerf_m" />
                {!short && (
                    <>
                        ; <Slot path="/kit/rail/end_past_module_m" /> left past each end module
                    </>
                )}
                .
            </Say>
            <Say>
                Section moduli <Slot path="/kit/rail/section_modulus_x_m3" /> (normal) and{' '}
                <Slot path="/kit/rail/section_modulus_y_m3" /> (along), second moment <Slot path="/kit/rail/second_moment_x_m4" />
                , E <Slot path="/kit/rail/elastic_modulus_Pa" />, allowable stress{' '}
                <Slot path="/kit/rail/allowable_stress_Pa" open="missing" />, by <Slot path="/kit/rail/document" />.
            </Say>
            <Say>
                A splice bears <Slot path="/kit/rail/splice_moment_Nm" open="nothing (a hinge)" />; the longest run is{' '}
                <Slot path="/kit/rail/longest_run_m" open="not limited" />. By your own rule a row takes, for each module, its
                width and <Slot path="/rules/row_rule_each_m" open="none entered" />, and once{' '}
                <Slot path="/rules/row_rule_once_m" open="none entered" /> of rail.
            </Say>
            <Part path="/kit/rail/spans" open="Its maker has a table of spans" close="no table of spans">
                <Say>
                    By <Slot path="/kit/rail/spans/document" open="(missing)" />, which has reckoned with{' '}
                    <Slot path="/kit/rail/spans/direction" /> at the level of <Slot path="/kit/rail/spans/basis" />, where a rail
                    carries <Slot path="/kit/rail/spans/tributary_m" /> of module, and hangs over by{' '}
                    <Slot path="/kit/rail/spans/overhang_share" /> of the span that it gives, at most:
                </Say>
                <Each list="/kit/rail/spans/rows">
                    {(at) => (
                        <>
                            up to <Slot path={`${at}/load_Pa`} /> it spans <Slot path={`${at}/span_m`} />.
                        </>
                    )}
                </Each>
                <AddButton path="/kit/rail/spans/rows">A row</AddButton>
            </Part>
            <Say>
                Rails are cut <Slot path="/rules/rails_cut" />
                {data.fields['/rules/rails_cut']?.value === 'trimmed' && (
                    <>
                        : <Slot path="/rules/trim_m" open={data.units === 'mm' ? '50.8 mm' : '2 in'} /> longer at either end
                        before
                    </>
                )}
                .
            </Say>
            <Each list="/rules/remnants">
                {(at) => (
                    <>
                        In store: <Slot path={`${at}/count`} /> rests of <Slot path={`${at}/length_m`} />.
                    </>
                )}
            </Each>
            <AddButton path="/rules/remnants">A rest of this rail is in store</AddButton>
            <Say>
                What is left over is kept from <Slot path="/rules/keep_from_m" open="no length" /> on.
            </Say>
        </>
    );
}

/** What hangs on the rails and is set to them before the modules lie over it. */
function UnderModules() {
    const { data } = useDesk();
    const under = data.beneath;
    return (
        <>
            <Part path="/kit/under" open="Something hangs under the modules" close="nothing hangs under them">
                <Say>
                    Under every <Slot path="/kit/under/modules_each" /> modules of a row hangs one “
                    <Slot path="/kit/under/name" />” of <Slot path="/kit/under/mass_kg" /> on <Slot path="/kit/under/hangs_on" />,{' '}
                    <Slot path="/kit/under/length_m" /> along the rail and <Slot path="/kit/under/clear_m" /> or more from feet,
                    clamps and splices, by <Slot path="/kit/under/document" open="no document" />; cables take{' '}
                    <Slot path="/kit/under/clips" /> clips a module. A string has{' '}
                    <Slot path="/kit/under/string_least" open="any number of" /> to{' '}
                    <Slot path="/kit/under/string_most" open="no limit of" /> modules.
                </Say>
                {under !== null && under.strings.length > 0 && (
                    <p className="mt-1 text-[0.93rem]">
                        Strings: {under.strings.map((one) => `${one.row} ${one.from}–${one.to}`).join(', ')}.
                    </p>
                )}
            </Part>
            <Part path="/kit/bonding" open="Rails and frames are joined to earth" close="somebody else sees to the earth">
                <Say>
                    To earth by “<Slot path="/kit/bonding/name" />
                    ”, of <Slot path="/kit/bonding/metal" /> on the rail, by{' '}
                    <Slot path="/kit/bonding/document" open="(missing)" />. Clamps join frames and rails:{' '}
                    <Slot path="/kit/bonding/clamps_bond" />; splices join their rails: <Slot path="/kit/bonding/splices_bond" />,
                    otherwise by <Slot path="/kit/bonding/jumper" open="(nothing)" />.
                </Say>
                {under?.earth != null && (
                    <p className="mt-1 text-[0.93rem]">
                        {[
                            [under.earth.lugs, 'lugs'],
                            [under.earth.jumpers, 'jumpers'],
                            [under.earth.frames, 'parts for frames'],
                        ]
                            .filter(([count]) => count !== 0)
                            .map((one) => one.join(' '))
                            .join(', ')}
                        . An electrician decides and signs.
                    </p>
                )}
            </Part>
        </>
    );
}

/** How rails lie under the block in view. */
function Lying({ kind }: { kind: string }) {
    const { data } = useDesk();
    return (
        <>
            <Say>
                The rails lie <Slot path="/block/arrangement/kind" />
                {kind === 'short_rails' && (
                    <>
                        : each <Slot path="/block/arrangement/piece_m" /> long, its clamp{' '}
                        <Slot path="/block/arrangement/clear_m" /> or more from a rib with a foot
                    </>
                )}
                .
            </Say>
            {kind === 'on_feet' && (
                <Say>
                    Each module lies on two feet at its upper and its lower edge, one in the clamp zone of either end, with a
                    clamp right over each; its frame is the beam between them.
                </Say>
            )}
            {kind === 'tilt_legs' && (
                <>
                    <Say>
                        “<Slot path="/block/arrangement/name" />” bears <Slot path="/block/arrangement/up_N" open="missing" />{' '}
                        pulled, <Slot path="/block/arrangement/down_N" open="missing" /> pressed and{' '}
                        <Slot path="/block/arrangement/along_N" open="missing" /> down the slope, by{' '}
                        <Slot path="/block/arrangement/document" open="(missing)" />; its lower pivot is{' '}
                        <Slot path="/block/arrangement/front_m" /> over the base, the modules are tilted{' '}
                        <Slot path="/block/tilt_from_roof_rad" /> against the roof. Long legs are braced along the row by{' '}
                        <Slot path="/block/arrangement/bracing" open="(nothing)" />.
                    </Say>
                    <LegFrames frames={data.frames} width={262} />
                </>
            )}
            {kind === 'cross_rails' && (
                <Say>
                    Where two cross, “<Slot path="/block/arrangement/name" />” bears{' '}
                    <Slot path="/block/arrangement/up_N" open="missing" /> up,{' '}
                    <Slot path="/block/arrangement/down_N" open="missing" /> down and{' '}
                    <Slot path="/block/arrangement/along_N" open="missing" /> along the lower one, by{' '}
                    <Slot path="/block/arrangement/document" open="(missing)" />.
                </Say>
            )}
        </>
    );
}
