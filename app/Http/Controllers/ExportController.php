<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\PlanDesign;
use App\Models\Job;
use App\Paper\Calendar;
use App\Paper\SheetDrawing;
use App\Paper\Tables;
use App\Planning\Planning;
use Illuminate\Http\Response;

/** Files of the current design: the same bytes as the command line prints, tables, and the sheets as a drawing. */
final class ExportController extends Controller
{
    public const FILES = [
        'plan.json', 'design.json', 'materials.csv', 'cutting.csv', 'feet.csv', 'holes.csv', 'posts.csv', 'sheets.dxf', 'sheets.svg', 'days.ics',
    ];

    public function __invoke(Job $job, string $file, PlanDesign $planDesign): Response
    {
        $design = $job->current();
        $body = match ($file) {
            'plan.json' => $planDesign->handle($design),
            'design.json' => $design->bytes,
            'materials.csv' => Tables::materials(Planning::all($design->document())),
            'feet.csv' => Tables::feet(Planning::all($design->document())),
            'holes.csv' => Tables::holes(Planning::all($design->document())),
            'posts.csv' => Tables::posts(Planning::all($design->document())),
            'sheets.dxf' => SheetDrawing::dxf(Planning::all($design->document())),
            'sheets.svg' => SheetDrawing::svg(Planning::all($design->document())),
            'days.ics' => Calendar::of(Planning::all($design->document()), $design),
            default => Tables::cutting(Planning::all($design->document())),
        };

        return new Response($body, 200, [
            'Content-Type' => match (pathinfo($file, PATHINFO_EXTENSION)) {
                'csv' => 'text/csv; charset=utf-8',
                'dxf' => 'image/vnd.dxf',
                'svg' => 'image/svg+xml',
                'ics' => 'text/calendar; charset=utf-8',
                default => 'application/json',
            },
            'Content-Disposition' => 'attachment; filename="'.$file.'"',
        ]);
    }
}
