<?php

// Faults of the application, by file: a text that stands once in it, its replacement, what that would mean, and whose tests look first.

declare(strict_types=1);

return [
    'app/Actions/Designs/PlanDesign.php' => [
        ["return ['design_hash' => \$design->hash, 'build' => Build::hash()];", "return ['design_hash' => \$design->hash, 'build' => ''];", 'Plans of an older build are shown', 'IssueTest'],
    ],
    'app/Actions/Designs/SaveDesign.php' => [
        ["'is_side' => \$newest !== null && \$newest->id !== \$base?->id", "'is_side' => false", 'A lost race overwrites', 'HistoryTest|DesignTest'],
        ["if (\$stored !== null) {\n                return \$stored;\n            }", '', 'A save that is sent again is stored twice', 'DesignTest|HistoryTest'],
        ['->lockForUpdate()', '', 'Two who save at once both come last', 'HistoryTest'],
    ],
    'app/Actions/Plans/IssuePlan.php' => [
        ['$surfaces === null ? $all : $all->only($surfaces)', '$all', 'A revision of one surface holds them all', 'SurfacesTest'],
        ['if ($purpose === Purpose::Construction && $plan->status() !== Status::Confirmed) {', 'if ($plan->status() === Status::Confirmed && $purpose === null) {', 'Anything is issued to be built', 'IssueTest'],
        ["'build' => \$build, 'purpose' => \$purpose])", "'build' => \$build])", 'A review stands for what is to be built', 'IssueTest'],
        ["'design_id' => \$design->id, 'build' => \$build, 'purpose'", "'build' => \$build, 'purpose'", 'A newer design is issued as the older revision', 'IssueTest'],
        ["'hash' => hash('sha256', \$bytes)", "'hash' => \$design->hash", 'An issued plan carries the hash of its design', 'IssueTest'],
        ["'status' => \$plan->status()->value", "'status' => 'confirmed'", 'A preliminary plan is issued as confirmed', 'IssueTest|ToldTest'],
    ],
    'app/Http/Requests/EditRequest.php' => [
        ["if (\$path === 'confirmations') {", "if (\$path === 'confirmation') {", 'A signature comes in by an edit', 'DesignTest'],
    ],
    'app/Jobs/MakePaper.php' => [
        ['if ($issued->build !== Build::hash()) {', 'if (false) {', 'A paper is made of another plan than was issued', 'IssueTest'],
    ],
    'app/Policies/Permissions.php' => [
        ["'sign' => [Role::Planner, Role::Reviewer],", "'sign' => [Role::Planner, Role::Reviewer, Role::Crew],", 'Crew may sign', 'ToldTest'],
        ["'issue' => [Role::Planner],", "'issue' => [Role::Planner, Role::Reviewer],", 'A reviewer issues plans', 'ToldTest'],
    ],
    'app/Planning/Newest.php' => [
        ['<= $this->sequence', '< $this->sequence', 'A look makes itself void', 'PlanningTest'],
        ['            @unlink($this->file);', '', 'A tab is void for ever', 'PlanningTest'],
    ],
    'app/Paper/CalculationView.php' => [
        ['toPounds() / Length::ofInches(1.0)->toMetres(),', 'toPounds() / Length::ofFeet(1.0)->toMetres(),', 'Pound feet are told as pound inches', 'ToldTest'],
        ["'foot' => \$worked->place + 1,", "'foot' => \$worked->place,", 'The worked foot has the number of its neighbour', 'ToldTest'],
        ['$this->whole($foot->along_N), $this->whole($foot->tension_N)', '$this->whole($foot->tension_N), $this->whole($foot->along_N)', 'Columns of the calculation change places', 'ToldTest'],
        ["'height' => \$this->length(\$worked->run->check->capacities->railHeight_m)", "'height' => \$this->length(\$worked->run->check->capacities->heel_m)", 'The heel of a foot is told as its height', 'ToldTest'],
    ],
    'app/Desk/Comparison.php' => [
        ["'Feet' : 'Posts' => (string) \$plan->summary()['attachments']", "'Feet' : 'Posts' => (string) \$plan->summary()['modules']", 'Modules are compared as feet', 'ToldTest'],
        ['$demands[$zone]->suctionExposed_Pa', '$demands[$zone]->suction_Pa', 'Suction is compared for closed sides', 'ToldTest'],
        ["'at the ridge' => [(\$outline->leftHip_m + \$outline->width_m - \$outline->rightHip_m) / 2, \$top_m - \$in_m]", "'at the ridge' => [(\$outline->leftHip_m + \$outline->width_m - \$outline->rightHip_m) / 2, \$in_m]", 'Suction at the ridge is that at the eave', 'ToldTest'],
    ],
    'app/Company/ConfirmedValues.php' => [
        ['&& $recalled->text() === $one->value', '', 'A signature on another value counts for the company', 'DesignTest'],
        ['where company_id = ?', 'where company_id <> ?', 'Values of other companies are offered', 'DesignTest'],
    ],
    'app/Paper/CoverView.php' => [
        ['left %s, right %s, eave', 'right %s, left %s, eave', 'The cover tells the right setback as the left', 'ToldTest'],
        ["\$print->print(Dimension::Pressure, \$one->down->toPascals()),\n                \$print->print(Dimension::Pressure, \$one->up->toPascals()),", "\$print->print(Dimension::Pressure, \$one->up->toPascals()),\n                \$print->print(Dimension::Pressure, \$one->down->toPascals()),", 'The cover tells ratings the wrong way round', 'ToldTest'],
        ['Sx %s, Sy %s, Ix %s, E %s, Fb %s', 'Sx %s, Ix %s, Sy %s, E %s, Fb %s', 'The cover names moduli of the rail wrongly', 'ToldTest'],
    ],
    'app/Desk/DemandView.php' => [
        ["'suction' => \$psf(\$demand->suction_Pa), 'exposed' => \$psf(\$demand->suctionExposed_Pa)", "'suction' => \$psf(\$demand->suctionExposed_Pa), 'exposed' => \$psf(\$demand->suction_Pa)", 'Closed and open sides change places', 'ToldTest'],
        ['array_search(max($down), $down, true)', 'array_search(min($down), $down, true)', 'The least push is told to govern', 'ToldTest'],
    ],
    'app/Desk/Differences.php' => [
        ["'label' => \$label, 'before' => \$was, 'after' => \$is", "'label' => \$label, 'before' => \$is, 'after' => \$was", 'Before and after change places', 'HistoryTest|ToldTest'],
    ],
    'app/Desk/History.php' => [
        ["\$design->kind === 'redo' && \$after !== []", "\$design->kind === 'redo' && \$before !== []", 'Redo walks the wrong way', 'HistoryTest'],
    ],
    'app/Listing/JobList.php' => [
        ["where('company_id', \$user->company_id)->orderByDesc", 'orderByDesc', 'The jobs of all companies are listed', 'AccessTest|DesignTest'],
        ['$last->design?->hash !== $design->hash', '$last->design?->hash === $design->hash', 'A revision is overtaken by itself', 'IssueTest'],
        ['$one->isForConstruction() && $one', '$one', 'What was issued for review alone is told as done', 'IssueTest'],
    ],
    'app/Desk/RoofDrawing.php' => [
        ['$height - $of($y_m)', '$of($y_m)', 'The small drawing has its modules upside down', 'SurfacesTest'],
        ['$left += $of($design', '$left = 0 * $of($design', 'Planes of a job are drawn over each other', 'SurfacesTest'],
    ],
    'app/Listing/NextThing.php' => [
        ['$unconfirmed > 0 =>', '$unconfirmed > 100 =>', 'Values to confirm are not told as next', 'DesignTest|ToldTest'],
    ],
    'app/Planning/Planning.php' => [
        ['private const LARGE = 1_000;', 'private const LARGE = 1_000_000;', 'Large plans take no turn', 'PlanningTest'],
        ['return request()->attributes->get(self::WRITTEN) === true ? Planner::plan', 'return false ? Planner::plan', 'What is stored is asked for again', 'PlanningTest'],
    ],
    'app/Paper/Printer.php' => [
        ['if (!str_contains($bytes, "/Title ($title")) {', 'if (false) {', 'An error page is a paper', 'PrinterTest|IssueTest'],
    ],
    'app/Desk/RunView.php' => [
        ["'up' => \$printer->print(Dimension::Force, \$verdict->up_N)", "'up' => \$printer->print(Dimension::Force, \$verdict->down_N)", 'Push is told as pull', 'ToldTest'],
        ["'bay' => isset(\$feet_m[\$place + 1]) ? \$printer->length(\$feet_m[\$place + 1] - \$feet_m[\$place])", "'bay' => isset(\$feet_m[\$place + 1]) ? \$printer->length(\$feet_m[\$place + 1])", 'A bay is told as a place', 'ToldTest'],
        ["'height' => \$printer->tape(\$plan->tapes()->ofLine_m(\$run->run->line))", "'height' => \$printer->tape(\$plan->tapes()->onSlope_m(\$run->run->line->at_m))", 'Chalk lines are told at the rail', 'ToldTest'],
    ],
    'app/Paper/SectionView.php' => [
        ["'below' => \$flashing?->below, 'above' => \$flashing?->above", "'below' => \$flashing?->above, 'above' => \$flashing?->below", 'The flashing is drawn upside down', 'ToldTest'],
    ],
    'app/Desk/SheetView.php' => [
        ["'shift_m' => \$lap->shift->toMetres()", "'shift_m' => -\$lap->shift->toMetres()", 'Rafters at a lap are drawn on the other side', 'ToldTest'],
        ["\$area->x->toMetres() - \$r_m, 'y_m' => \$area->y->toMetres() - \$r_m", "\$area->x->toMetres(), 'y_m' => \$area->y->toMetres()", 'Round areas are drawn beside themselves', 'ToldTest'],
        ['+ ($cell->column - 1) * ($seen', '+ $cell->column * ($seen', 'A module that is left out is drawn beside its gap', 'ToldTest'],
    ],
    'app/Desk/SideChanges.php' => [
        ['$changed + array_diff_key($now, array_diff_key($before, $after))', '$after + array_diff_key($now, array_diff_key($before, $after))', 'A signature that was taken back comes back', 'HistoryTest'],
    ],
    'app/Company/SignedIn.php' => [
        ['SURE_S = 900', 'SURE_S = 90000', 'Who logged in yesterday signs without the password', 'DesignTest'],
        ['if (!Hash::check($password, (string) $user->getAuthPassword())) {', 'if (false) {', 'Any password signs', 'DesignTest'],
        ['GUESSES = 10', 'GUESSES = 10000', 'The password of a signature may be guessed', 'DesignTest'],
    ],
    'app/Desk/Stages.php' => [
        ["\$isEmpty => ['word' => 'empty', 'tone' => 'plain'],\n            \$plan->hasRefusal() => ['word' => 'waits', 'tone' => 'plain'],", "\$isEmpty => ['word' => 'empty', 'tone' => 'plain'],", 'Stages of a refused plan hold', 'ToldTest'],
        ['1 - ($plan->clamp?->ratio() ?? 0.0)]', '1.0]', 'The modules hold whatever their clamps do', 'ToldTest'],
    ],
    'app/Desk/Standing.php' => [
        [") !== [] => ['word' => 'refused', 'tone' => 'fails']", ") !== [] => ['word' => 'refused', 'tone' => 'plain']", 'A refused plan looks like an open one', 'ToldTest'],
        ['count($open) > count($examples)', 'count($open) > count($examples) + 1', 'One stop is not told', 'ToldTest|IssueTest'],
        ["\$finding->values['count']", '1', 'Values to enter are counted by stages', 'DesignTest'],
    ],
    'app/Desk/Chosen.php' => [
        ["\$project->chosen(self::asked('surface'))", '$project->chosen(null)', 'Another surface than the one asked for is shown and changed', 'SurfacesTest'],
        ["\$surface, self::asked('block')", '$surface, null', 'Another block than the one in view is changed', 'SurfacesTest'],
        ['->here($plain->inJob($pointer))', '->here($pointer)', 'What is found of the first block stands at the one in view', 'SurfacesTest'],
    ],
    'app/Starting/StartingDesign.php' => [
        ["['on' => \$surface, 'path' => '/confirmations', 'value' => []]", "['path' => '/client', 'value' => \$project->client]", 'An uploaded design keeps its signatures', 'DesignTest'],
    ],
    'app/Support/StoreTrouble.php' => [
        ["'disk_full', self::FULL, 507]", "'disk_full', self::FULL, 500]", 'A full disk is told as a fault of the program', 'StoreTroubleTest'],
        ["mb_strimwidth(\$trouble->getSql(), 0, 400, '…')", "mb_strimwidth(\$trouble->getMessage(), 0, 400, '…')", 'Values stand in the log', 'StoreTroubleTest'],
    ],
    'app/Paper/Tables.php' => [
        ["sprintf('%.4F', \$piece['length_m'])", "sprintf('%.4F', \$bar['rest_m'])", 'A piece is told as long as the rest', 'ToldTest'],
    ],
    'app/Paper/DxfWriter.php' => [
        ['$metres * $this->perMetre', '$metres', 'A drawing is in metres, whatever its job', 'DrawingTest'],
        ['$isUp ? [$line_m, $point[1]] : [$point[0], $line_m]', '$isUp ? [$point[0], $line_m] : [$line_m, $point[1]]', 'Dimensions lie across what they measure', 'DrawingTest'],
    ],
    'app/Paper/SheetDrawing.php' => [
        ['$this->at(...$line->hole_m($x_m))', '$this->at(...$line->point_m($x_m))', 'Feet are drawn at their rail, beside their holes', 'DrawingTest'],
    ],
];
