<?php

declare(strict_types=1);

namespace App\Paper;

use App\Desk\Standing;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Because\Because;
use Garnetine\Core\Crew\Tools;
use Garnetine\Core\Design\Block\HangsOn;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Foot\SeamClamp;
use Garnetine\Core\Geometry\FromTape;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Clearances;
use Garnetine\Core\Plan\Marking;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Rail\LegFrame;
use Garnetine\Core\Under\Box;

/**
 * Tables of the loads, the members, the holes and the hand-over, as texts.
 *
 * @phpstan-import-type Tone from Standing
 * @phpstan-import-type Section from SectionView
 * @phpstan-import-type SeamSection from SectionView
 *
 * @phpstan-type CoefficientInfo array{
 *     id: string,
 *     name: string,
 *     text: string,
 *     source: string,
 *     confidence: string,
 *     note: string,
 *     confirmed_by: string|null,
 * }
 *
 * A length of rail with the pieces that are cut from it.
 * @phpstan-type CutBar array{
 *     number: string,
 *     long_m: float,
 *     rest: string,
 *     rest_m: float,
 *     // Whether what is left is kept.
 *     kept: bool,
 *     pieces: list<array{label: string, length: string, length_m: float}>,
 * }
 * @phpstan-type MaterialRow array{item: string, name: string, count: int, document: string}
 * @phpstan-type StepInfo array{code: string, text: string, cautions: list<string>, at_foot: bool}
 * @phpstan-type Signature array{subject: string, name: string, on: string, reason: string}
 * @phpstan-type OnPaper array{
 *     members: array{
 *         first: string,
 *         list: list<array{number: int, load: string, times: string, ratio: string, word: Tone}>,
 *         at_one_share: string|null,
 *         limit: string|null,
 *     },
 *     // What is marked on the roof first.
 *     marking: array{
 *         edges: list<array{name: string, length: string}>,
 *         diagonals: list<array{name: string, length: string}>,
 *         // By how much the roof may differ from the drawing.
 *         off: string,
 *         rows: list<array{name: string, low: string, high: string, from: string, to: string, modules: int}>,
 *         ridge_note: string,
 *     },
 *     // Where lines of holes up the slope cross the eave.
 *     eave_tape: list<array{line: string, x_m: float, tape_m: float, tape: string, over: string}>,
 *     // Where rails across lie on lower ones.
 *     layer_tape: list<array{line: string, y_m: float, tape_m: float, tape: string}>,
 *     slope_tape: list<array{
 *         line: string,
 *         y_m: float,
 *         tape_m: float,
 *         tape: string,
 *         butt: string,
 *         above_butt: string,
 *         purlin: string,
 *     }>,
 *     fastener: array{thread: string, above: string, withdrawal: string, lateral: string|null, makers: bool}|null,
 *     section: Section|null,
 *     seam_section: SeamSection|null,
 *     // Triangles of legs under the rows, those that are alike once.
 *     frames: list<array{
 *         m: array{front: float, rear: float, chord: float, apart: float},
 *         over_rad: float,
 *         text: array{front: string, rear: string, chord: string, apart: string, over: string},
 *         rows: list<string>,
 *     }>,
 *     // What hangs under the modules, the strings of each row, and what joins metal to earth.
 *     beneath: array{
 *         box: string|null,
 *         // Whether they are fixed to the frames of the modules, and to no rail.
 *         on_frames: bool,
 *         boxes: int,
 *         strings: list<array{row: string, string: int, from: int, to: int, modules: int}>,
 *         earth: array{lug: string, lugs: int, jumper: string, jumpers: int, broken: int, frames: int}|null,
 *     }|null,
 *     cutting: array{
 *         stock: list<CutBar>,
 *         // Rests in store that are cut first; their number is their length.
 *         from_store: list<CutBar>,
 *         stock_length: string,
 *         stock_length_m: float,
 *         count: int,
 *         bound: int,
 *     }|null,
 *     holes: list<array{
 *         id: string,
 *         kind: string,
 *         x: string,
 *         y: string,
 *         above_butt: string,
 *         member: int|null,
 *         state: string,
 *         note: string,
 *     }>,
 *     materials: list<MaterialRow>,
 *     torque: list<array{what: string, torque: string, document: string}>,
 *     clamp: array{run: string, reserve: string, word: Tone, up: string}|null,
 *     steps: list<StepInfo>,
 *     coefficients: list<CoefficientInfo>,
 *     not_covered: list<string>,
 *     signatures: list<Signature>,
 * }
 */
