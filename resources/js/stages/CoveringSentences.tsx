import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Say } from '@/stages/parts';

/** What each kind of covering says of itself, and of what it lies on. */
const kinds: Record<string, () => React.ReactNode> = {
    asphalt_shingles: Shingles,
    metal: ScrewedMetal,
    seamed_metal: SeamedMetal,
    tile: Tile,
};

export function CoveringSentences() {
    const { data } = useDesk();
    const Own = kinds[data.fields['/surface/covering/kind']?.value ?? ''];
    return (
        <>
            <h3 className="mt-5">Covering and deck</h3>
            <Say>
                Above the framing: <Deck />. The roof itself weighs <Slot path="/surface/dead_load_Pa" />.
            </Say>
            {Own !== undefined && <Own />}
        </>
    );
}

function Deck() {
    const { data } = useDesk();
    return (
        <>
            <Slot path="/surface/deck" />
            {data.fields['/surface/deck']?.value !== 'none' && (
                <>
                    {' '}
                    as deck, <Slot path="/surface/deck_thickness_m" /> thick
                </>
            )}
        </>
    );
}

function Shingles() {
    return (
        <>
            <Say>
                Over it an underlayment, <Slot path="/surface/covering/underlayment_thickness_m" />, and shingles{' '}
                <Slot path="/surface/covering/shingle_thickness_m" /> in all.
            </Say>
            <Say>
                A butt line lies <Slot path="/surface/covering/lower_butt_m" /> above the eave edge, another{' '}
                <Slot path="/surface/covering/upper_butt_m" />, with <Slot path="/surface/covering/courses_between" /> courses
                between.
            </Say>
        </>
    );
}

/** Of a roof of copper alone: what else touches it corrodes. */
function MadeForCopper() {
    const { data } = useDesk();
    return data.fields['/surface/covering/coating']?.value === 'copper' ? (
        <>
            , for which every part is made by <Slot path="/surface/covering/copper_document" open="no document" />
        </>
    ) : null;
}

function ScrewedMetal() {
    return (
        <>
            <Say>
                Sheets of “<Slot path="/surface/covering/sheet" open="which?" />
                ”, <Slot path="/surface/covering/sheet_thickness_m" /> thick, with a tensile strength of{' '}
                <Slot path="/surface/covering/sheet_strength_Pa" open="not known" />: of steels over 65 ksi three quarters; to the
                weather they show <Slot path="/surface/covering/coating" />
                <MadeForCopper />. Their ribs are <Slot path="/surface/covering/rib_height_m" /> high, one every{' '}
                <Slot path="/surface/covering/rib_pitch_m" />, the first <Slot path="/surface/covering/first_rib_m" /> from the
                left edge. Flat are <Slot path="/surface/covering/crest_flat_m" open="not measured" /> of a rib and{' '}
                <Slot path="/surface/covering/pan_flat_m" open="not measured" /> of a pan.
            </Say>
            <Say>
                The lowest line of screws lies <Slot path="/surface/covering/lower_screws_m" /> above the eave edge, the uppermost{' '}
                <Slot path="/surface/covering/upper_screws_m" />, with <Slot path="/surface/covering/spaces_between" /> spaces
                between: one more than the lines between them. Feet keep <Slot path="/surface/covering/clear_m" /> off the edges
                and ends of sheets.
            </Say>
        </>
    );
}

function SeamedMetal() {
    return (
        <Say>
            Panels <Slot path="/surface/covering/sheet_thickness_m" /> thick with standing seams, “
            <Slot path="/surface/covering/seam" open="which?" />
            ”, one every <Slot path="/surface/covering/seam_pitch_m" />, the first <Slot path="/surface/covering/first_seam_m" />{' '}
            from the left edge. They are fixed <Slot path="/surface/covering/fixed_point" open="nobody knows where" /> and show{' '}
            <Slot path="/surface/covering/coating" /> to the weather
            <MadeForCopper />.
        </Say>
    );
}

function Tile() {
    return (
        <>
            <Say>
                Tiles on battens <Slot path="/surface/covering/batten_width_m" /> wide: the middle of one lies{' '}
                <Slot path="/surface/covering/lower_batten_m" /> above the eave edge, of another{' '}
                <Slot path="/surface/covering/upper_batten_m" />, with <Slot path="/surface/covering/batten_spaces" /> spaces
                between: one more than the battens between them. Tiles lap{' '}
                <Slot path="/surface/covering/overlap_m" open="not measured" /> past the middle of the batten below.
            </Say>
            <Say>
                Between a member and the plate of a hook lies <Slot path="/surface/covering/under_plate_m" />; the tiles under its
                arm reach <Slot path="/surface/covering/tile_top_m" /> over where the plate stands. The first pan lies{' '}
                <Slot path="/surface/covering/first_pan_m" open="not measured" /> from the left edge, one every{' '}
                <Slot path="/surface/covering/pan_pitch_m" open="not measured" />.
            </Say>
        </>
    );
}
