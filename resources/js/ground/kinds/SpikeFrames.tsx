import { Slot } from '@/desk/Slot';
import { FramesOnConduit, type KindSheets, PullTests } from '@/ground/kinds/parts';
import { Part, Say } from '@/stages/parts';

function Carries() {
    return <FramesOnConduit foot="spike" />;
}

function Stands() {
    return (
        <>
            <Say>
                On each frame lies ballast for good: over the front spike{' '}
                <Slot path="/table/racking/front_ballast_kg" open="none" />, over the rear one{' '}
                <Slot path="/table/racking/rear_ballast_kg" open="none" />. It counts as weight; what is left to hold, the spikes
                hold by their tests.
            </Say>
            <PullTests />
        </>
    );
}

function Sets() {
    return (
        <>
            <h3 className="mt-5">Resin</h3>
            <Part path="/table/racking/resin" open="Plan the mixes of resin" close="take out">
                <Say>
                    By <Slot path="/table/racking/resin/document" open="no paper" /> it can be worked for{' '}
                    <Slot path="/table/racking/resin/pot_minutes" /> minutes at 75 °F (24 °C) and holds modules after{' '}
                    <Slot path="/table/racking/resin/wait_hours" /> hours; it is used from{' '}
                    <Slot path="/table/racking/resin/coldest_celsius" /> on. A mix is{' '}
                    <Slot path="/table/racking/resin/batch_litres" /> litres, a spike takes{' '}
                    <Slot path="/table/racking/resin/spike_litres" />.
                </Say>
                <Say>
                    Mixing takes <Slot path="/table/racking/resin/mix_minutes" /> minutes and a spike{' '}
                    <Slot path="/table/racking/resin/each_minutes" />; the day brings{' '}
                    <Slot path="/table/racking/resin/day_celsius" />.
                </Say>
            </Part>
        </>
    );
}

export const spikeFrames: KindSheets = { Carries, Stands, Sets };
