import { Slot } from '@/desk/Slot';
import { HoleSentences } from '@/ground/HoleSentences';
import { Braced, Holds, type KindSheets, Pipe, Rows } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    return (
        <>
            <h3 className="mt-5">Rails on pipes</h3>
            <Say>
                Rails run up the slope, two under each column, their modules <Slot path="/table/racking/offset_m" /> over the
                pipes’ centres. The front pipe lies <Slot path="/table/racking/front_pipe_m" /> up the slope, the rear one{' '}
                <Slot path="/table/racking/between_m" /> behind it on the level. Rails and pipes weigh{' '}
                <Slot path="/table/racking/dead_Pa" />.
            </Say>
            <Say>
                <Pipe at="beam">The pipes are</Pipe>, <Slot path="/table/racking/joints" />, and come in lengths of{' '}
                <Slot path="/table/racking/beam/stock_m" />.
            </Say>
            <Holds beam="pipe" joint="a tee" />
        </>
    );
}

function Stands() {
    return (
        <>
            <Rows thing="posts" />
            <Braced />
            <Say>
                <Pipe at="post">The posts are</Pipe>, in lengths of <Slot path="/table/racking/post/stock_m" />. A bolt goes
                across them in the concrete: <Slot path="/table/racking/cross_bolt" />.
            </Say>
            <HoleSentences />
        </>
    );
}

function Sets() {
    return (
        <Say>
            Posts are cut <Slot path="/table/racking/cut" />, and end <Slot path="/table/racking/seat_m" /> under the centre of
            the pipe that they carry.
        </Say>
    );
}

export const pipeTable: KindSheets = { Carries, Stands, Sets, levels: 2 };
