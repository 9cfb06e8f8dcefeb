import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Catalogue } from '@/stages/Catalogue';
import { AddButton, RemoveButton, Say } from '@/stages/parts';

/** What each kind of foot says besides what all of them have. */
const kinds: Record<string, () => React.ReactNode> = {
    standoff: StandoffSentence,
    two_lag_foot: TwoLagSentence,
    l_foot: LSentence,
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
                <Slot path="/kit/foot/along_N" open="missing" /> along, by <Slot path="/kit/foot/document" />. The rail lies{' '}
                <Slot path="/kit/foot/rail_height_m" /> over
                {kind === 'l_foot' ? ' the sheet' : ' the deck'}, the heel <Slot path="/kit/foot/base/heel_m" /> from the screw;
                base <Slot path="/kit/foot/base/thickness_m" /> of <Slot path="/kit/foot/base/material" />.
            </Say>
            {Own !== undefined && <Own />}
            <Catalogue part="foot" what="Feet" />
        </>
    );
}

function LSentence() {
    return (
        <Say>
            It stands <Slot path="/kit/foot/stands_on" />, on a pad <Slot path="/kit/foot/pad_m" /> thick and{' '}
            <Slot path="/kit/foot/pad_width_m" open="not measured" /> wide along the eave. The load comes down{' '}
            <Slot path="/kit/foot/load_line_m" /> from the lower edge of the base, which is <Slot path="/kit/foot/length_m" />{' '}
            long.
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
