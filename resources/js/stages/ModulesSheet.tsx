import { BlockActs } from '@/desk/Blocks';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { Catalogue } from '@/stages/Catalogue';
import { Filling } from '@/stages/Filling';
import { AddButton, Each, Say } from '@/stages/parts';

export function ModulesSheet() {
    const { data, edit, may } = useDesk();
    return (
        <>
            <h2 className="text-[1.2rem]">Modules</h2>
            <Say>
                <Slot path="/block/rows" /> rows of <Slot path="/block/columns" /> “<Slot path="/module/name" />
                ”, <Slot path="/block/orientation" />: <Slot path="/module/length_m" /> by <Slot path="/module/width_m" />,{' '}
                <Slot path="/module/mass_kg" /> each, <Slot path="/module/frame" />,{' '}
                <Slot path="/module/frame_height_m" open="how high is not entered" />.
            </Say>
            <Say>
                Gaps of <Slot path="/block/column_gap_m" /> between columns and <Slot path="/block/row_gap_m" /> between rows; the
                top is <Slot path="/block/top_above_roof_m" /> above the roof, tilted <Slot path="/block/tilt_from_roof_rad" />{' '}
                against it.
            </Say>
            <Say>
                The lower left corner is <Slot path="/block/x_m" /> from the left and <Slot path="/block/y_m" /> above the eave.{' '}
                <EditAct onClick={() => void edit([{ command: 'centre' }])}>Centre it</EditAct>
            </Say>
            <p className="mt-3 text-muted text-[0.9rem]">
                {may('update') && 'Click a module on the sheet to take it out, an empty place to put it back. '}Now{' '}
                {data.blocks.find((one) => one.id === data.block)?.modules} modules
                {data.blocks.length > 1 && `, ${data.summary.modules} on the surface`}, {data.lists['/block/left_out']} taken out.
            </p>
            <Filling />
            <h3 className="mt-5">Ratings</h3>
            <Each list="/module/ratings">
                {(at) => (
                    <>
                        Clamped on the <Slot path={`${at}/side`} /> side, the rail <Slot path={`${at}/relation`} />,{' '}
                        <Slot path={`${at}/from_m`} /> to <Slot path={`${at}/to_m`} /> from its ends, it bears{' '}
                        <Slot path={`${at}/down_Pa`} /> down and <Slot path={`${at}/up_Pa`} /> up, a <Slot path={`${at}/basis`} />{' '}
                        (test over design <Slot path={`${at}/factor`} />
                        ), by <Slot path={`${at}/document`} />.
                    </>
                )}
            </Each>
            <AddButton path="/module/ratings">Add a rating</AddButton>
            <Catalogue part="module" what="Modules" />
            <BlockActs />
        </>
    );
}
