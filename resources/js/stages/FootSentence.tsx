import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Catalogue } from '@/stages/Catalogue';
import { AddButton, RemoveButton, Say } from '@/stages/parts';
import { hasRails } from '@/words';

/** What each kind of foot says besides what all of them have. */
const kinds: Record<string, () => React.ReactNode> = {
    standoff: StandoffSentence,
    two_lag_foot: TwoLagSentence,
    l_foot: LSentence,
    tile_hook: HookSentence,
    seam_clamp: ClampSentence,
    butyl_base: ButylSentence,
    sheet_screws: SheetSentence,
};

/** What the height of the rail counts from, where that is not the deck. */
const over: Record<string, string> = {
    l_foot: ' the sheet',
    tile_hook: ' what its plate stands on',
    seam_clamp: ' the top of the seam',
    butyl_base: ' the shingles',
    sheet_screws: ' the crest of its rib',
};

export function FootSentence() {
    const { data } = useDesk();
    const kind = data.fields['/kit/foot/kind']?.value ?? '';
    const Own = kinds[kind];
    return (
        <>
            <Say>
                Each “<Slot path="/kit/foot/name" />
                ”, {kind === 'l_foot' ? 'an' : 'a'} <Slot path="/kit/foot/kind" />, bears{' '}
                <Slot path="/kit/foot/up_N" open="missing" /> up, <Slot path="/kit/foot/down_N" open="missing" /> down and{' '}
                <Slot path="/kit/foot/along_N" open="missing" /> along, by <Slot path="/kit/foot/document" />.{' '}
                {hasRails(data) ? 'The rail lies' : 'The modules lie'} <Slot path="/kit/foot/rail_height_m" /> over
                {over[kind] ?? ' the deck'}
                {data.fields['/kit/foot/base/heel_m'] !== undefined && (
                    <>
                        , the heel <Slot path="/kit/foot/base/heel_m" /> from the screw; base{' '}
                        <Slot path="/kit/foot/base/thickness_m" /> of <Slot path="/kit/foot/base/material" />
                    </>
                )}
                .
            </Say>
            {Own !== undefined && <Own />}
            <Catalogue part="foot" what="Feet" />
        </>
    );
}

function ButylSentence() {
    return (
        <>
            <Say>
                Butyl <Slot path="/kit/foot/butyl_m" /> thick seals it on top of the shingles. It is{' '}
                <Slot path="/kit/foot/length_m" /> long and <Slot path="/kit/foot/width_m" /> wide; the load comes down{' '}
                <Slot path="/kit/foot/load_line_m" /> from its lower edge. The screws of a column stand{' '}
                <Slot path="/kit/foot/between_screws_m" /> apart, the columns <Slot path="/kit/foot/column_m" />.
            </Say>
            <Say>
                Where the middle column misses, an outer one holds{' '}
                <Slot path="/kit/foot/aside_N" open="what follows from its place" /> upward; all six in the deck alone hold{' '}
                <Slot path="/kit/foot/deck_up_N" open="nothing known" /> upward and{' '}
                <Slot path="/kit/foot/deck_along_N" open="nothing known" /> along. Pull tests on such a deck gave{' '}
                <Slot path="/kit/foot/deck_tests_N" open="(none made)" /> in the mean of{' '}
                <Slot path="/kit/foot/deck_test_count" open="(none)" />.
            </Say>
        </>
    );
}

function ClampSentence() {
    return (
        <Say>
            All that is said of one kind of seam, “<Slot path="/kit/foot/for_seam" open="which?" />
            ”, of sheets from <Slot path="/kit/foot/for_thickness_m" /> on. It is <Slot path="/kit/foot/length_m" /> long, its set
            screws to be torqued to <Slot path="/kit/foot/set_torque_Nm" open="(missing)" />.
        </Say>
    );
}

