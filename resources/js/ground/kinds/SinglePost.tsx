import { Slot } from '@/desk/Slot';
import { HoleSentences } from '@/ground/HoleSentences';
import { Bracket, type KindSheets, Timber } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    return (
        <>
            <h3 className="mt-5">A frame on one post</h3>
            <Say>
                The frame weighs <Slot path="/table/racking/dead_Pa" />. Its modules lie <Slot path="/table/racking/offset_m" />{' '}
                over the head of the post, which stands under their middle.
            </Say>
            <Bracket />
        </>
    );
}

function Stands() {
    return (
        <>
            <Say>
                The head of the post stands <Slot path="/table/racking/head_height_m" /> over the ground.
            </Say>
            <Timber at="stick">The post is</Timber>
            <Say>
                A bolt or notches hold it in the concrete: <Slot path="/table/racking/cross_bolt" />.
            </Say>
            <HoleSentences />
        </>
    );
}

export const singlePost: KindSheets = { Carries, Stands };