final class PaperView
{
    /**
     * @param array{pieces: list<array{label: string, length_m: float}>, rest_m: float, ...} $bar
     *
     * @return array{rest: string, rest_m: float, kept: bool, pieces: list<array{label: string, length: string, length_m: float}>}
     */
    private static function bar(Plan $plan, array $bar): array
    {
        $printer = $plan->design->printer();
        $from_m = $plan->design->rules->keepFrom?->toMetres();

        return [
            'rest' => $printer->length($bar['rest_m']), 'rest_m' => $bar['rest_m'], 'kept' => $from_m !== null && $bar['rest_m'] >= $from_m - 1e-9,
            'pieces' => array_map(
                static fn (array $piece): array => [
                    'label' => $piece['label'], 'length' => $printer->length($piece['length_m']), 'length_m' => $piece['length_m'],
                ],
                $bar['pieces'],
            ),
        ];
    }

    /** @return OnPaper */
    public static function of(Plan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();

        return [
            'members' => self::members($plan),
            'eave_tape' => self::eaveTape($plan, $texts),
            'layer_tape' => array_map(static fn (array $mark): array => $mark + ['tape' => $printer->tape($mark['tape_m'])], $plan->tapes()->layer()),
            'slope_tape' => self::slopeTape($plan, $texts),
            'marking' => self::marking($plan, $texts),
            'fastener' => self::fastener($plan),
            'section' => SectionView::of($plan), 'seam_section' => SectionView::ofSeam($plan),
            'frames' => self::frames($plan),
            'beneath' => self::beneath($plan),
            'cutting' => self::cutting($plan),
            'holes' => self::holes($plan, $texts),
            'materials' => self::materials($plan->materials()),
            'torque' => self::torques($plan, $texts),
            'clamp' => self::clamp($plan),
            'steps' => self::steps($plan, $texts),
            'coefficients' => self::coefficients($plan, $texts),
            'not_covered' => array_map(static fn (string $code): string => $texts->say("not_covered.$code"), $plan->notCovered()),
            'signatures' => self::signatures($plan, $texts),
        ];
    }

    /** @return OnPaper['eave_tape'] */
    private static function eaveTape(Plan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();

        return array_map(static fn (array $mark): array => [
            'line' => $mark['line'], 'x_m' => $mark['x_m'], 'tape_m' => $mark['tape_m'], 'tape' => $printer->tape($mark['tape_m']),
            'over' => $mark['over'] === null ? '' : $texts->say(
                'tape.over_'.($plan->members->purlins === null ? 'member' : 'rib'),
                ['number' => $mark['over']],
            ),
        ], $plan->tapes()->uprights());
    }

    /** @return OnPaper['slope_tape'] */
    private static function slopeTape(Plan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();

        return array_map(static fn (array $mark): array => [
            'line' => $mark['line'], 'y_m' => $mark['y_m'], 'tape_m' => $mark['tape_m'], 'tape' => $printer->tape($mark['tape_m']),
            'butt' => $mark['butt'] === 0 || $mark['above_butt_m'] === null
                ? ''
                : $texts->say(
                    'tape.'.(Course::of($plan->design->surface)?->word() ?? 'butt'),
                    ['above' => $printer->length($mark['above_butt_m']), 'butt' => $mark['butt']],
                ),
            'above_butt' => $mark['above_butt_m'] === null ? '' : $printer->length($mark['above_butt_m']),
            'purlin' => $mark['purlin'] === null ? '' : $texts->say('tape.screws', ['purlin' => $mark['purlin']]),
        ], $plan->tapes()->slope());
    }

