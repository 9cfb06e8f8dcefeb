import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Catalogue } from '@/stages/Catalogue';
import { Say } from '@/stages/parts';

/** What each kind of screw says of its sizes. */
const kinds: Record<string, () => React.ReactNode> = {
    lag: Lag,
    structural_screw: StructuralScrew,
    wood_screw: WoodScrew,
    steel_screw: SteelScrew,
};

export function FastenerSentence() {
    const { data } = useDesk();
    const kind = data.fields['/kit/fastener/kind']?.value ?? '';
    const Own = kinds[kind];
    if (data.fields['/kit/foot/kind']?.value === 'seam_clamp') {
        return <Say>It grips its seam: nothing is pierced, and no screw is needed.</Say>;
    }
    return (
        <>
            <Say>
                It is held by a <Slot path="/kit/fastener/kind" />, “<Slot path="/kit/fastener/name" />
                ”, <Slot path="/kit/fastener/length_m" /> long, which bears{' '}
                <Slot path="/kit/fastener/pull_out_N" open={kind === 'structural_screw' ? 'nothing yet' : 'what is computed'} />{' '}
                against pulling out, by <Slot path="/kit/fastener/document" open="no document" />.{' '}
                {kind !== 'steel_screw' && (
                    <>
                        A drill guide holds it square: <Slot path="/kit/fastener/drill_guide" />.{' '}
                    </>
                )}
                Sideways the maker allows <Slot path="/kit/foot/base/lateral_N" open="nothing" /> (
                <Slot path="/kit/foot/base/lateral_document" open="no document" />
                ).
            </Say>
            {Own !== undefined && <Own />}
            <Catalogue part="fastener" what="Screws" />
        </>
    );
}

function SteelScrew() {
    return (
        <Say>
            Its diameter is <Slot path="/kit/fastener/diameter_m" />; the screw itself bears{' '}
            <Slot path="/kit/fastener/tension_N" open="nothing yet" /> in tension and{' '}
            <Slot path="/kit/fastener/shear_N" open="nothing yet" /> in shear.
        </Say>
    );
}

function Lag() {
    return (
        <Say>
            Its diameter is <Slot path="/kit/fastener/diameter" />; a hole for the shank is drilled:{' '}
            <Slot path="/kit/fastener/shank_hole" />.
        </Say>
    );
}

function Distances({ edge }: { edge: string }) {
    return (
        <>
            It stays <Slot path="/kit/fastener/edge_m" open={edge} /> from the face and{' '}
            <Slot path="/kit/fastener/spacing_m" open="an unknown distance" /> from the next in line; the pilot is{' '}
            <Slot path="/kit/fastener/pilot_m" open="none" />.
        </>
    );
}

function StructuralScrew() {
    return (
        <Say>
            It is <Slot path="/kit/fastener/diameter_m" /> over its thread of <Slot path="/kit/fastener/thread_m" />, its tip{' '}
            <Slot path="/kit/fastener/tip_m" />. What it bears is its report’s, up and sideways, over these layers.{' '}
            <Distances edge="an unknown distance" />
        </Say>
    );
}

function WoodScrew() {
    return (
        <Say>
            It is a <Slot path="/kit/fastener/gauge" /> with <Slot path="/kit/fastener/thread_m" /> of thread.{' '}
            <Distances edge="2½ diameters" />
        </Say>
    );
}
