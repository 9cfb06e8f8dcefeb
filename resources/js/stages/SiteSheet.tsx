import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { PlaceLookup } from '@/stages/PlaceLookup';
import { Part, Say } from '@/stages/parts';

export function SiteSheet() {
    const { data, edit } = useDesk();
    const standard = data.fields['/site/standard']?.value ?? '';
    const asce = standard.startsWith('asce7');
    return (
        <>
            <h2 className="text-[1.2rem]">Site</h2>
            <Say>
                The job is called <Slot path="/name" />, for <Slot path="/client" open="no client yet" /> at{' '}
                <Slot path="/address" open="no address yet" />, measured in <Slot path="/units" />, to{' '}
                <Slot path="/site/standard" />
                {asce && (
                    <>
                        {' '}
                        by <Slot path="/site/combinations" />
                    </>
                )}
                .
            </Say>
            <SiteWind standard={standard} what="building" />
            <Say>
                The mean roof height is <Slot path="/site/mean_roof_height_m" />; the building is{' '}
                <Slot path="/site/building_length_m" /> by <Slot path="/site/building_width_m" /> in plan. From the eave’s edge,
                its overhang included, to the ridge it is <Slot path="/site/eave_to_ridge_m" /> on the level
                {data.fields['/site/eave_to_ridge_m']?.text !== data.eave_to_ridge && (
                    <>
                        {' '}
                        <EditAct onClick={() => void edit([{ path: '/site/eave_to_ridge_m', typed: data.eave_to_ridge }])}>
                            {data.eave_to_ridge}, by slope and pitch
                        </EditAct>
                    </>
                )}
                .
            </Say>
            <SnowSentences standard={standard} />
            {standard === 'asce7-16' && <PlaceLookup />}
        </>
    );
}

/** The wind of a site, as its standard asks for it. */
export function SiteWind({ standard, what }: { standard: string; what: 'building' | 'table' }) {
    return (
        <>
            {standard.startsWith('asce7') && (
                <>
                    <Say>
                        The {what} is of risk category <Slot path="/site/risk_category" />. For it the basic wind speed is{' '}
                        <Slot path="/site/wind_speed_m_per_s" />, a <Slot path="/site/wind_speed_kind" /> speed; a low speed is
                        confirmed: <Slot path="/site/low_wind_speed_confirmed" />.
                    </Say>
                    <Say>
                        The terrain is exposure <Slot path="/site/exposure" />.
                    </Say>
                </>
            )}
            {standard === 'en-1991' && <EnSentences />}
            {standard.startsWith('as-nzs') && <AsNzsSentences />}
            <TopographySentences standard={standard} />
        </>
    );
}

function EnSentences() {
    const { data } = useDesk();
    return (
        <Part path="/site/en" open="Say what EN 1991 needs" close="take out">
            <Say>
                The fundamental basic wind velocity, a ten-minute mean, is{' '}
                <Slot path="/site/en/basic_velocity_m_per_s" open="missing" />. The terrain is of category{' '}
                <Slot path="/site/en/terrain" />.
                {data.fields['/surface/covering/kind'] !== undefined && (
                    <>
                        {' '}
                        The members are of class <Slot path="/site/en/timber" open="not said" />.
                    </>
                )}
            </Say>
        </Part>
    );
}

function AsNzsSentences() {
    return (
        <>
            <Say>
                The importance level is that of risk category <Slot path="/site/risk_category" />.
            </Say>
            <Part path="/site/as_nzs" open="Say what AS/NZS 1170 needs" close="take out">
                <Say>
                    The wind region is <Slot path="/site/as_nzs/region" open="missing" />, the terrain of category{' '}
                    <Slot path="/site/as_nzs/terrain" />.
                </Say>
                <Part path="/site/as_nzs/shielding" open="Buildings shield it" close="no shielding">
                    <Say>
                        Upwind, within twenty roof heights, stand <Slot path="/site/as_nzs/shielding/buildings" /> buildings at
                        least as tall, <Slot path="/site/as_nzs/shielding/height_m" /> high and{' '}
                        <Slot path="/site/as_nzs/shielding/breadth_m" /> broad.
                    </Say>
                </Part>{' '}
            </Part>
        </>
    );
}

function TopographySentences({ standard }: { standard: string }) {
    const { data } = useDesk();
    const topography = data.fields['/site/topography']?.value;
    return (
        <>
            <Say>
                The site <Slot path="/site/topography" />, ridge or escarpment
                {topography === 'factor' && standard.startsWith('asce7') && (
                    <>
                        : Kzt is <Slot path="/site/kzt" open="missing" />, from <Slot path="/site/kzt_source" />
                    </>
                )}
                {topography === 'factor' && standard === 'en-1991' && data.lists['/site/en'] === 1 && (
                    <>
                        : co is <Slot path="/site/en/orography" open="missing" />, from <Slot path="/site/kzt_source" />
                    </>
                )}
                {topography === 'factor' && standard.startsWith('as-nzs') && data.lists['/site/as_nzs'] === 1 && (
                    <>
                        : Mt is <Slot path="/site/as_nzs/topographic_multiplier" open="missing" />, from{' '}
                        <Slot path="/site/kzt_source" />
                    </>
                )}
                . The ground lies <Slot path="/site/ground_elevation_m" /> above the sea.
            </Say>
            {topography === 'hill' && (
                <Part path="/site/hill" open="Describe the hill" close="take out">
                    <Say>
                        It is <Slot path="/site/hill/shape" />, <Slot path="/site/hill/height_m" /> high; at half its height the
                        ground lies <Slot path="/site/hill/half_length_m" /> upwind of the crest. The building stands{' '}
                        <Slot path="/site/hill/from_crest_m" /> from the crest, <Slot path="/site/hill/side" />.
                    </Say>
                </Part>
            )}
        </>
    );
}

/** How much snow lies on the ground, for roofs and for tables. */
export function GroundSnow({ standard }: { standard: string }) {
    const { data } = useDesk();
    const set = data.fields['/site/en/snow_set']?.value;
    const en = standard === 'en-1991' && data.lists['/site/en'] === 1;
    return (
        <>
            {en && (
                <Say>
                    The snow on the ground is <Slot path="/site/en/snow_set" />
                    {/^(annex_c|uk|at)/.test(set ?? '') && (
                        <>
                            , zone <Slot path="/site/en/snow_zone" open="without a number" />
                        </>
                    )}
                    .
                </Say>
            )}
            {(!en || set === 'given') && (
                <Say>
                    The ground snow load is <Slot path="/site/ground_snow_Pa" />, <Slot path="/site/ground_snow_kind" />.
                </Say>
            )}
        </>
    );
}

function SnowSentences({ standard }: { standard: string }) {
    const asce = standard.startsWith('asce7');
    return (
        <>
            <h3 className="mt-5">Snow</h3>
            <GroundSnow standard={standard} />
            <Say>
                The roof is <Slot path="/site/roof_exposure" /> to wind
                {asce && (
                    <>
                        {' '}
                        and <Slot path="/site/thermal" />
                    </>
                )}
                .
            </Say>
            <Say>
                {asce && (
                    <>
                        The rafters or trusses are <Slot path="/site/roof_supports" />.{' '}
                    </>
                )}
                Snow <Slot path="/site/free_slide_path" />; above the array it <Slot path="/site/array_holds_snow" />.
                {standard === 'asce7-22' && (
                    <>
                        {' '}
                        The winter wind parameter is <Slot path="/site/winter_wind" open="missing" />.
                    </>
                )}
            </Say>
        </>
    );
}