    /** @return OnPaper['marking'] */
    private static function marking(Plan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();

        return [
            'edges' => array_map(
                static fn (array $edge): array => [
                    'name' => $texts->choice('/surface/outline/0/edge', $edge['kind'])." {$edge['from']}–{$edge['to']}",
                    'length' => $printer->tape($edge['length_m']),
                ],
                Marking::edges($plan),
            ),
            'diagonals' => array_map(
                static fn (array $one): array => ['name' => "{$one['from']}–{$one['to']}", 'length' => $printer->tape($one['length_m'])],
                Marking::diagonals($plan),
            ),
            'off' => $printer->length(FromTape::CLOSES_M),
            'rows' => array_map(static fn (array $row): array => [
                'name' => (count($plan->blocks) > 1 ? "block {$row['block']}, " : '')."row {$row['row']}", 'low' => $printer->tape($row['low_m']),
                'high' => $printer->tape($row['high_m']),
                'from' => $printer->tape($row['from_m']), 'to' => $printer->tape($row['to_m']), 'modules' => $row['modules'],
            ], Marking::rows($plan)),
            'ridge_note' => Marking::ridgeNote($plan),
        ];
    }

    /** @return OnPaper['cutting'] */
    private static function cutting(Plan $plan): ?array
    {
        $printer = $plan->design->printer();

        return $plan->cutting === null ? null : [
            'stock' => array_map(
                static fn (array $bar): array => [
                    'number' => (string) $bar['stock'], 'long_m' => $plan->design->kit->rail->stockLength->toMetres(),
                ] + self::bar($plan, $bar),
                $plan->cutting->stock,
            ),
            'from_store' => array_map(
                static fn (array $bar): array => ['number' => $printer->length($bar['length_m']), 'long_m' => $bar['length_m']] + self::bar($plan, $bar),
                $plan->cutting->fromStore,
            ),
            'stock_length' => $printer->length($plan->design->kit->rail->stockLength->toMetres()),
            'stock_length_m' => $plan->design->kit->rail->stockLength->toMetres(),
            'count' => count($plan->cutting->stock), 'bound' => $plan->cutting->bound,
        ];
    }

    /** @return OnPaper['holes'] */
    private static function holes(Plan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();

        return array_map(static fn (array $hole): array => [
            'id' => $hole['id'], 'kind' => $texts->say('choice.kind.'.$hole['kind']), 'x' => $printer->tape($hole['x_m']),
            'y' => $printer->tape($hole['y_m']),
            'above_butt' => $hole['above_butt_m'] === null ? '' : $printer->length($hole['above_butt_m']), 'member' => $hole['member'],
            'state' => $hole['state'], 'note' => $hole['note'],
        ], $plan->holes->holes ?? []);
    }

    /** @return OnPaper['torque'] */
    private static function torques(Plan $plan, Texts $texts): array
    {
        return [
            ...$plan->design->kit->foot->isBolted() && $plan->design->hasRails() ? [[
                'what' => $texts->say('torque.bolt', ['name' => $plan->design->kit->bolt->name]),
                'torque' => self::torque($plan, $plan->design->kit->bolt->torque?->toSi()),
                'document' => $plan->design->kit->bolt->document,
            ]] : [],
            [
                'what' => $texts->say('torque.clamp', ['name' => $plan->design->kit->clamp->name]),
                'torque' => self::torque($plan, $plan->design->kit->clamp->torque?->toSi()),
                'document' => $plan->design->kit->clamp->document,
            ],
            $plan->design->kit->foot instanceof SeamClamp ? [
                'what' => 'Set screws: '.$plan->design->kit->foot->name,
                'torque' => self::torque($plan, $plan->design->kit->foot->setTorque?->toSi()),
                'document' => $plan->design->kit->foot->document,
            ] : [
                'what' => 'Screw: '.$plan->design->kit->fastener->name(),
                'torque' => 'until the washer seats; never spun',
                'document' => 'common practice, no source',
            ],
        ];
    }

