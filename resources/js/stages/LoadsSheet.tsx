import { Why } from '@/desk/BecausePanel';
import { useDesk, useShown } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Part, Say } from '@/stages/parts';

export function LoadsSheet() {
    const { data, ask } = useDesk();
    const shown = useShown();
    return (
        <>
            <h2 className="text-[1.2rem]">Loads</h2>
            {data.lists['/given'] !== 1 && data.fields['/site/standard']?.value?.startsWith('asce7') && (
                <Say>
                    Upward of the array the building edge is taken <Slot path="/rules/ridge_reading" />
                    {data.fields['/rules/ridge_reading']?.value === 'ridge' && (
                        <>
                            , as decided by <Slot path="/rules/ridge_reading_by" />
                        </>
                    )}
                    .
                </Say>
            )}
            <Part path="/given" open="Pressures are given by an engineer" close="compute them instead">
                <Say>
                    Pressures are given by <Slot path="/given/by" open="whom?" />, in{' '}
                    <Slot path="/given/document" open="which document?" /> of <Slot path="/given/on" open="which day?" />, at{' '}
                    <Slot path="/given/level" /> level. Up: in the field <Slot path="/given/field_up_Pa" open="missing" />; in
                    strips <Slot path="/given/edge_m" /> wide <Slot path="/given/eave_up_Pa" open="missing" /> at the eave,{' '}
                    <Slot path="/given/rake_up_Pa" open="missing" /> at the rakes,{' '}
                    <Slot path="/given/ridge_up_Pa" open="missing" /> at the ridge; in corners{' '}
                    <Slot path="/given/eave_corner_up_Pa" open="missing" /> at the eave and{' '}
                    <Slot path="/given/ridge_corner_up_Pa" open="missing" /> at the ridge. Down:{' '}
                    <Slot path="/given/down_Pa" open="missing" />. Snow on the roof:{' '}
                    <Slot path="/given/roof_snow_Pa" open="computed" />.
                </Say>
            </Part>
            {shown.loads.length === 0 && (
                <p className="mt-3">No loads yet: the case is not covered, see the findings of the stages before.</p>
            )}
            <table className="mt-3 text-[0.93rem]">
                <tbody>
                    {shown.loads.map((row) => (
                        <tr key={row.path}>
                            <td>{row.name}</td>
                            <td className="text-right font-semibold">
                                <Why ask={ask} path={row.path}>
                                    {row.value}
                                </Why>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="mt-3 text-muted text-[0.9rem]">
                Hatching: the closer, the stronger the wind. Every figure opens its reason, and so does a module on the sheet.
            </p>
        </>
    );
}