function SheetSentence() {
    return (
        <Say>
            The rail itself lies on the crest, on a seal <Slot path="/kit/foot/pad_m" /> thick and{' '}
            <Slot path="/kit/foot/pad_width_m" open="not measured" /> wide along the eave. That screw is the lower one; the other
            stands <Slot path="/kit/foot/between_screws_m" /> above it, in a rail <Slot path="/kit/foot/length_m" /> wide whose
            load comes down <Slot path="/kit/foot/load_line_m" /> from its lower edge. All that is said of sheets of “
            <Slot path="/kit/foot/for_sheet" open="which?" />
            ”, from <Slot path="/kit/foot/for_thickness_m" /> on.
        </Say>
    );
}

function HookSentence() {
    return (
        <>
            <Say>
                That screw is the lower one; the other is <Slot path="/kit/foot/between_screws_m" /> above it, in a plate{' '}
                <Slot path="/kit/foot/length_m" /> long that lies between two battens. Each takes half of the push along the
                slope.
            </Say>
            <Say>
                Its arm, <Slot path="/kit/foot/arm/width_m" /> by <Slot path="/kit/foot/arm/thickness_m" />, reaches{' '}
                <Slot path="/kit/foot/arm/reach_m" /> down from the plate to the rail, which lies{' '}
                <Slot path="/kit/foot/arm/height_m" /> over it. It may be bent to{' '}
                <Slot path="/kit/foot/arm/allowable_stress_Pa" />, with an elastic modulus of{' '}
                <Slot path="/kit/foot/arm/elastic_modulus_Pa" />. Its underside is <Slot path="/kit/foot/arm/under_m" /> over what
                the plate stands on; it may stand <Slot path="/kit/foot/arm/aside_m" open="(the maker tells)" /> to the side.
            </Say>
        </>
    );
}

function LSentence() {
    const { data } = useDesk();
    const screw = data.fields['/kit/foot/roof_screw']?.value;
    return (
        <Say>
            It stands <Slot path="/kit/foot/stands_on" />, on a pad <Slot path="/kit/foot/pad_m" /> thick and{' '}
            <Slot path="/kit/foot/pad_width_m" open="not measured" /> wide along the eave. The load comes down{' '}
            <Slot path="/kit/foot/load_line_m" /> from the lower edge of the base, which is <Slot path="/kit/foot/length_m" />{' '}
            long. It <Slot path="/kit/foot/roof_screw" />
            {screw === 'beside' && (
                <>
                    , <Slot path="/kit/foot/beside_by_m" open="(missing)" /> along the eave
                </>
            )}
            {screw === 'same' && (
                <>
                    , tested in such a hole by <Slot path="/kit/foot/spent_test" open="(missing)" />
                </>
            )}
            .
        </Say>
    );
}

function TwoLagSentence() {
    return (
        <Say>
            That screw is the lower one; the other stands <Slot path="/kit/foot/between_lags_m" /> above it. The load comes down{' '}
            <Slot path="/kit/foot/load_line_m" /> from the lower edge of the base, which is <Slot path="/kit/foot/length_m" />{' '}
            long. Each screw takes half of the push along the slope.
        </Say>
    );
}

function StandoffSentence() {
    const { data } = useDesk();
    if ((data.lists['/kit/foot/post'] ?? 0) === 0) {
        return (
            <Say>
                It stands on the deck. What it bears along the slope is its post’s too.{' '}
                <AddButton path="/kit/foot/post">Check the post by its section</AddButton>
            </Say>
        );
    }
    return (
        <Say>
            It stands on the deck. Its post is <Slot path="/kit/foot/post/height_m" /> high to the rail, with a section modulus of{' '}
            <Slot path="/kit/foot/post/section_modulus_m3" />, and may be bent to{' '}
            <Slot path="/kit/foot/post/allowable_stress_Pa" />; the lesser of that and what is allowed along counts.{' '}
            <RemoveButton path="/kit/foot/post" />
        </Say>
    );
}