    /** @return OnPaper['steps'] */
    private static function steps(Plan $plan, Texts $texts): array
    {
        return array_map(static fn (array $step): array => [
            'code' => $step['code'], 'text' => $texts->say('step.'.$step['code'], $step['values']), 'cautions' => array_map(
                static fn (string $caution): string => $texts->say("caution.$caution"),
                $step['cautions'],
            ), 'at_foot' => $step['at_foot'],
        ], $plan->steps->steps ?? []);
    }

    /** @return OnPaper['signatures'] */
    private static function signatures(Plan $plan, Texts $texts): array
    {
        return array_map(
            static fn (Confirmation $one): array => [
                'subject' => self::subject($plan, $texts, $one),
                'name' => $one->who(),
                'on' => $one->on,
                'reason' => $one->reason,
            ],
            $plan->design->confirmations,
        );
    }

    /** What a signature stands for, in words. */
    private static function subject(Plan $plan, Texts $texts, Confirmation $signature): string
    {
        if (str_starts_with($signature->subject, 'coefficient/')) {
            return $texts->coefficient(substr($signature->subject, strlen('coefficient/'))).': '.$signature->value;
        }
        foreach ($plan->findings as $finding) {
            if ($finding->subject() === $signature->subject) {
                return $texts->finding($finding);
            }
        }

        return $signature->subject === 'structure' ? $texts->say('subject.structure') : $texts->say(
            'subject.stop_gone',
            ['code' => str_replace('_', ' ', explode('/', $signature->subject)[1] ?? '')],
        );
    }

    /** @return list<string> What is carried up */
    public static function lifts(Plan $plan, Texts $texts): array
    {
        $ofBlock = count($plan->blocks) > 1 ? '_of_block' : '';

        return array_map(
            static fn (array $lift): string => $texts->say("lift.{$lift['what']}".($lift['what'] === 'modules' ? $ofBlock : ''), $lift),
            $plan->lifts(),
        );
    }

    /** @return list<string> */
    public static function tools(Plan $plan, Texts $texts): array
    {
        return array_map(static fn (array $tool): string => $texts->say('tool.'.$tool['code'], $tool['values']), Tools::of($plan->design, $plan->fastener));
    }

    /** @return list<array{path: string, name: string, value: string}> The figures of the load stage, each with the path of its because */
    public static function loads(Plan $plan, Texts $texts): array
    {
        $loads = $plan->loads;
        if ($loads === null) {
            return [];
        }
        $rows = [];
        foreach ($loads->figures->listed() as $path => $figure) {
            $because = new Because($figure->code, $figure->values);
            $rows[] = ['path' => $path, 'name' => $texts->title($because), 'value' => $texts->valueOf($because, true)];
        }

        return $rows;
    }

    /** @return OnPaper['members'] */
    private static function members(Plan $plan): array
    {
        $printer = $plan->design->printer();
        $list = [];
        foreach ($plan->shares->shares ?? [] as $share) {
            $list[] = [
                'number' => $share->number, 'load' => $printer->print(Dimension::Force, $share->load_N), 'times' => number_format($share->times, 2),
                'ratio' => number_format($share->ratio, 2), 'word' => $share->ratio > ($plan->shares->limit ?? INF) ? 'fails' : 'holds',
            ];
        }

        return [
            'first' => $printer->length($plan->members->first->toMetres()), 'list' => $list,
            'at_one_share' => $plan->shares === null ? null : number_format($plan->shares->atOneShare, 2),
            'limit' => $plan->shares === null ? null : number_format($plan->shares->limit, 2),
        ];
    }

    /** @return OnPaper['frames'] The triangles of legs under the rows, those that are alike once */
    private static function frames(Plan $plan): array
    {
        $frames = [];
        foreach ($plan->blocks as $block) {
            foreach (LegFrame::all($block->part->design, $block->lines) as $frame) {
                $printer = $plan->design->printer();
                $sizes = ['front' => $frame->front_m, 'rear' => $frame->rear_m, 'chord' => $frame->chord_m, 'apart' => $frame->apart_m];
                $text = array_map($printer->length(...), $sizes) + ['over' => $printer->print(Dimension::Angle, $frame->over_rad)];
                $frames[implode(' ', $text)] ??= ['m' => $sizes, 'over_rad' => $frame->over_rad, 'text' => $text, 'rows' => []];
                $frames[implode(' ', $text)]['rows'][] = (count($plan->blocks) > 1 ? "block {$block->part->number}, " : '')."row $frame->row";
            }
        }

        return array_values($frames);
    }

