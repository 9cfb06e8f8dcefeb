<?php

// Faults of the front end, by file: a text that stands once in it, its replacement, what that would mean, and whose tests look first.

declare(strict_types=1);

return [
    'resources/js/desk/FindingList.tsx' => [
        ['{finding.text}', '{finding.code}', 'Findings are told by their codes', 'ToldTest'],
    ],
    'resources/js/desk/Slot.tsx' => [
        ['onEscape: putBack,', 'onEscape: () => {},', 'Escape does not give up', 'DeskTest|SavesTest'],
        ['onChange={(event) => (byKeys.current ? hand.onType : hand.onChoose)(event.target.value)}', 'onChange={(event) => hand.onChoose(event.target.value)}', 'A choice is saved at every arrow', 'DeskTest|SavesTest'],
    ],
    'resources/js/desk/saves.ts' => [
        ['this.entries.splice(0, batch.length);', 'this.entries.splice(0, 1);', 'What was joined is saved again', 'SavesTest'],
        ['entry.done(answer.status !== 409);', 'entry.done(true);', 'A lost race is told as saved', 'SavesTest|DeskTest'],
        ['this.offline = true;', 'this.offline = false;', 'Without a network nobody is told', 'SavesTest|DeskTest'],
        ["            if (error instanceof Unreachable) {\n                this.offline = true;\n                this.tell();\n                await pause();\n                return;\n            }", '', 'Without a network what was typed is lost', 'SavesTest|DeskTest'],
        ['this.base = await this.listener.answered(answer, edits);', 'await this.listener.answered(answer, edits);', 'The next save goes onto the old design', 'SavesTest'],
    ],
    'resources/js/desk/useLive.ts' => [
        ["        past.current = sequence.current;\n", '', 'An old look comes after a save', 'DeskTest|SavesTest'],
        ['sequence: mine, wrong }));', 'sequence: mine, wrong: null }));', 'What is wrong with a value is not told while it is typed', 'DeskTest'],
    ],
    'resources/js/pages/Jobs.tsx' => [
        ["{job.overtaken ? 'overtaken' : job.for_construction", '{job.for_construction', 'A revision that was overtaken reads as issued', 'ToldTest'],
    ],
    'resources/js/pages/Print.tsx' => [
        ["isToBuild ? 'tone-holds' : 'tone-fails'", "isToBuild ? 'tone-fails' : 'tone-holds'", 'A preliminary paper looks confirmed', 'ToldTest'],
        ['(revision === undefined || revision.for_construction)', 'true', 'A review of a confirmed plan says that it may be built', 'Handover|ToldTest|WholeJob'],
    ],
    'resources/js/paper/Calculation.tsx' => [
        ['Mx {span.normal} over {span.capacity_normal}', 'Mx {span.along} over {span.capacity_normal}', 'The calculation sets the wrong moment against a capacity', 'ToldTest'],
        ["                        member.load,\n                        member.times,", "                        member.times,\n                        member.load,", 'Loads and shares of members change places', 'ToldTest'],
    ],
    'resources/js/paper/CrewSheets.tsx' => [
        ['`${view.stand} ${foot.member}`', '`${view.stand} ${foot.number}`', 'Crews read the number of a foot as its member', 'ToldTest'],
        ["splices at {marks(run, 'splice', ', ')}", "splices at {marks(run, 'clamp', ', ')}", 'Splices are told where clamps stand', 'ToldTest'],
        ['[row.what, row.torque, row.document]', '[row.what, row.document, row.torque]', 'Torque and document change places', 'ToldTest'],
    ],
    'resources/js/paper/shared.tsx' => [
        ["used.confirmed_by ?? 'nobody yet'", "used.confirmed_by ?? ''", 'A value nobody confirmed looks confirmed', 'ToldTest'],
        ["finding.kind === 'stop' || finding.kind === 'refusal'", "finding.kind === 'refusal'", 'Open stops are not on the crew sheets', 'SurfacesTest'],
        ['<strong>Caution:</strong> {caution}', '<strong>Caution:</strong>', 'Cautions are empty', 'ToldTest'],
    ],
    'resources/js/stages/Demand.tsx' => [
        ['<td className="text-right">{row.suction}</td>', '<td className="text-right">{row.exposed}</td>', 'Closed sides are told as open', 'ToldTest'],
    ],
    'resources/js/stages/Signing.tsx' => [
        ['value: data.summary.structure_digest,', "value: '',", 'The structure is signed for nothing', 'WholeJob|Handover'],
        ['picked[one.subject] === true && one.done === null', 'one.done === null', 'Everything is signed at once', 'WholeJob|Handover|Desk'],
    ],
    'resources/js/stages/StagePanel.tsx' => [
        ['<td className="text-right">{foot.up}</td>', '<td className="text-right">{foot.along}</td>', 'Pull is told as push', 'ToldTest'],
        ['<td className="text-right font-semibold">{foot.tape}</td>', '<td className="text-right font-semibold">{foot.bay}</td>', 'The tape tells bays', 'ToldTest'],
    ],
    'resources/js/tape/Tape.tsx' => [
        ["run.feet[Number(mark.label) - 1]?.word ?? 'plain'", "run.feet[Number(mark.label)]?.word ?? 'plain'", 'A foot on the tape looks like its neighbour', 'DeskTest|ToldTest'],
    ],
];
