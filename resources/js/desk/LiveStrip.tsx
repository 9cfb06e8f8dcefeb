import type { Live } from '@/desk/useLive';
import type { DeskData } from '@/types/desk';

/** While a hand or a key changes something: what would come of it, and what is wrong. */
export function LiveStrip({ live, data }: { live: Live; data: DeskData }) {
    const now = live.planned;
    const saved = new Set(data.findings.map((finding) => finding.text));
    const stops = (now?.findings ?? []).filter(
        (finding) => finding.kind === 'refusal' || (finding.kind === 'stop' && finding.cleared_by === null),
    );
    // What the change itself would stop comes before what stops the plan anyway.
    const news = stops.find((finding) => !saved.has(finding.text)) ?? stops[0];
    return (
        <p
            role="status"
            data-live={live.sequence}
            className={`absolute inset-x-0 bottom-0 z-10 border-line border-t px-5 py-1 font-condensed text-[1rem] ${live.wrong === null ? 'bg-panel' : 'bg-garnet text-paper'}`}
        >
            {live.wrong !== null && <>Not possible yet: {live.wrong} The drawing shows the last that was.</>}
            {live.wrong === null && now !== null && (
                <>
                    Not saved: {now.summary.modules} modules, {now.summary.counted}
                    {now.summary.reserve !== null && (
                        <span className={`tone-${now.summary.tone} font-semibold`}>
                            , {now.summary.word}, least reserve {now.summary.reserve}
                        </span>
                    )}
                    {news !== undefined && <span className="tone-fails"> · {news.text}</span>}
                </>
            )}
        </p>
    );
}