    /** @return OnPaper['beneath'] What hangs under the modules, the strings of each row, and what joins metal to earth */
    private static function beneath(Plan $plan): ?array
    {
        $beneath = $plan->beneath;
        [$under, $bonding] = [$plan->design->kit->under, $plan->design->kit->bonding];

        return $beneath === null ? null : [
            'box' => $under?->name, 'on_frames' => $under?->hangsOn === HangsOn::Frame,
            'boxes' => count(array_filter($beneath->boxes, static fn (Box $box): bool => $box->run !== null || $under?->hangsOn === HangsOn::Frame)),
            'strings' => array_map(static fn (array $string): array => [
                'row' => (count($plan->blocks) > 1 ? "block {$string['block']}, " : '')."row {$string['row']}", 'string' => $string['string'],
                'from' => $string['from'], 'to' => $string['to'], 'modules' => $string['modules'],
            ], $beneath->strings),
            'earth' => $beneath->earth === null || $bonding === null ? null : [
                'lug' => $bonding->name, 'lugs' => count($beneath->earth->lugs), 'jumper' => $bonding->jumper, 'jumpers' => count($beneath->earth->jumpers),
                'broken' => count($beneath->earth->broken), 'frames' => $beneath->earth->frames,
            ],
        ];
    }

    /** @return OnPaper['fastener'] */
    private static function fastener(Plan $plan): ?array
    {
        $held = $plan->fastener;
        if ($held === null) {
            return null;
        }
        $printer = $plan->design->printer();

        return [
            'thread' => $printer->length($held->threadInMember->toMetres()), 'above' => $printer->length($held->above->toMetres()),
            'withdrawal' => $held->withdrawal === null ? '' : $printer->print(
                Dimension::Force,
                $plan->capacities?->withdrawal_N(CombinationFactors::for($plan->design, $plan->coefficients)->of(Duration::Wind)) ?? 0.0,
            ), 'lateral' => $held->lateral === null ? null : $printer->print(Dimension::Force, $held->lateral->toSi()),
            'makers' => $held->lateralIsMakers,
        ];
    }

    /** @return OnPaper['clamp'] */
    private static function clamp(Plan $plan): ?array
    {
        $clamp = $plan->clamp;

        $ratio = $clamp?->ratio();

        return $clamp === null || $ratio === null ? null : [
            'run' => $clamp->run, 'reserve' => Texts::reserve(1 - $ratio), 'word' => Texts::word(1 - $ratio),
            'up' => $plan->design->printer()->print(Dimension::Force, $clamp->up_N),
        ];
    }

    private static function torque(Plan $plan, ?float $torque_Nm): string
    {
        return $torque_Nm === null ? 'maker’s value missing' : $plan->design->printer()->print(Dimension::Moment, $torque_Nm);
    }

    /** @return list<CoefficientInfo> Published values that a plan rests on, with who confirmed them */
    public static function coefficients(Plan|TablePlan $plan, Texts $texts): array
    {
        return array_map(static fn (Coefficient $used): array => [
            'id' => $used->id, 'name' => $texts->coefficient($used->id), 'text' => $used->text(), 'source' => $used->source,
            'confidence' => $used->confidence->value,
            'note' => $used->note === null ? '' : $texts->say('note.'.$used->note), 'confirmed_by' => Clearances::coefficient($plan->design, $used),
        ], $plan->coefficients->used());
    }

    /**
     * @param list<array{item: string, name: string, count: int, document: string}> $materials
     *
     * @return list<MaterialRow> Items as they are read
     */
    public static function materials(array $materials): array
    {
        return array_map(static fn (array $item): array => ['item' => str_replace('_', ' ', $item['item'])] + $item, $materials);
    }
}
