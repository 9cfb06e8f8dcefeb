<?php

// Faults of the core, by file: a text that stands once in it, its replacement, and what that would mean.

declare(strict_types=1);

return [
    'core/data/asce7_16/gable_roof.php' => [
        ["'7-20/2n' => 3.0", "'7-20/2n' => 2.0", 'A published coefficient of a rake strip is too small'],
        ["'27-45/down' => 0.9", "'27-45/down' => 0.7", 'Steep roofs are pressed too little'],
    ],
    'core/data/en_1990/factors.php' => [
        ["'psi0/snow' =>", "'psi0/snow' => 0.0 *", 'Snow with leading wind counts for nothing below 1,000 m'],
    ],
    'core/data/nds_2018/lag.php' => [
        ["'cd/wind' => 1.6", "'cd/wind' => 2.0", 'Wood is taken to hold more in a gust than the clause allows'],
        ["'withdrawal' => 1800.0", "'withdrawal' => 2800.0", 'Lags hold half as much again'],
    ],
    'core/messages/en.php' => [
        ["'up {up} of {rated_up}, down {down} of {rated_down}", "'up {up} of {rated_down}, down {down} of {rated_up}", 'Ratings up and down are told for each other'],
        ["'because.qh' => 'Velocity pressure qh'", "'because.qh' => 'Velocity pressure qz'", 'A value has the name of another'],
        ['at least 10 ft from overhead lines', 'at least 3 ft from overhead lines', 'A caution names a distance that kills'],
        ['½ · 1.2 kg/m³ · ({speed})²', '½ · 1.2 kg/m³ · {speed}²', 'A formula squares the unit of the speed'],
    ],
    'core/src/Attachment/Search/Reach.php' => [
        ['$both = 2 * ($length_m + $next_m);', '$both = 1.8 * ($length_m + $next_m);', 'Moments over three feet follow another equation'],
        ['self::NEARLY * $down,', '0.8 * $down,', 'A foot is taken for weaker than it is'],
        ['self::NEARLY * $this->limit * $this->space->cap,', '0.8 * $this->limit * $this->space->cap,', 'A rail is taken for weaker than it is'],
        ['$times * $range[0] - $slack_Nm, $times * $range[1] + $slack_Nm', '$range[0], $range[1]', 'The up case of a bay goes by the winds of another'],
        ['array_push($points[$case], ...$part);', '$points[$case] = $part;', 'Only one of the feet that may follow is within reach'],
        ['self::between($polygon, 1 - $shares[$index], $shares[$index], $simple, $capacity)', '$polygon', 'What bends a rail between its feet leads anywhere'],
    ],
    'core/src/Attachment/Check/AttachmentVerdict.php' => [
        ['max($this->down_N', 'min($this->down_N', 'A foot is told the least push'],
    ],
    'core/src/Attachment/Fastening/Capacities.php' => [
        ['min($foot->up_N, $deck?->deckUp?->toSi() ?? INF)', '$foot->up_N', 'A deck holds what a member under it would', 'ButylTest'],
        ['min($foot->along_N, $deck?->deckAlong?->toSi() ?? INF)', '$foot->along_N', 'A deck holds along the slope what a member would', 'ButylTest'],
        ['railNormal_Nm: INF, railAlong_Nm: INF, splice_Nm: INF, boltUp_N: INF, boltAlong_N: INF, spans: null', 'boltUp_N: INF, boltAlong_N: INF, spans: null', 'Modules on feet alone are judged by a rail that is not there', 'OnFeet'],
        ['$design->kit->foot->holes() !== [] && !$design->onDeck() ? max(1e-3, $held?->withdrawal?->toSi() ?? 0.0) : INF', 'max(1e-3, $held?->withdrawal?->toSi() ?? 0.0)', 'A clamp fails for the screw that it has not', 'Covering'],
        ['($held->withdrawalIsEntered ?? false) || ($held->isSteel ?? false)', '$held->withdrawalIsEntered ?? false', 'Steel holds more in a gust', 'Covering'],
        ['public const IN_LINE_MOST_IN = 0.5;', 'public const IN_LINE_MOST_IN = 5.0;', 'Feet may stand five inches out of line'],
    ],
    'core/src/Attachment/Check/ClampCheck.php' => [
        ['$quarter_m2 : 2 * $quarter_m2', '$quarter_m2 : 2 / $quarter_m2', 'A clamp between two modules is judged for the area of half of one'],
    ],
    'core/src/Attachment/Fastening/DowelInGap.php' => [
        ['$qm), $g, -$m - $m) / $reductionIV', '$qm), $g, -$m + $m) / $reductionIV', 'A dowel that bends twice holds nothing'],
        ['$qm), $g + $lm / 2, -$m - $qm', '$qm), $g + $lm * 2, -$m - $qm', 'A dowel that turns in the member holds too much', 'ByHandTest'],
        ["'II' => self::root(1 / (4 * \$qs) + 1 / (4", "'II' => self::root(1 * (4 * \$qs) + 1 / (4", 'A dowel that turns as a whole holds too much'],
        ['=> self::root(1 / (2 * $qs) + 1 / (2 *', '=> self::root(1 / (3 * $qs) + 1 / (2 *', 'A dowel that bends twice is told too strong'],
    ],
    'core/src/Attachment/Fastening/FallBacks.php' => [
        ['$missed->deckUp !== null && $missed->deckAlong !== null', '$missed->deckUp !== null', 'A deck counts whose hold along the slope nobody knows', 'Foot'],
        ['$factor * max($foot->up_N', 'max($foot->up_N', 'A deck mount has no room for a foot off its mark', 'Foot'],
    ],
    'core/src/Attachment/Search/FewestSearch.php' => [
        ['private const SLIPS = [0, 1, 2, 4];', 'private const SLIPS = [];', 'A led search never leaves one chain for all others'],
        ['arsort($wide);', 'asort($wide);', 'What looks worst is followed first'],
        ["\$this->slips = PHP_INT_MAX;\n                \$this->begin(\$count);", '', 'A led search takes what it comes upon first for the best'],
        ['$even = $this->even($bound);', '$even = null;', 'Nothing is found where a foot on every member fails and every other would do', 'SteelTest'],
        ['$steps) === null && $this->isComplete', '$steps) === null || $this->isComplete', 'A search that gave up counts as a proof'],
        ['$this->downs[$place + 1] = $down;', '$this->downs[$place + 2] = $down;', 'Loads that press are kept for another foot'],
    ],
    'core/src/Attachment/Check/FootTally.php' => [
        ['$up_N > 0.0 ? $up_N : $along_N * $c->armPerAlong - $up_N', '$up_N > 0.0 ? $up_N : -$up_N', 'The push along the slope does not bend an arm', 'Covering'],
        ['$ends = max($this->partial($partial', '$ends = min($this->partial($partial', 'The lesser of two partial cases is taken'],
        ['if ($tension_N / $withdrawal_N > $this', 'if ($tension_N / $withdrawal_N < $this', 'Pull on a lag is kept where it is least'],
    ],
    'core/src/Attachment/Fastening/FastenerInMember.php' => [
        ['$least($pullOut, $screw->tension)', '$pullOut', 'A weak screw is taken to hold what the steel does', 'Covering'],
        ["? 'edge_across' : 'edge'", "? 'edge' : 'edge'", 'A lag stands too near the edge that it is pushed against', 'Covering'],
        ['$isAcross ? $value(\'k_across\') : 1.0', '$isAcross ? 1.0 : 1.0', 'A lag across the grain is taken for one along it', 'Covering|Load'],
        ['            $class === null', '            $class !== null', 'A screw of no class is computed'],
        ['$own !== null && $design->kit->foot->intoSheet() => $least($own, $screw->pullOut),', '$own === null => $screw->pullOut,', 'A test in a sheet counts more than its thickness holds', 'Rail'],
        ['$g ** 2 * $d_in', '$g ** 1.5 * $d_in', 'A wood screw holds as if its wood were denser', 'FastenersTest'],
        ['$rd === null => 11_200', '$rd !== null => 11_200', 'Thin screws press like thick ones', 'FastenersTest'],
        ['|| $fastener instanceof StructuralScrew) {', ') {', 'A structural screw is computed', 'FastenersTest'],
        ["coefficients->value(self::WOOD, 'tip') * ", "coefficients->value(self::WOOD, 'tip') * 0.0 * ", 'The tip of a wood screw grips', 'FastenersTest'],
    ],
    'core/src/Attachment/Search/Latitudes.php' => [
        ['$plan->check->capacities->placing->tolerance_m) === false', '$plan->check->capacities->placing->tolerance_m) === null', 'An ordinary foot is told to do where a stronger one is wanted', 'EdgeFeet'],
        ['$work->isSpent()) {', '!$work->isSpent()) {', 'Other members are sought only when nothing is left to seek with'],
    ],
    'core/src/Attachment/Beam/PartialSnow.php' => [
        ['$patterns[$pattern] += (1 - $light)', '$patterns[$pattern] += (2 - $light)', 'Partial snow loads the wrong spans'],
    ],
    'core/src/Attachment/Check/QuickCheck.php' => [
        ['$worst = $this->atEdge?->feet($layout, $worst, $strong, true) ?? $worst;', '', 'Stronger feet are never looked at', 'EdgeFeet'],
        ['$this->edge === null ? null : new self($check, $this->edge->capacities)', '$this->edge === null ? null : new self($check, $check->capacities)', 'Stronger feet hold no more than others', 'EdgeFeet'],
        ['($along_N * $this->armPerAlong - $up_N) * $this->perArm', '-$up_N * $this->perArm', 'The quick check bends arms by what presses alone', 'Covering'],
        ['max($this->perArm, $this->leverPerDown / $withdrawal_N) + abs($along_N)', '0.0 + abs($along_N)', 'Patches of snow are passed over where they load a hook', 'Covering'],
        ['$each_N / $lateral_N + $tension_N / $withdrawal_N', '$each_N / $lateral_N - $tension_N / $withdrawal_N', 'Pull takes from push in a lag'],
    ],
    'core/src/Attachment/Check/RailTally.php' => [
        ['$partial->snowAlong_N * max(-$range[0]', '$partial->snowAlong_N / max(-$range[0]', 'Sliding snow bends the rail less, the more there is'],
    ],
    'core/src/Attachment/Search/Relief.php' => [
        ['[$member], 0, 1, $kept)])', '[$member], 1, 1, $kept)])', 'A member is relieved at the price of none'],
    ],
    'core/src/Attachment/Search/RunSearches.php' => [
        ['$check->capacities->placing->limit || !$check->holdsMoved($feet_m', '$check->capacities->placing->limit && !$check->holdsMoved($feet_m', 'Feet off their marks are not counted in a search'],
    ],
    'core/src/Attachment/Search/SearchSpace.php' => [
        ['min($one->downPerReaction, $one->edgePerReaction)', '$one->downPerReaction', 'Layouts that hold by their stronger feet are passed over', 'EdgeFeet'],
        ['0.0, 0.0, 0.0, 1.0);', '0.0, 0.0, 0.5, 1.0);', 'Uplift has a load where there is none'],
    ],
    'core/src/Attachment/Beam/UnitLayout.php' => [
        ['$shape->clamps_m[0];', '$shape->clamps_m[1];', 'The overhang at the left is counted from the second foot'],
        ['$this->left = $left =', '$this->right = $left =', 'What lies beyond the first foot is taken from the other end'],
    ],
    'core/src/Attachment/Fastening/WoodWindow.php' => [
        ['return max(0.0, floor($this->window_m', 'return min(0.0, floor($this->window_m', 'Crews are told no room beside the centre'],
    ],
    'core/src/Because/OfRuns.php' => [
        ['$length_m = $feet_m[$foot + 1] - $feet_m[$foot]', '$length_m = $feet_m[$foot + 1] + $feet_m[$foot]', 'A bay is told as the sum of two places'],
    ],
    'core/src/Because/OfFastener.php' => [
        ["'length_m' => \$this->plan->design->kit->fastener->length()->toMetres(),\n            'above_m' => \$held->above->toMetres(),\n            'shank_m'", "'length_m' => \$this->plan->design->kit->fastener->diameter()->toMetres(),\n            'above_m' => \$held->above->toMetres(),\n            'shank_m'", 'The length of the screw is told as its diameter'],
    ],
    'core/src/Because/OfModules.php' => [
        ["'along_run' => \$clamp->alongRun", "'along_run' => \$clamp->run", 'The clamp that is pushed most is told on the run of the one that is pulled most'],
        ["'up' => 'above', 'down' => 'below'", "'up' => 'below', 'down' => 'above'", 'Open sides of a module are told the other way round'],
    ],
    'core/src/Because/Inputs.php' => [
        ['$pointer), 1) as $key)', '$pointer), 2) as $key)', 'A because reads the wrong part of a design'],
    ],
    'core/src/Cli/Main.php' => [
        ['$project, $words[2] ?? \'\')', '$project, $words[3] ?? \'\')', 'The command line tells another path'],
    ],
    'core/src/Covering/SeamedMetal.php' => [
        ['$width->minus($this->firstSeam)', '$this->firstSeam', 'A mirrored roof keeps its seams', 'Covering'],
    ],
    'core/src/Covering/Tile.php' => [
        ['($x_m - $this->firstPan->toMetres())', '$x_m', 'Pans are counted from the edge of the roof', 'Covering'],
    ],
    'core/src/Crew/Materials.php' => [
        ['static fn (RunPlan $run): int => $run->run->endClamps()', 'static fn (RunPlan $run): int => 1', 'One end clamp is brought for each run'],
        ["\$item('fastener', \$kit->fastener->name(), \$design->screws", "\$item('fastener', \$kit->fastener->name(), 2 * \$design->screws", 'Twice the screws are brought'],
        ["\$item('rail_bolt', \$kit->bolt->name, self::underRails(\$onFeet), \$kit->bolt->document)", "\$item('rail_bolt', \$kit->bolt->name, self::underRails(\$onFeet), \$kit->clamp->document)", 'Bolts are listed by the sheet of the clamps'],
    ],
    'core/src/Crew/Steps.php' => [
        ["['torque', [], ['makers_torque']],", "['torque', [], []],", 'The caution of the maker’s torque is left out'],
        ["'thread_m' => \$held?->threadInMember->toMetres()", "'thread_m' => \$held?->inMember->toMetres()", 'Crews are told of thread that is tip'],
    ],
    'core/src/Crew/Tapes.php' => [
        ['SlopeDatum::Ridge => $this->design->surface->slopeLength->toMetres() - $y_m', 'SlopeDatum::Ridge => $y_m - $this->design->surface->slopeLength->toMetres()', 'From the ridge the tape counts below nothing'],
        ['$this->members->first->toMetres() - $shift_m', '$this->members->first->toMetres() + $shift_m', 'Beside a lap the tape misses every member'],
    ],
    'core/src/Crew/Tools.php' => [
        ["'shank_bit' => \$hasShank ?", "'shank_bit' => !\$hasShank ?", 'The bit for the shank stays in the van'],
    ],
    'core/src/Design/Signing/Confirmation.php' => [
        ['{$this->name}, in the presence of {$this->account}', '{$this->account}, in the presence of {$this->name}', 'Who signed and who was present change places'],
    ],
    'core/src/Design/DesignFile.php' => [
        ["return CanonicalJson::hash(array_diff_key(Writer::toArray(\$project), ['as_typed' => null]));", 'return CanonicalJson::hash(Writer::toArray($project));', 'Equal roofs have other hashes when typed otherwise'],
    ],
    'core/src/Design/Edit/Drawn.php' => [
        ['!is_string($line) || !is_int($member)', '!is_string($line) && !is_int($member)', 'A pin takes any line'],
    ],
    'core/src/Design/Edit/Edits.php' => [
        ['"$list/".($entry - 1).$rest', '"$list/$entry$rest"', 'What is left of a list is no example any more, or another entry is'],
        ["\$text === '' && \$field->optional)", "\$text === '' || \$field->optional)", 'An empty text clears what must be there'],
        ['$field->range->min && $number', '$field->range->max && $number', 'Bare inches are taken where feet fit'],
        ["'yes', 'true' => true, 'no', 'false' => false", "'yes', 'true' => false, 'no', 'false' => true", 'Yes is no'],
    ],
    'core/src/Design/Kit/ExampleRail.php' => [
        ['350, 1_700, 700],', '350, 1_700, 701],', 'An example rail is stronger than its sheet'],
    ],
    'core/src/Design/Signing/OwnCopy.php' => [
        ['#[Range(-1e6, 1e6)]', '#[Range(0, 1e6)]', 'Values below nothing cannot be read in an own copy'],
    ],
    'core/src/Design/Surface/Surface.php' => [
        ["#[Range(0, 1.4)]\n        public Angle \$pitch", "#[Range(0, 14)]\n        public Angle \$pitch", 'A pitch past the vertical is taken'],
    ],
    'core/src/Design/Edit/Typed.php' => [
        ['$dimension === null ||', '$dimension !== null ||', 'What was typed is dropped everywhere'],
    ],
    'core/src/Document/Json.php' => [
        ['$token[0][0];', '$token[0][1];', 'A sign in a number is read off'],
    ],
    'core/src/Foot/ButylBase.php' => [
        ['$half_m / max(1e-3, $half_m - $this->column->toMetres())', '1.0', 'An outer column holds as much as the middle one', 'Foot'],
        ['($this->deckTestCount ?? 0) >= self::LEAST_TESTS', '$this->deckTestCount !== null', 'Four pull tests allow a deck mount', 'Foot'],
        ['$isAllowable && ', '', 'A fifth of a mean counts as a design strength', 'Foot'],
        ['SAFETY = 5.0', 'SAFETY = 3.0', 'Pull tests allow a third of their mean', 'Foot'],
    ],
    'core/src/Foot/HookArm.php' => [
        ['** 2 / 6', '** 2 / 4', 'An arm bears half as much again before it bends', 'Covering'],
        ['$this->height->toMetres() / $this->reach->toMetres()', '$this->reach->toMetres() / $this->height->toMetres()', 'The push along the slope bends an arm by its lengths exchanged', 'Covering'],
        ['/ (3 * $this', '/ (8 * $this', 'An arm sinks less than a cantilever', 'Covering'],
    ],
    'core/src/Foot/TileHook.php' => [
        ['-$this->arm->reach->toMetres()', '$this->arm->reach->toMetres()', 'The load comes down above the plate', 'Covering'],
        ['$this->arm->reach->plus($this->base->heel)', '$this->arm->reach', 'The rail of a hook lies a heel too high', 'Covering'],
    ],
    'core/src/Framing/MemberShares.php' => [
        ['$share->ratio > $this->limit + 1e-9', '$share->ratio > 1.05 * $this->limit + 1e-9', 'Members over their limit are let go'],
    ],
    'core/src/Framing/ArrayWeight.php' => [
        ['$design->kit->extra_kg()) * self::G', '$design->kit->extra_kg()) / self::G', 'Modules weigh nothing on the members'],
    ],
    'core/src/Framing/Member.php' => [
        ['$this->to_m - $fromEnd_m', '$this->to_m + $fromEnd_m', 'A foot stands past the end of a member'],
    ],
    'core/src/Framing/Members.php' => [
        ['self::even($first, $pitch', 'self::even($pitch, $pitch', 'Seams are where they would be if the first were a pitch in', 'Covering'],
        ['unset($members[$own->number]);', '', 'A member that is not there takes feet'],
        ['$own->plies % 2 === 0', '$own->plies % 2 === 1', 'The lag goes between two plies'],
        ['($left_m + $right_m) / 2', '$left_m', 'A member carries the bay at its left alone'],
        ['$width_m - $far_m - 1.5 * $framing->width->toMetres()', '$width_m - $far_m + 1.5 * $framing->width->toMetres()', 'The last member stands beyond the gable'],
    ],
    'core/src/Framing/RafterScreen.php' => [
        ["\$snow_Pa > 0.0 ? \$with_Pa / \$value('cd/snow') : 0.0", "\$snow_Pa > 0.0 ? \$with_Pa / \$value('cd/snow') / 1.6 : 0.0", 'Snow on rafters is screened with the duration of wind'],
    ],
    'core/src/Catalogue/CatalogueTable.php' => [
        ['if ($text !== \'\') {', 'if ($text === \'\') {', 'A value in a column of another part is dropped', 'CatalogueTableTest'],
        ['Csv::isFormula($text) &&', 'false &&', 'A formula is taken', 'CatalogueTableTest'],
        ["'yes', 'true' => true", "'yes', 'true' => false", 'Yes is no', 'CatalogueTableTest'],
    ],
    'core/src/Document/Csv.php' => [
        ['? "\'".$cell : $cell', '? $cell : $cell', 'A cell may run as a formula', 'CatalogueTableTest'],
        ["? ';' : ','", "? ',' : ','", 'A table with semicolons is one column', 'CatalogueTableTest'],
    ],
    'core/src/Fastener/Fastener.php' => [
        ["['/kit/foot/base/lateral_N', ", '[', 'What a foot bears with a lag counts for any screw', 'FastenersTest'],
    ],
    'core/src/Fastener/LagScrew.php' => [
        ['7 / 32', '9 / 32', 'Crews drill a pilot in which a lag holds nothing'],
    ],
    'core/src/Geometry/PointsFile.php' => [
        ['if ($twice < 0.0)', 'if (false)', 'Planes that go round clockwise are read so', 'Geometry'],
        ['[...array_slice($kinds, 1), $kinds[0]]', '$kinds', 'Edges of a clockwise plane are told for their neighbours', 'Geometry'],
        ['strtoupper($one[\'layer\']) === \'ROOF\'', 'true', 'Of two outlines none is the roof', 'Geometry'],
        ['if ($one[\'bent\'])', 'if (false)', 'An arc is read as a straight edge', 'Geometry'],
        ['$code === 10 && $outline[\'vertex\']', '$code === 10', 'An older outline begins at its place on the sheet', 'Geometry'],
    ],
    'core/src/Layout/FireAccess.php' => [
        ["? 'share_with_sprinklers' : 'share'", "? 'share' : 'share_with_sprinklers'", 'Sprinklers make the ridge wider', 'FireAccessTest'],
        ['abs($ends[0][1] - $ends[1][1]) > self::TOLERANCE_M', 'true', 'Nothing is kept free at a ridge', 'FireAccessTest|FindingsTest'],
    ],
    'core/src/Design/Surface/FirePlane.php' => [
        ['$kind === EdgeKind::Hip && $isWhole ?', '$isWhole ?', 'A rake kept free is half of a path astride', 'FireAccess'],
        ['|| $low_m > $ends_m[0] + self::TOLERANCE_M ', '', 'A path may begin above the eave', 'FireAccessTest'],
        ['[EdgeKind::Ridge])', '[EdgeKind::Ridge, EdgeKind::Hip])', 'A path up to a hip is one to the ridge', 'FireAccessTest'],
    ],
    'core/src/Layout/Collisions.php' => [
        ['array_slice($placements, 0, $index)', 'array_slice($placements, 0, 0)', 'Blocks may lie on each other'],
        ['$side_m = $spot->x_m + $design->moduleAcross()->toMetres()', '$side_m = $spot->x_m - $design->module->width->toMetres()', 'Modules over the right edge are not seen'],
        ["'/block/'.(\$edge === 'left' ||", "'/block/'.(\$edge !== 'left' ||", 'The stop of one edge stands at the other'],
    ],
    'core/src/Layout/Course.php' => [
        ['return $this->aboveButt_m($from_m) + $long->minus($this->exposure)->toMetres();', 'return $this->aboveButt_m($from_m);', 'Every base straddles a butt', 'Foot'],
        ['$above_m + $long->toMetres() + $this->clear_m() - $this->exposure->toMetres()', '0.0', 'A plate may lie on the batten above it', 'Plan'],
        ['$this->aboveButt_m($from_m) + $this->overlap->minus($reach)', '$this->overlap->minus($reach)', 'An arm reaches out from wherever its plate lies', 'Covering'],
        ['min($most_m, $reach->minus($this->overlap)->toMetres())', '$most_m', 'A height is told at which the rail stands in the tile', 'Covering'],
        ['$above_in > self::NAILS_FROM_IN &&', '$above_in < self::NAILS_FROM_IN &&', 'A plate over the nails is not seen'],
    ],
    'core/src/Attachment/Check/ModuleCheck.php' => [
        ['$most_Pa * cos($theta));', '$most_Pa * sin($theta));', 'Weight presses modules by the wrong part'],
        ['$from_m >= $rating->from->toMetres() - 1e-6', '$from_m >= $rating->from->toMetres() - 1e-1', 'A rating counts for clamps out of its zone'],
    ],
    'core/src/Design/Surface/Outline.php' => [
        ['$this->leftHip_m) / hypot($this->length_m', '$this->leftHip_m) * hypot($this->length_m', 'The distance from a hip is not square to it'],
        ['$this->length_m * ($onTheLevel', '$this->length_m / ($onTheLevel', 'A hip is as long on the level as along the slope'],
    ],
    'core/src/Layout/LineBands.php' => [
        ['$exposure_m + $plate->makersCover->toMetres() - $plate->above->toMetres()', '0.0', 'A plate under a rail up the slope lies too little under its course', 'RailsUp'],
        ['$bands[] = [$butt_m + $least_m, $butt_m + $most_m];', '$bands[] = [$butt_m, $butt_m + $most_m];', 'A plate under a rail up the slope comes out below its butt', 'RailsUp'],
        ['$low_m - $row * $step_m - $hole_m - $to_m', '$low_m - $row * $step_m - $hole_m - $from_m', 'Heights of a block leave out half of a clamp zone', 'Covering'],
        ['+ floor($length_m / $this->step_m)', '', 'No gap between rows is ever told', 'Covering'],
    ],
    'core/src/Layout/ToEdge.php' => [
        ['$this->slope_m - $y_m - $length_m + $this->overRidge_m', '$this->slope_m - $y_m + $length_m + $this->overRidge_m', 'The upper row is judged exposed from its lower edge'],
        ['default => INF,', 'default => $left[0],', 'A side over a valley ends there'],
        ['0.5, 1 - 1e-6]', '0.5]', 'Only the middle and one end of a side look out'],
    ],
    'core/src/Layout/Fill.php' => [
        ['if ($ofRow !== [] && $lies($row)) {', 'if ($ofRow !== []) {', 'A plane is filled with rows that no purlin carries', 'Covering'],
        ['count($one[0]) === $best)', 'count($one[0]) > 0)', 'Any place of the grid fills the plane'],
    ],
    'core/src/Layout/Room.php' => [
        ['$edge[0]->keepsOff() ? $h2_m : 0.0', '0.0', 'A filled plane has modules at its edges'],
        ['max($aside_m, $above_m) <', 'min($aside_m, $above_m) <', 'There is room nowhere beside another block'],
    ],
    'core/src/Geometry/Polygon.php' => [
        ['$along = max(0.0, min(1.0, $along));', '', 'An edge is as near as its line'],
        ['$across > 0 &&', '', 'A ray ends where it begins'],
        ['half(-$uy, $ux, $inward - $distance_m)', 'half(-$uy, $ux, $inward + $distance_m)', 'Strips lie beside their edges'],
    ],
    'core/src/Geometry/FromTape.php' => [
        ['($along_m * $x - $left_m * $y)', '($along_m * $x + $left_m * $y)', 'Corners off a tape go round the wrong way'],
    ],
    'core/src/Foot/TwoInLineLever.php' => [
        ['($this->load_m < 0.0 ? -$up_N : $heel_N)', '$heel_N', 'Snow on a hook does not pull its screws', 'Covering'],
        ['max(0.0, -$this->load_m / $this->upper_m)', '0.0', 'The quick check forgets what presses on a hook', 'Covering'],
        ['$this->load_m < $this->lower_m ? 1.0 : 0.5', '0.5', 'Half of a pull beside a plate is the bound', 'Covering'],
        ['$upper_N <= $up_N ?', '$upper_N > $up_N ?', 'The upper lag takes the wrong regime'],
    ],
    'core/src/Layout/Placement.php' => [
        [', $to_m - 1e-6] as $at_m', '] as $at_m', 'A block closes a side that it covers but for the end'],
        ['&& $gap_m <= $open_m) {', ') {', 'A block far away shelters'],
        ['&& $number !== $before + 1', '&& $number === $before', 'A gap does not end a stretch of modules'],
        ["if (\$above[\$row][\$column]['down'] > \$open_m", "if (\$above[\$row][\$column]['up'] > \$open_m", 'A gap above opens a module below'],
    ],
    'core/src/Load/Admission.php' => [
        ['default => $missed->deckUp === null ?', 'default => true ?', 'The wrong value is asked for', 'ButylTest'],
        ['($missed?->deckUp !== null && $missed->deckAlong !== null) => null', '($missed?->deckUp !== null) => null', 'A deck that is not tested along the slope is planned on', 'ButylTest'],
        ['return $isTested && $isSame &&', 'return $isTested &&', 'Screws hold in a sheet that they were not tested on', 'Plan'],
        ['mb_strtolower(trim($clamp->forSeam))', 'mb_strtolower(trim($roof->seam))', 'A clamp of any seam holds on every seam', 'Plan'],
        ['!Printed::under($roof->sheetThickness->toMetres(), $clamp->forThickness->toMetres())', 'true', 'A clamp holds on thinner sheets than it was tested on', 'Plan'],
        ['$surface->framing->kind->runAcross() !== ($surface->covering->liesOnPurlins() ?? $surface->framing->kind->runAcross())', 'false', 'Sheets are planned over rafters', 'Plan'],
        ['!$covering->isPlanned() || in_array', 'true || in_array', 'A flashed foot goes on a metal sheet', 'Plan'],
        ['Length::ofInches(1.0)->toMetres() + 1e-9', 'Length::ofInches(10.0)->toMetres() + 1e-9', 'Eave to ridge may be ten inches off unsaid'],
        ['$ratio < 0.5 || $ratio > 2.0', '$ratio < 0.05 || $ratio > 20.0', 'A value read in an own copy may be twenty times the recalled one'],
    ],
    'core/src/Load/AsNzs/AsNzsLoads.php' => [
        ["\$beyond_m < \$a_m / 2 ? 'ridge_near' : 'ridge'", "\$beyond_m < \$a_m / 2 ? 'ridge' : 'ridge_near'", 'Near the ridge and farther off change places'],
        ["\$in_m < \$a_m / 2 ? 'edge_near' : 'edge'", "\$in_m < \$a_m / 4 ? 'edge_near' : 'edge'", 'The strip at the edge is half as wide'],
    ],
    'core/src/Load/AsNzs/RoofPressure.php' => [
        ['$bOverD > 8 => -0.9,', '$bOverD > 8 => +0.9,', 'A wide hip in the wind is pressed and not pulled'],
    ],
    'core/src/Load/AsNzs/SiteWind.php' => [
        ['$mh = 1 + $h_m / (3.5', '$mh = 2 + $h_m / (3.5', 'A hill speeds the wind up by a whole more'],
        ['> self::SHIELDED_UP_TO_M', '< self::SHIELDED_UP_TO_M', 'Low buildings are not shielded and tall ones are'],
    ],
    'core/src/Load/Asce7/Asce7Loads.php' => [
        ['0.6, 0.0, 0.6, true, Duration::Wind)', '0.6, 0.0, 0.642, true, Duration::Wind)', 'Wind counts too much in uplift'],
        ["new Combination('0.9D+1.0W', 0.9, 0.0, 1.0, true", "new Combination('0.9D+1.0W', 0.9, 0.0, 0.6, true", 'Strength combinations pull with allowable wind'],
        ["['0.3S', 0.3] : ['0.5S', 0.5]", "['0.3S', 0.3] : ['0.5S', 0.2]", 'Companion snow is less than it says'],
    ],
    'core/src/Load/Asce7/RoofLive.php' => [
        ['$r1 = max(0.6, min(1.0', '$r1 = min(0.6, min(1.0', 'Roof live load is not reduced as it may be'],
    ],
    'core/src/Load/Asce7/RoofSnow.php' => [
        ['$slides ? [15.0, 55.0] : [45.0', '$slides ? [16.05, 55.0] : [45.0', 'Slippery cold roofs keep snow from a steeper slope'],
        ['$belt_psf = 0.4 * $pf_psf *', '$belt_psf = 0.4 / $pf_psf *', 'Sliding snow is less, the longer the roof above'],
        ['$hd_ft = max($hd_ft, $this->drift_ft(', '$hd_ft = min($hd_ft, $this->drift_ft(', 'Of lee and windward drift the lesser counts'],
        ['$this->design->site->eaveToRidge->toFeet() / 50)', '$this->design->site->eaveToRidge->toFeet() / 70)', 'Rain on snow falls on flatter roofs only'],
        ['[$hd_ft, 4 * $hd_ft] :', '[$hd_ft, 2 * $hd_ft] :', 'Drifts are half as wide'],
        ['RoofSupports::Simple', 'RoofSupports::Other', 'The short rule counts where supports are not simple'],
    ],
    'core/src/Load/Asce7/RoofWind.php' => [
        ['return max(', 'return min(', 'The strips of a gable are as narrow as the least of three'],
        ['array_push($ys_m, $part * $h_m / $slant,', 'array_push($ys_m, $part * $h_m * 1.1 / $slant,', 'A low roof has its zones stretched up the slope'],
        ['([0.2, 0.6, 1.2] as $part)', '([0.2, 0.642, 1.2] as $part)', 'The edge zone of a low roof is too wide'],
        ['=> match (true) {', '=> match (false) {', 'Strips beside hips are measured along the slope'],
        ['RoofKind::Hip && min(', 'RoofKind::Hip || min(', 'A gable is refused as half a hip'],
    ],
    'core/src/Load/Asce7/Asce7Standard.php' => [
        ['Printed::over($block->topAboveRoof->toMetres(), $highest_m)', 'Printed::over($block->topAboveRoof->toMetres(), 2 * $highest_m)', 'Modules may stand twice as high over the roof'],
    ],
    'core/src/Load/Asce7/Topographic.php' => [
        ["26.8-1'), \$edition === Edition::Of2016", "26.8-1'), \$edition !== Edition::Of2016", 'A hill is told as a factor entered'],
        ["\$slope > \$value('steepest') ? 2 *", "\$slope > \$value('steepest') ? 4 *", 'Steep hills reach twice as far'],
    ],
    'core/src/Load/Asce7/VelocityPressure.php' => [
        ['max($z_ft, 15.0)', 'max($z_ft, 5.0)', 'Low roofs get less wind than the table begins with'],
        ['=== Exposure::B ? max(', '=== Exposure::C ? max(', 'The floor of exposure B counts in C'],
    ],
    'core/src/Load/Coefficients.php' => [
        ['$id, $depth + 1);', '$id, $depth + 2);', 'The id of a value is cut elsewhere'],
    ],
    'core/src/Load/En/EnLoads.php' => [
        ['groundElevation->toMetres(), 1000.0)', 'groundElevation->toMetres(), 1500.0)', 'The larger ψ0 of snow begins too high'],
        ['2 * $feature->height->toMetres()', '5 * $feature->height->toMetres()', 'A drift is told wider and flatter'],
        ["\$corner ? 'F' : 'G'", "\$corner ? 'G' : 'F'", 'Corner and edge change places'],
        ["\$this->coefficients);\n        \$s_Pa = \$mu * \$ce", "\$this->coefficients);\n        \$s_Pa = \$mu", 'The exposure of the roof does not count'],
    ],
    'core/src/Load/En/ExternalPressure.php' => [
        ['[5, 15, 30, 45, 60, 75];', '[5, 15, 30, 46, 60, 75];', 'A published angle is another one'],
    ],
    'core/src/Load/En/GroundSnow.php' => [
        ['$kPa = match (true) {', '$kPa = match (false) {', 'Ground snow of one set counts in all'],
    ],
    'core/src/Load/GivenLoads.php' => [
        ["\$y_m < \$edge_m => \$side ? 'eave corner' : 'eave'", "\$y_m < \$edge_m => \$side ? 'ridge corner' : 'eave'", 'A given pressure counts at the other corner'],
        ["\$toStandard;\n", "1.0;\n", 'Given pressures are not brought to the level of the standard'],
    ],
    'core/src/Load/Printed.php' => [
        ['return $value <= $limit + self::noise($limit);', 'return $value < $limit - self::noise($limit);', 'At most is less than'],
    ],
    'core/src/Load/SnowCase.php' => [
        ['$ridge_m - $this->reach_m', '$ridge_m + $this->reach_m', 'Snow below the ridge lies above it'],
    ],
    'core/src/Load/Suction.php' => [
        ['$area_m2 >= $this->largeArea_m2 => $this->large_Pa', '$area_m2 >= $this->smallArea_m2 => $this->large_Pa', 'Suction falls at once to that of large areas'],
    ],
    'core/src/Load/Winds.php' => [
        ["return \$side === 'left' || \$side === 'right' ? \$this->alongEave_m", "return \$side !== 'left' || \$side === 'right' ? \$this->alongEave_m", 'The breadth of the building is its depth'],
    ],
    'core/src/Load/ZoneDemand.php' => [
        ['$design->kit->extra_kg()) * 9.80665 / $area_m2 * cos($design->modulePitch_rad())', '$design->kit->extra_kg()) * 9.80665 / $area_m2 / cos($design->modulePitch_rad())', 'The weight that presses is told far off'],
    ],
    'core/src/Load/ZoneMap.php' => [
        ['[$double / 2, $x / (3 * $double)', '[$double / 2, $x * (3 * $double)', 'The middle of a zone field lies elsewhere'],
        ['if ($before !== null && $before[2] === $fields)', 'if ($before === null && $before[2] === $fields)', 'Neighbouring fields of different zones are joined'],
        ['if ($to_m - $from_m <=', 'if ($to_m + $from_m <=', 'No field of a zone is thin enough to leave out'],
    ],
    'core/src/Message/Summary.php' => [
        ['0, $letters - mb_strlen($text)))', '0, $letters + mb_strlen($text)))', 'Columns on the terminal do not stand'],
    ],
    'core/src/Message/Texts.php' => [
        ['floor(100 * $reserve + 1e-6)', 'ceil(100 * $reserve + 1e-6)', 'A reserve is rounded up'],
        ["\$reserve < 0.10 => 'tight'", "\$reserve < 0.01 => 'tight'", 'Tight is told as holding'],
    ],
    'core/src/Plan/Clearances.php' => [
        ['$confirmation->subject === $subject && $confirmation->value === $value', '$confirmation->subject === $subject', 'A signature stands for any value'],
    ],
    'core/src/Finding/Code.php' => [
        ["self::EnVelocityHigh,\n        self::TableSlenderness, self::SoilDoubled, self::TableAllowable, self::TableSteepHeld,\n    ];", "self::EnVelocityHigh, self::RunFails,\n        self::TableSlenderness, self::TableSteepHeld,\n    ];", 'A run that fails can be signed away'],
        ['            self::RunFails, self::RunNotFound, self::MembersMissRun', '            self::RunNotFound, self::MembersMissRun', 'A run that fails is told where its rail is'],
    ],
    'core/src/Finding/Finding.php' => [
        ['$this->isOpenStop() || $this->kind === FindingKind::Refusal', '$this->isOpenStop()', 'A case that is not covered blocks nothing'],
    ],
    'core/src/Plan/Findings.php' => [
        ['Printed::over($module->frameHeight->toMetres(), $clamp->heightTo->toMetres())', 'false', 'A clamp grips a frame that is too high for it', 'OnFeet'],
        ['...$clamp->grips === $module->frame ? []', '...true ? []', 'Clamps for frames hold glass', 'FindingsTest'],
        ['$lies->pad === null || $lies->flat === null => [', '$lies->pad === null => [', 'A pad is taken to lie flat where the flat was not measured', 'Findings'],
        ['Printed::over($lies->pad', 'Printed::under($lies->pad', 'A pad wider than its flat passes', 'Findings'],
        ['$run->lastColumn - $run->firstColumn + 1)->plus($once)', '$run->lastColumn - $run->firstColumn)->plus($once)', 'The own rule of a row forgets a module', 'Findings'],
        ['$inLine_m !== null &&', '$inLine_m === null &&', 'Feet out of line are told where none are'],
        ['< $line_m - 1e-9) {', '< $line_m + 1e-9) {', 'A run on the limit of alignment is told'],
        ["'ratio' => round(\$screen->ratio", "'ratio' => floor(\$screen->ratio", 'The rafter screen is told cut off'],
        ['$clamp->upRatio > 1.0 + 1e-9', '$clamp->upRatio > 1.1 + 1e-9', 'Clamps may be pulled a tenth too much'],
        ['$clamp->alongRatio > 1.0 + 1e-9', '$clamp->alongRatio > 1.0 + 1e-1', 'Clamps may be pushed a tenth too much'],
        ['$screen->ratio > 1.0 + 1e-9', '$screen->ratio > 1.5 + 1e-9', 'Rafters may be bent by half too much'],
        ['$window->window_m > 0.0 ? Finding::of(', '$window->window_m > -1.0 ? Finding::of(', 'A lag that cannot keep its edge is only warned of'],
    ],
    'core/src/Plan/OnTiles.php' => [
        ['$arm->under->minus($tile->tileTop)', '$arm->under', 'No arm ever touches its tile', 'Plan'],
        ['max($most_N, $foot->down_N)', 'max($most_N, $foot->up_N)', 'An arm sinks under what lifts it', 'Covering'],
    ],
    'core/src/Plan/Plan.php' => [
        ["'warnings' => \$kinds['warning'] ?? 0", "'warnings' => \$kinds['stop'] ?? 0", 'Stops are counted as warnings'],
        ['|| $this->unconfirmed() !== [] ||', '||', 'A plan is confirmed with values nobody confirmed'],
        ["\$worst === null ? null : 1 - \$worst;\n    }\n}", "\$worst === null ? null : 1 - \$worst / 2;\n    }\n}", 'The least reserve is told too large'],
    ],
    'core/src/Plan/ProjectPlan.php' => [
        ['($materials[$key][\'count\'] ?? 0) + $one[\'count\']', '$one[\'count\']', 'Materials of a second surface replace those of the first'],
        ['$plan->status() === Status::Preliminary) === []', '$plan->status() === Status::Confirmed) !== []', 'A job is confirmed with one of its surfaces'],
        ['min($reserves)', 'max($reserves)', 'The least reserve of a job is its best surface\'s'],
    ],
    'core/src/Foot/Post.php' => [
        ['* $this->allowableStress->toSi() / $this->height->toMetres()', '* $this->allowableStress->toSi() * $this->height->toMetres()', 'A longer post bears more'],
    ],
    'core/src/Foot/Standoff.php' => [
        ['min($this->along?->toSi() ?? INF, $this->post?->along_N() ?? INF)', '$this->along?->toSi() ?? INF', 'The post of a standoff is not checked'],
        ['return true;', 'return false;', 'A standoff stands on the shingles'],
    ],
    'core/src/Foot/Foot.php' => [
        ["'up_N' => null, 'down_N' => null, 'along_N' => null", "'up_N' => null", 'A foot of another kind bears what the one was tested for'],
    ],
    'core/src/Document/Kinds.php' => [
        ['return $known + (self::$added[$type] ?? []);', 'return $known;', 'A further kind is not known'],
    ],
    'core/src/Design/Design.php' => [
        ['+ $strong * ($this->kit->edgeFoot->screws ?? 0)', '+ $strong', 'Screws of stronger feet are not brought', 'EdgeFeet'],
        ['$isUpper ? [$length_m - $to_m, $length_m - $from_m]', '$isUpper ? [$length_m + $to_m, $length_m - $from_m]', 'The clamp zone of the upper rail lies past the module', 'Rail|Layout'],
        ['=== $isAcross ? ModuleSide::Long : ModuleSide::Short', '=== $isAcross ? ModuleSide::Short : ModuleSide::Long', 'Modules are rated for the side that no clamp holds'],
        ['Orientation::Portrait ? $this->module->length : $this->module->width', 'Orientation::Portrait ? $this->module->length : $this->module->length', 'Rows of landscape modules overlap'],
    ],
    'core/src/Design/BlockPart.php' => [
        ['return $there.substr($pointer, strlen($here));', 'return $pointer;', 'What is found of a further block stands at the first'],
    ],
    'core/src/Design/Project.php' => [
        ['measured: null, built: [], place: null)', 'measured: null, built: [])', 'A further table stands on the first', 'Plan'],
        ['if ($block->kit !== $kit) {', 'if (false) {', 'Blocks of one surface may have feet of two kinds'],
        ["\$design->ownCopies,\n            self::places(\$design->asTyped, \$part->inJob(...)) + array_filter(\$this->asTyped, \$elsewhere, ARRAY_FILTER_USE_KEY)", "\$design->ownCopies,\n            self::places(\$design->asTyped, \$part->inJob(...)) + \$this->asTyped", 'What was typed and cleared comes back'],
        ['$part->subjectHere($one->subject) === null)', 'true)', 'A signature that was withdrawn stays'],
        ['->named("Plane $number")', '', 'A copied plane has the name of the first'],
    ],
    'core/src/Design/Part.php' => [
        ['(preg_match(\'~^(surface|table)/~\', $subject) === 1 ? null : $subject)', '$subject', 'What was signed on one surface counts on another'],
        ['$here.substr($pointer, strlen($there))', '$there.substr($pointer, strlen($there))', 'Places of a surface are told by the job\'s names'],
    ],
    'core/src/Plan/PlanDocument.php' => [
        ["'x0_m' => \$run->x0_m, 'x1_m' => \$run->x1_m", "'x0_m' => \$run->x1_m, 'x1_m' => \$run->x0_m", 'A run is told from its other end'],
        ["'torque_Nm' => \$kit->clamp->torque?->toSi()", "'torque_Nm' => \$kit->bolt->torque?->toSi()", 'Clamps get the torque of the bolts'],
        ["'down_N' => \$verdict->down_N, 'along_N' => \$verdict->along_N", "'down_N' => \$verdict->along_N, 'along_N' => \$verdict->down_N", 'Forces on a foot change places'],
    ],
    'core/src/Plan/Planner.php' => [
        ['Depth::Full && $loads->exposureCounts', 'Depth::Full || $loads->exposureCounts', 'The milder reading is planned on every look'],
    ],
    'core/src/Quantity/Dimension.php' => [
        ['$size !== 1.0 ? -32 * $size : 0.0', '$size !== 1.0 ? -30 * $size : 0.0', 'Fahrenheit begins elsewhere', 'Quantity'],
        ['1000 * $lbf / ($in * $in)', '1000 * $lbf * ($in * $in)', 'A pound a square foot is a pound a square inch or more'],
    ],
    'core/src/Quantity/IsQuantity.php' => [
        ['self($value * self::dimension()->units()[$unit])', 'self($value / self::dimension()->units()[$unit])', 'Units divide where they multiply'],
    ],
    'core/src/Quantity/Printer.php' => [
        ["\$inches > 0 && \$inches < 16 ? '0 ' : ''", "\$inches > 0 && \$inches < 8 ? '0 ' : ''", 'A mark loses its nothing inches'],
        ["self::number(rad2deg(\$value_si), 2).'°'", "self::number(\$value_si, 2).'°'", 'Radians are told as degrees'],
        ["? '−' : '').\$text", "? '' : '').\$text", 'A minus sign is lost'],
        ["'psf', 1, 'psf')", "'psf', 1, 'Pa')", 'Pounds a square foot are told as pascals'],
    ],
    'core/src/Quantity/QuantityText.php' => [
        ['|| $inches < 0 || $inches', '|| $inches <= 0 || $inches', 'No inches after feet are refused'],
    ],
    'core/src/Quantity/UnitSystem.php' => [
        ['/ 8 : 0.001;', '/ 8 : 0.00107;', 'Marks in a metric job are cut elsewhere'],
    ],
    'core/src/Rail/ContinuousBeam.php' => [
        ['$gap / ($hinge ** 3 + $rest ** 3);', '$gap / ($hinge ** 3 - $rest ** 3);', 'A hinge opens the wrong way'],
        ['$moments[$span + 1] - $moments[$span])', '$moments[$span + 1] + $moments[$span])', 'Shears of a span have the wrong sign'],
    ],
    'core/src/Rail/CuttingList.php' => [
        ['count($run->clamps_m) < 2 ? 0 : (int) ($piece === 1)', '(int) ($piece === 1)', 'Short pieces are cut too long', 'CuttingTest'],
        ['+ $ends * $design->rules->trim_m()', '+ 2 * $design->rules->trim_m()', 'Every piece is cut longer, between splices too', 'CuttingTest'],
        ['(int) ceil(($length_m + $kerf_m) / self::UNIT_M - 1e-3)', '(int) ceil($length_m / self::UNIT_M - 1e-3)', 'A bar is cut without the width of the saw', 'CuttingTest'],
        ["\$run->id.'-'.\$piece", "\$run->id.'-'.(\$piece + 1)", 'Pieces have the labels of their neighbours'],
    ],
    'core/src/Rail/OwnHand.php' => [
        ['return true;', 'return false;', 'No bay may be longer'],
    ],
    'core/src/Rail/RailEnds.php' => [
        ['? $away_m : -$away_m', '? $away_m : $away_m', 'A rail that hangs over the edge is off it'],
        [', $clear_m(...$run->line->point_m($run->x1_m)))', ', INF)', 'Right ends of rails lie across what is kept free'],
        ['$area->clearance->toMetres(), [', '0.0, [', 'Ends of rails stand beside a vent'],
    ],
    'core/src/Rail/RailsMeet.php' => [
        ['$other->x0_m - $run->x1_m)', '$other->x0_m + $run->x1_m)', 'A rail to the right of another is never too near'],
        ['< $wide_m - 1e-9', '> $wide_m - 1e-9', 'Rails above each other meet, and those in line do not'],
    ],
    'core/src/Rail/RailLines.php' => [
        ['$purlin !== null => $purlin->y_m - $hole_m - $low_m,', '$purlin !== null => $purlin->y_m - $low_m,', 'Holes lie beside their purlin', 'Covering'],
    ],
    'core/src/Rail/Runs.php' => [
        ['$loads->winds[$piece[\'zone\']]->inside->small_Pa > $inner_Pa + 1e-6', '$loads->winds[$piece[\'zone\']]->inside->small_Pa > 2 * $inner_Pa', 'Edge zones that pull less than twice as much count for none', 'EdgeFeet'],
        ['$design->kit->onRails_kg() * self::G', '0.0', 'A box weighs on one rail only as its module does', 'BeneathTest'],
    ],
    'core/src/Rail/SnowOnRun.php' => [
        ['[$one, $next] = $this->stretch->clampsOf($index);', '[$one, $next] = [$index, $index + 1];', 'Snow on a rail up the slope comes to bolts of other modules', 'RailsUpTest'],
    ],
    'core/src/Design/Block/Parting.php' => [
        ['$past->plus(Expansion::apart($one, $other, $design->units))', '$past', 'Rails of parted blocks meet', 'CuresTest'],
        ['$design, (int) ceil($modules / $parts))', '$design, (int) floor($modules / $parts))', 'A part is longer than the maker allows', 'CuresTest'],
        ['new Cell($cell->row, $cell->column - $from)', '$cell', 'Holes move with the parting', 'CuresTest'],
    ],
    'core/src/Attachment/Fastening/SpanLimit.php' => [
        ['$run->shares[$clamp]) / $carries_m', '$run->shares[$clamp]) / $carries_m / 2', 'A rail is looked up under half its load', 'SpanTableTest'],
        ['$length_m * $this->factor <= $this->overhang_m', '$length_m <= $this->overhang_m', 'An overhang has no room for feet off their marks', 'SpanTableTest'],
        ['$run->line->isLower ||', '', 'Rails that others lie on are held to a table of even loads', 'SpanTableTest'],
    ],
    'core/src/Design/Kit/SpanTable.php' => [
        ['$this->basis !== $capacities => ', 'false => ', 'A table of strengths stands for one of allowable stresses', 'SpanTableTest'],
        ['>= $load_Pa - 1e-6', '>= $load_Pa * 0.9', 'A load between two rows takes the span of the lesser', 'SpanTableTest'],
    ],
    'core/src/Plan/SpanFindings.php' => [
        ['=== SpanDirection::Both', '!== null', 'A table of loads square to the roof stands for those down it', 'SpanTableTest'],
    ],
    'core/src/Seal/SpentHoles.php' => [
        ['$held->isSteel ? self::APART_IN_STEEL', '!$held->isSteel ? self::APART_IN_STEEL', 'In wood a screw goes in as near to a spent hole as in steel', 'SpentHolesTest'],
        ["|| trim(\$spent->test) === ''", '', 'A screw in a spent hole counts by nobody\'s test', 'SpentHolesTest'],
        ['$design->kit->fastener->pullOut() === null ||', '', 'A screw in a spent hole counts by the tables', 'SpentHolesTest'],
        ["\$design->kit->foot->base()->lateral === null => 'base/lateral_N',", '', 'A screw in a spent hole is pushed aside by the tables', 'SpentHolesTest'],
    ],
    'core/src/Foot/SpentHole.php' => [
        ['+ Length::ofInches(self::COVER_IN)->toMetres()', '', 'A pad that ends over an old hole seals it', 'SpentHolesTest'],
    ],
    'core/src/Under/Room.php' => [
        ['$high_m + 1e-9', '$high_m + 1e9', 'A box hangs out over the end of its module', 'BeneathTest'],
        ['$plan->feet_m(), ...$plan->run->clamps_m', '$plan->run->clamps_m', 'Boxes hang where feet are', 'BeneathTest'],
    ],
    'core/src/Under/Hanging.php' => [
        ['$other->run->line->at_m <=> $one', '$one->run->line->at_m <=> $other', 'Boxes hang on the lower rails', 'BeneathTest'],
    ],
    'core/src/Under/Strings.php' => [
        ['$columns[$to - 1]', '$columns[$to - 1] + 1', 'A string ends under the next', 'BeneathTest'],
    ],
    'core/src/Under/EarthPaths.php' => [
        ['$bonding->splicesBond === YesNo::Yes', '$bonding->splicesBond !== YesNo::No', 'Splices of which nobody knows join rails to earth', 'FindingsTest'],
    ],
    'core/src/Design/Kit/Kit.php' => [
        ['$this->under->mass->toSi() / $this->under->modulesEach', '$this->under->mass->toSi()', 'A box for two weighs on each whole', 'BeneathTest'],
    ],
    'core/src/Seal/HoleLedger.php' => [
        ['$holeX_m + $aside_m', '$holeX_m', 'Screws abreast are sealed in one place', 'ButylTest'],
        ['$withFeet || $hole[\'run\'] === null', 'true', 'Sealant is brought for holes under pads', 'Covering|Told'],
        ["\$holeX_m + \$aside_m, 'y_m' => \$y_m", "\$holeX_m + \$aside_m, 'y_m' => \$line->at_m", 'Holes are told where the rail lies'],
        ["'note' => \$penetration->note", "'note' => ''", 'The note of a hole is lost'],
    ],
    'core/src/Foot/AsideLever.php' => [
        ['($up_N * $this->load_m + $push_Nm) / $this->fastener_m', '($up_N * $this->load_m - $push_Nm) / $this->fastener_m', 'A push down the slope takes load off the screw of an angle', 'Covering'],
        ['max(0.0, $push_Nm - $heel_N * $this->load_m)', 'max(0.0, $push_Nm - $heel_N * $this->length_m)', 'What presses an angle down holds it by its whole base', 'Covering'],
        ['return max(1.0, $this->load_m / $this->fastener_m);', 'return 2 * max(1.0, $this->load_m / $this->fastener_m);', 'Searches prune layouts of angles that hold', 'Covering'],
    ],
    'core/src/Foot/LFoot.php' => [
        ['=== RibPart::Crest ? $covering->ribHeight', '=== RibPart::Pan ? $covering->ribHeight', 'The rib under a foot is passed where there is none', 'Covering|Told'],
        ['return $this->standsOn === RibPart::Pan;', 'return false;', 'A foot in a pan is planned on the rib', 'Covering'],
        ['$this->base->heel->minus($this->loadLine)', '$this->loadLine->minus($this->base->heel)', 'Rails lie on the wrong side of their screws', 'Covering'],
    ],
    'core/src/Framing/Purlins.php' => [
        ['$sheet->lowerScrews->toMetres() + $line * $sheet->space()->toMetres()', '$line * $sheet->space()->toMetres()', 'Purlins are counted from the eave edge', 'Covering'],
        ['($below_m ?? $above_m ?? 0.0) + ($above_m ?? $below_m ?? 0.0)) / 2', '($below_m ?? $above_m ?? 0.0) + ($above_m ?? $below_m ?? 0.0))', 'A purlin is told half of its load', 'Covering'],
    ],
    'core/src/Attachment/Check/Placing.php' => [
        ['$design->surface->covering->stand() !== \'member\' ? Length::ofMetres(0.0)', 'false ? Length::ofMetres(0.0)', 'Ribs, which are seen, cost reserve', 'Told|Covering'],
    ],
    'core/src/Attachment/Search/LikelyLayouts.php' => [
        ['1 => $feet === 2 ? 1 : 0,', '1 => 1,', 'A likely layout leaves a piece of rail with one foot', 'Covering'],
        ['** self::POWER + $loaded ** self::POWER;
    }

    private function beyond', '** 1 + $loaded ** 1;
    }

    private function beyond', 'A likely layout spares no bay', 'Covering'],
    ],
    'core/src/Covering/ScrewedMetal.php' => [
        ["'find' => 'find_on_metal'", "'find' => 'find'", 'Crews look for rafters under sheets on purlins', 'Covering|Told'],
        ["'attach' => ['swarf']", "'attach' => []", 'Nobody is told that shavings rust', 'Covering|Told'],
        ['fmod($width->minus($this->firstRib)->toMetres(), $pitch_m)', '$this->firstRib->toMetres()', 'Mirrored sheets have their ribs where they were', 'Covering'],
    ],
    'core/src/Attachment/MemberLoading.php' => [
        ['$purlins->tributary_m($number) * $long_m * $added_Pa;', '2 * $purlins->tributary_m($number) * $long_m * $added_Pa;', 'A purlin may carry twice its share', 'Covering|Plan'],
    ],
    'core/src/Design/Upgrades.php' => [
        ["'asphalt_shingles' => \$own,", "'asphalt_shingles' => [],", 'An older roof loses its shingles', 'Covering|Document'],
    ],
    'core/src/Attachment/Fastening/ScrewInSteel.php' => [
        ["'pull_out') * \$thickness->toInches()", "'bearing') * \$thickness->toInches()", 'Steel is told to hold three times what it does', 'Covering'],
        ['sqrt($t_in ** 3 * $d_in)', 'sqrt($t_in ** 2 * $d_in)', 'Thin steel is told not to tilt', 'Covering'],
    ],
    'core/src/Load/SteelStrength.php' => [
        ["\$coefficients->value('aisi_s100/screws', 'fu_unknown')", "2 * \$coefficients->value('aisi_s100/screws', 'fu_unknown')", 'Unknown steel is taken for the best', 'Plan|Covering'],
    ],
    'core/src/Rail/LeastStock.php' => [
        ['default => intdiv($whole, $this->bar) / $k,', 'default => (1 + intdiv($whole, $this->bar)) / $k,', 'More bars are said to be the fewest', 'CuttingTest'],
    ],
    'core/data/asce7_16/open_roof.php' => [
        ['\'30/A/180/clear/windward\' => 2.1', '\'30/A/180/clear/windward\' => 1.2', 'Wind presses the usual table too little', 'Ground'],
        ['\'30/B/0/clear/leeward\' => -0.5', '\'30/B/0/clear/leeward\' => 0.5', 'A cell of the figure has another sign', 'Ground'],
    ],
    'core/data/asce7_16/open_roof_elements.php' => [
        ['\'30/clear/3/up\' => 5.0', '\'30/clear/3/up\' => 3.0', 'Modules in a corner are pulled too little', 'Ground'],
    ],
    'core/data/ibc_2018/soils.php' => [
        ['\'lateral/clay\' => 100.0', '\'lateral/clay\' => 150.0', 'Clay bears as sand does', 'Ground'],
    ],
    'core/src/Ground/Loading/OpenRoof.php' => [
        ['$from === 0 ? [$leeward, $windward] : [$windward, $leeward]', '$from === 180 ? [$leeward, $windward] : [$windward, $leeward]', 'Wind on the high edge loads the low one most', 'Ground'],
        ['new OpenWind(\'open_wind.least_up\', -$least_Pa, -$least_Pa)', 'new OpenWind(\'open_wind.least_up\', $least_Pa, $least_Pa)', 'The least wind never lifts', 'Ground'],
        ['Printed::under($tilt_deg, self::TILTS[0])', 'Printed::under($tilt_deg, 0.0)', 'Flat tables take the row of 7.5°', 'Ground'],
    ],
    'core/src/Ground/Loading/OpenRoofElements.php' => [
        ['4 * $this->strip_m ** 2) => 2', '9 * $this->strip_m ** 2) => 2', 'Large elements take the strip of the edges', 'Ground'],
        ['$value(\'least_of_least\') * $least_m,', '', 'A strip of a large table is as narrow as of a small one', 'Ground'],
    ],
    'core/src/Ground/TableCase.php' => [
        ['\'table_combination.06d_w\', \'table_combination.06g_w\',', '\'table_combination.06d_w\',', 'Nothing to EN is held against being lifted', 'Ground'],
        ['\'table_combination.d\', \'table_combination.g\' =>', '\'table_combination.d\' =>', 'Frost lifts nothing to EN', 'Ground'],
    ],
    'core/src/Ground/SoilValues.php' => [
        ['$area_m2, $down_N / 2)', '$area_m2, $down_N)', 'Cohesion holds more than half of the weight', 'Ground'],
        ['self::FT_M / $this->report->lateralAt->toMetres()', '1.0', 'A side that was told for two feet bears as much at one', 'Ground'],
        ['$this->report->side?->toPascals() ?? 0.0', '0.0', 'Nothing clings to concrete by a report', 'Ground'],
        ['$this->report->friction === null', '$this->report->friction !== null', 'Friction of a report is taken for cohesion', 'Ground'],
        ['$slides && $report->friction', '$report->friction', 'Posts are asked what slides', 'Ground'],
    ],
    'core/src/Design/Ground/TableDesign.php' => [
        ['$this->table->racking instanceof InHoles', 'true', 'Of tables without holes a hole is asked for that no worksheet shows', 'Ground'],
        ['str_starts_with((string) $pointer, \'/site/\')', 'false', 'What the standard does not read is asked for', 'Ground'],
    ],
    'core/src/Design/Examples.php' => [
        ['$design->surface->deck !== Deck::None', 'true', 'Of a roof without a deck its thickness is asked for, which no worksheet shows'],
        ['$design->kit->foot->isBolted() && $design->hasRails()', '$design->hasRails()', 'A bolt is asked for that a foot does not have'],
        ['=> self::hasLongRails($design)', '=> true', 'Of short rails their ends are asked for'],
    ],
    'core/src/Ground/SoilsByPost.php' => [
        ['count($in) === 1 ?', 'count($in) >= 1 ?', 'Of two soils the first is taken', 'Ground'],
        ['&& $kind->hasValues()', '', 'Soil without values is planned', 'Ground'],
    ],
    'core/src/Plan/AlikeTables.php' => [
        ['$design->site->soils === [] ? null : $design->table->place', 'null', 'A table takes the depth of one in other ground', 'Ground'],
    ],
    'core/src/Ground/Loading/TableCombinations.php' => [
        ['[\'table_combination.06g_wu\', self::HOLDS, 0.0, 1 / 1.5]', '[\'table_combination.06g_wu\', 1.0, 0.0, 1 / 1.5]', 'All of the weight holds against the ultimate wind', 'Ground'],
        ['1.0, $snow, 1.0', '1.0, $snow, $wind', 'Wind never leads beside snow', 'Ground'],
        ['\'table_combination.06d_w\', self::HOLDS,', '\'table_combination.06d_w\', 1.0,', 'All of the weight holds against the wind', 'Ground'],
    ],
    'core/src/Ground/Loading/Canopy.php' => [
        ['$from === \'low\' ? [$windward_Pa, $leeward_Pa]', '$from === \'high\' ? [$windward_Pa, $leeward_Pa]', 'A canopy is pushed at its leeward edge', 'Ground'],
        ['(0.75 - $this->coefficients', '(1.0 - $this->coefficients', 'A canopy is pushed before its windward edge', 'Ground'],
        ['[\'A\', \'B\', \'C\']', '[\'A\', \'B\']', 'No edge of a canopy is blown on harder', 'Ground'],
    ],
    'core/src/Ground/Loading/EnTable.php' => [
        ['mu1($tilt_deg, !$slides,', 'mu1($tilt_deg, $slides,', 'Snow stays on a canopy that has room, and slides from one that has none', 'Ground'],
        ['$high ? \'psi0/snow_high\' : \'psi0/snow\'', '$high ? \'psi0/snow\' : \'psi0/snow_high\'', 'Snow beside wind is that of the mountains in the plain', 'Ground'],
        ['self::END * $q_Pa,', '0.0 * $q_Pa,', 'Nothing blows on the end of a table to EN', 'Ground'],
    ],
    'core/src/Ground/Loading/FreeRoof.php' => [
        ['$from === \'low\' ? $cp : array_reverse($cp)', '$cp', 'Wind on either edge of a free roof pushes the low half', 'Ground'],
        ['$way === \'down\' ? 1 : -1', '$way === \'down\' ? 1 : 1', 'Free roofs are never lifted', 'Ground'],
        ['* $this->coefficients->value(self::TABLE, \'kl\')', '', 'Elements of free roofs have no local factor', 'Ground'],
    ],
    'core/src/Ground/Loading/AsNzsTable.php' => [
        ['> self::SAME_DEG ?', '> 90 ?', 'Coefficients of any tilt serve any other', 'Ground'],
        ['$ids === [] ? $this->steep($design) : []', '[]', 'Nobody asks at which tilt they were read', 'Ground'],
    ],
    'core/src/Ground/Loading/Asce7Table.php' => [
        ['Printed::atLeast($face->lowEdge_m, $room_m)', 'Printed::atLeast($face->lowEdge_m, 0.0)', 'Snow slides where there is no room for it', 'Ground'],
        ['Printed::atMost($face->tilt_rad, 0.0)', 'Printed::under($face->tilt_rad, 0.0)', 'What lies flat is not blown on from its ends', 'Ground'],
    ],
    'core/src/Ground/TwoRows/TableShape.php' => [
        ['($s_m - $this->frontPipe_m) * cos($this->tilt_rad) - $this->offset_m', '($s_m - $this->frontPipe_m) * cos($this->tilt_rad) + $this->offset_m', 'Weights lie on the wrong side of their pipe'],
        ['$pipe_m + $rise_m - $ground_m, $rear', '$pipe_m - $ground_m, $rear', 'Rear posts are cut like front ones'],
        ['max($front) + $sizes->frontHeight', 'min($front) + $sizes->frontHeight', 'The low edge stands over the lowest ground'],
    ],
    'core/src/Ground/TwoRows/Stance.php' => [
        ['(-$turn_Nm - $shape->rise_m * $rearAcross_N)', '(-$turn_Nm + $shape->rise_m * $rearAcross_N)', 'What pushes the rear turns the table the other way'],
        ['$turn_Nm -= $weight_N * $shape->arm_m($s_m);', '$turn_Nm -= $weight_N * $s_m;', 'Weights have the arm of the wind'],
        ['$across_N - $rearAcross_N', '$across_N', 'The front takes all that pushes'],
    ],
    'core/src/Ground/TwoRows/TwoRowsCases.php' => [
        ['self::soft_m($built_m ?? $depth_m)', 'self::soft_m($depth_m)', 'Short posts give way as deep ones'],
        ['private const SOFT = 0.7;', 'private const SOFT = 0.0;', 'Posts never give way below the ground'],
        ['$uneven ? max($share,', '$uneven ? min($share,', 'Short posts of a row are spared'],
        ['** 3, $heights_m, $below_m)', '** 2, $heights_m, $below_m)', 'Tall posts take more than their stiffness gives'],
    ],
    'core/src/Ground/AlongRow.php' => [
        ['$joints === BeamJoints::None || count($posts_m) === 2', 'true', 'Jointed pipes carry as whole ones'],
        ['min(max($before - 1, 0), count($posts_m) - 2)', 'min(max($before, 0), count($posts_m) - 2)', 'Snow lies on the next span'],
    ],
    'core/src/Ground/RoundPipe.php' => [
        ['** 3 - $inside_m ** 3) / 6', '** 3 - $inside_m ** 3) / 5', 'Pipes bear a fifth more'],
        ['$axial < 0.2 ? $axial / 2 + $bending', '$axial < 0.2 ? $bending', 'What presses on a bent post counts nothing'],
    ],
    'core/src/Ground/PostInGround.php' => [
        ['1000 * $this->coefficients->value(self::ADFREEZE', '$this->coefficients->value(self::ADFREEZE', 'Frost grips a thousandth'],
        ['$this->volume_m3($depth_m) * $this->density(\'concrete_pcf\') + $this->side_N($depth_m), [', '0.6 * $this->volume_m3($depth_m) * $this->density(\'concrete_pcf\'), [', 'Nothing holds against frost below it'],
        ['value(self::POSTS, \'height_factor\') / 4', 'value(self::POSTS, \'height_factor\') / 8', 'Tall posts hold as short ones'],
        ['return 0.6 * $this->volume_m3', 'return $this->volume_m3', 'All of the concrete holds down'],
        ['max(0.0, $depth_m - $loose_m)', 'max(0.0, $depth_m)', 'Frozen and loose ground clings to the post'],
        ['max($foot_N, $this->side_N($depth_m))', '($foot_N + $this->side_N($depth_m))', 'A post is borne by its foot and its side at once'],
        ['$depth_m / 3 / self::FT_M', '$depth_m / 2 / self::FT_M', 'The ground is asked at half of the depth'],
        ['ceil($this->least_m() / $step_m - 1e-9)', 'floor($this->least_m() / $step_m - 1e-9)', 'Holes end above the frost'],
        ['?->isNamed() === true ? ', '?->isNamed() !== true ? ', 'The soil is doubled for everybody'],
    ],
    'core/src/Ground/TableFace.php' => [
        ['(self::widthOf_m($design) - 2 * $overhang_m) / ($posts - 1)', '(self::widthOf_m($design) - $overhang_m) / ($posts - 1)', 'Tables hang over at one end alone'],
        ['? ModuleSide::Short : ModuleSide::Long', '? ModuleSide::Long : ModuleSide::Short', 'The rating of the other side is asked'],
        ['min(max($third_m, $rating->from', 'min(max(0.0, $rating->from', 'Rails lie at the edge of the clamp zone'],
    ],
    'core/src/Ground/TableLoads.php' => [
        ['0.05 * $this->most_N', '0.0005 * $this->most_N', 'Wind along the row is next to nothing'],
    ],
    'core/src/Ground/TwoRows/RailsOnTwo.php' => [
        ['max($rear, 1 - $rear)', 'min($rear, 1 - $rear)', 'The pipe that bears less of a rail is judged'],
    ],
    'core/src/Ground/FaceChecks.php' => [
        ['$blows * $up_Pa - $weight_Pa', '$blows * $up_Pa', 'Nothing of its weight holds a module down'],
    ],
    'core/src/Ground/PipeTable/PipeTableKind.php' => [
        ['(float) $held->depth_m) - $this->pipes->seat->toMetres()', '(float) $held->depth_m)', 'Posts are cut as long as to the pipe'],
    ],
    'core/src/Ground/ConcretePosts.php' => [
        ['$isPulled && $crossBolt !== YesNo::Yes', '$isPulled && $crossBolt === YesNo::No', 'Nobody has to say that a bolt goes across'],
    ],
    'core/src/Ground/PostChecks.php' => [
        ['$holds_N + max(0.0, $dead_N)', '$holds_N', 'What stands on a post does not hold it against frost'],
        ['!Printed::under($tried_m, $least_m) && ', '', 'Posts stand less deep than another season asks'],
        ['$this->places[$post]->built_m !== null', 'false', 'What is built is dug deeper once more'],
        ['$place->built_m ?? $planned_m', '$planned_m', 'Short holes hold as planned ones'],
        ['abs($moment_Nm - $across_N * $height_m))', '0.0)', 'Heads of posts are never bent'],
        ['$height_m ** 3 / 3 + (', '$height_m ** 3 / 8 + (', 'Posts are told too stiff'],
    ],
    'core/src/Ground/TableSnow.php' => [
        ['? 1.0 : 0.5', '? 1.0 : 0.0', 'Bare spans stand beside full ones'],
    ],
    'core/src/Ground/SetOut.php' => [
        ['$table->bearing->toRadians() - M_PI / 2', '$table->bearing->toRadians() + M_PI / 2', 'The front line runs from B to A'],
        ['$true_rad - $north->declination', '$true_rad + $north->declination', 'The compass is off to the other side'],
    ],
    'core/src/Ground/Curing.php' => [
        ['1 / (273 + $celsius) - 1 / 296', '1 / 296 - 1 / (273 + $celsius)', 'Cold concrete hardens sooner'],
    ],
    'core/src/Plan/TableFindings.php' => [
        ["\$over_m > 0.0 ? 'built.high' : 'built.low'", "\$over_m < 0.0 ? 'built.high' : 'built.low'", 'A post that is too long is told too short', 'AsBuilt'],
        ["'!Y-m-d', max(\$on)", "'!Y-m-d', min(\$on)", 'The first pour is told for the last', 'AsBuilt'],
        ['modify("+$days days")', 'modify("+1 days")', 'Modules are let on concrete of a day', 'AsBuilt'],
        ['$marked > 0 && $design->table->place === null', '$marked > 2 && $design->table->place === null', 'Nobody asks where a table stands among marked lines', 'Ground'],
        ['$table->soil->expansive !== YesNo::No', '$table->soil->expansive === YesNo::Yes', 'Nobody has to say that the soil does not swell', 'Ground'],
        ['$table->services?->areMarked() !== true', '$table->services === null', 'A ticket without an end lets people dig', 'Ground'],
    ],
    'core/src/Ground/Squareness.php' => [
        ['($ac_m ** 2 - $bd_m ** 2) / (4 * $wide_m)', '($ac_m ** 2 - $bd_m ** 2) / (2 * $wide_m)', 'The far line is told twice as far off'],
        ['$over_m <= self::FITS_M && ', '', 'One stake is blamed where all are off'],
        ['$worst_m > self::AGREE_M', '$worst_m > 1.0', 'Tapes that disagree are believed'],
        ['\'right_m\' => $fitted[$corner][0] - $corners[$corner][0]', '\'right_m\' => $corners[$corner][0] - $fitted[$corner][0]', 'A stake is moved the wrong way'],
    ],
    'core/src/Ground/TimberMember.php' => [
        ['$left <= 0.0 ? self::BUCKLES : min(self::BUCKLES,', '$left <= 0.0 ? INF : max(0.0,', 'A post that buckles fails by a number that cannot be written', 'KindsTest'],
        ['1.20 * $this->lasting_Pa(\'emin\') * $this->breadth_m ** 2', '1.20 * $this->lasting_Pa(\'emin\') * $this->breadth_m * $this->depth_m', 'Thin beams never buckle to the side'],
        ['0.822 * $this->lasting_Pa(\'emin\')', '0.822 * $this->lasting_Pa(\'e\')', 'Posts buckle by their mean modulus'],
        ['abs($up_Nm) + abs($across_Nm) * $this->depth_m / $this->breadth_m', 'abs($up_Nm) + abs($across_Nm)', 'Beams bear as much lying flat'],
        ['$this->timber->incised === YesNo::No ? 1.0', '$this->timber->incised !== YesNo::No ? 1.0', 'Incised wood is as strong as whole wood'],
        ['min($this->depth_m, $this->breadth_m) < $value', 'max($this->depth_m, $this->breadth_m) < $value', 'A 4×6 is no dimension lumber'],
        ['new self($this->timber, $this->breadth_m, $this->depth_m', 'new self($this->timber, $this->depth_m, $this->breadth_m', 'Posts are as strong along the row as across'],
    ],
    'core/src/Ground/Stick.php' => [
        ['($upper_N - $lower_N) * $face->chord_m / 4 - $weight_N', '($lower_N - $upper_N) * $face->chord_m / 4 - $weight_N', 'Wind on the halves turns the head the other way'],
        ['- $weight_N * $offset_m * $sin', '+ $weight_N * $offset_m * $sin', 'Weights lie on the wrong side of the head'],
        ['$across_N < 0.0 ? -1.0 : 1.0', '1.0', 'What turns a post is not counted the way it is pushed'],
    ],
    'core/src/Ground/Brackets.php' => [
        ['$stick->normal_N * self::ASIDE', '0.0 * self::ASIDE', 'Wind never pushes beside the middle'],
    ],
    'core/src/Ground/Pole/BlockFooting.php' => [
        ['* (1 + 6 * $aside_m / $long_m)', '* (1 + 3 * $aside_m / $long_m)', 'Blocks press evenly under half of the moment'],
        ['+ $across_N * $this->block->thick->toMetres()', '', 'The moment is not taken about the underside'],
        ['[min($sides_m), max($sides_m)]', '[max($sides_m), min($sides_m)]', 'Blocks tip over their longer side'],
        ['$stick->dead * $this->weight_N', '$this->weight_N', 'All of the block holds against the wind'],
        [' + $sheared_N / $anchors->shear->toSi()', '', 'Bolts that are pulled are sheared for nothing'],
        ['Printed::under($depth_m, $least_m)', 'Printed::under($depth_m, 0.0)', 'Blocks stand above the frost'],
    ],
    'core/src/Ground/Pole/PoleKind.php' => [
        ['$tilt_rad > 0.0 ? $less : 1.0', '$less', 'A stowed head is judged in little wind'],
        ['$stow?->isProven() === true ? min', '$stow !== null ? min', 'A stow counts that nobody proved'],
    ],
    'core/src/Ground/Ballast/TrayBlocks.php' => [
        ['+ self::HOLDS * $blocks * $this->block_N', '+ $blocks * $this->block_N', 'Blocks keep from sliding by all of their weight'],
        ['+ $this->falls * max(0.0, $down_N)', '', 'Nothing slides down a slope'],
        ['/ self::HOLDS / $this->block_N', '/ $this->block_N', 'Blocks hold down by all of their weight'],
        ['grips_N($down_N, 2 * $this->tray_m2)', 'grips_N($down_N, $this->tray_m2)', 'Clay grips one tray of two', 'Ground'],
        ['$down_N + $blocks[$tray] * $this->block_N', '$down_N', 'Blocks do not press on the ground'],
    ],
    'core/src/Ground/Ballast/BallastFramesKind.php' => [
        ['$isEnd = $frame === 0 || $frame === $frames - 1', '$isEnd = $frame === 0', 'The last frame needs as many blocks as an inner one'],
        ['max($counts[(int) $isEnd][1], TableStand::mostBlocks($others, $places[$frames + $frame]->id))', '$counts[(int) $isEnd][1]', 'Rear trays forget the blocks of another season'],
    ],
    'core/src/Ground/PileRow/RowCases.php' => [
        ['$own->posts[$post] * $fallen[0]', '$share * $fallen[0]', 'Snow on some spans shares itself as on all'],
        ['$own->posts[$post] * $fallen[2]', '0.0', 'Snow bends no head'],
        ['($isUneven ? max($share, $pushed[$post]) : $share)', '$share', 'A short pile takes no more of a push'],
        ['$way * ($head_Nm + $across_N', '($head_Nm + $across_N', 'What turns a pile is not counted the way it is pushed'],
        ['$wide_m * $bends + $snowWide_m * $snowBends', '$wide_m * $bends', 'Snow bends no strut'],
    ],
    'core/src/Ground/PileRow/RowShape.php' => [
        ['$below_N + $above_N - $second_N', '$below_N + $above_N', 'The first purlin bears all of its modules'],
        ['abs($s_m - $this->chord_m / 2)', 'abs($s_m)', 'Struts are bent about their low end'],
        ['+ max($ground_m) - $one_m', '', 'Heads stand as high over all ground'],
    ],
    'core/src/Ground/PileRow/PileRowKind.php' => [
        ['* $on_m2 * $lever_m, $slips_Pa * $on_m2 * $lever_m', '* $on_m2 * $lever_m, 0.0', 'Purlins are not bent down the slope'],
        ['$case->posts[$post][1] * $place->height_m)', '0.0)', 'A head is bent as the ground is'],
    ],
    'core/src/Plan/TableSeasons.php' => [
        ['($main->places[0]->y_m ?? 0.0) - ($other->places[0]->y_m ?? 0.0)', '0.0', 'Other tilts are drawn off their posts', 'Ground'],
        ['$stood && $other->posts !== []', '$stood', 'Posts stand that do not hold at another tilt', 'Ground'],
        ['abs($stand->depth_m - $first->depth_m) > 1e-9 || ', '', 'Every season has a depth of its own', 'Ground'],
        ["array_values(array_diff(\$check->from, ['/table/tilt_rad'])), \$at", '$check->from', 'A check of another season names the planned tilt', 'Ground'],
    ],
    'core/src/Ground/TableStand.php' => [
        ['$place ? max($most, $post->blocks ?? 0) : $most', '$place ? min($most, $post->blocks ?? 0) : $most', 'The fewest blocks of all seasons are laid'],
    ],
    'core/src/Ground/Bedding.php' => [
        ['* cos($face->tilt_rad) + $past_m', ' + $past_m', 'Gravel lies under the slope and not under its shadow'],
    ],
    'core/src/Design/Ground/Field/SoilKind.php' => [
        ['$rank[$this->value] > $rank[$planned->value]', '$rank[$this->value] < $rank[$planned->value]', 'The stronger soil may be planned for', 'Ground'],
        ['self::Sand->value => 1,', "'clay' => 0, self::Sand->value => 1,", 'What clay holds along a side holds in sand', 'Ground'],
    ],
    'core/src/Seal/TubesOf.php' => [
        ['2 * ($flashing->below->toMetres() + ', '($flashing->below->toMetres() + ', 'A bead runs down one side'],
        ['self::MORE * (', '(', 'Nothing is wasted'],
        ['=== null || $design->kit->foot->flashing() !== null && $sealant->bead === null', '=== null', 'Beads nobody entered are nothing'],
    ],
    'core/src/Ground/Leaning.php' => [
        ['abs($down_N) * $arm_m', '$down_N * $arm_m', 'What lifts a leaning post straightens it'],
    ],
    'core/src/Ground/OtherPosts.php' => [
        ['0.5 * ($racking->posts - 1)) / 2', '0.5 * ($racking->posts - 1)) / 20', 'Few overhangs are looked at'],
    ],
    'core/src/Plan/TablePlanner.php' => [
        ['[$one->bags, -$one->reserve] <=> [$other->bags, -$other->reserve]', '[$one->bags, $one->reserve] <=> [$other->bags, $other->reserve]', 'Of equals the weaker is offered', 'Ground'],
    ],
    'core/src/Sun/TiltYield.php' => [
        ['abs(atan2($fromWest, $fromUp))', 'abs(atan2($fromWest, $fromSouth))', 'An axis turns by the bearing of the sun'],
        ['? -M_PI / 2 : M_PI / 2', '? M_PI / 2 : -M_PI / 2', 'An axis turns away from the sun'],
        ['$tilt = min($tilt, deg2rad($steepest_deg));', '', 'Nothing limits what follows the sun'],
        ["\$season['day'] <= \$day ? \$season : \$now", "\$season['day'] < \$day ? \$season : \$now", 'A season begins a day late', 'Ground'],
    ],
    'core/src/Ground/Frames/FrameRow.php' => [
        ['+ $dead * $on_N[$row]', '+ $on_N[$row]', 'Ballast counts in full against uplift', 'Ground'],
        ['$modules ? 0.5 : 1.0', '$modules ? 1.0 : 1.0', 'End frames bear as much as inner ones'],
        ['$push_N * ($edge_m + $s_m * $sin)', '$push_N * ($s_m * $sin)', 'Frames stand without height'],
        ['($modules + 1) * $this->sizes->thick->toMetres() + 2', '$modules * $this->sizes->thick->toMetres() + 2', 'The conduit is a frame too short'],
    ],
    'core/src/Ground/Spikes/ResinPlan.php' => [
        ['- $resin->mixMinutes) / $resin', ') / $resin', 'Mixing takes no time'],
        ['max(1.0, 2 **', 'min(1.0, 2 **', 'Resin hardens as fast in the cold'],
    ],
    'core/src/Ground/Tested.php' => [
        ['min($results_N) / 2', 'array_sum($results_N) / count($results_N) / 2', 'Tests prove their mean'],
        ['count($results_N) < self::FEWEST ? null', 'count($results_N) < 1 ? null', 'One test is enough'],
    ],
    'core/src/Ground/TestedPile.php' => [
        ['4 * $this->ground->hole_m', '$this->ground->hole_m', 'Frost grips one side of a pile'],
        ['* $this->ground->below($depth_m)', '', 'Tests count in frozen ground'],
        ['$this->isShort($depth_m) ? 0.0 : ', '', 'A pile that stops short is lifted like one that was tested'],
        ['$this->sideways_N * min(1.0, ', '$this->sideways_N * max(1.0, ', 'High piles bear more than tested'],
    ],
    'core/src/Ground/TimberTable/TimberTableKind.php' => [
        ['(float) $held->depth_m) + $this->timbers->above->toMetres()', '(float) $held->depth_m)', 'Posts end in the middle of their beams'],
        ['$post->breadth->toMetres() / 2, $least_m', '$post->breadth->toMetres(), $least_m', 'Both beams have all of the post'],
    ],
    'core/src/Ground/SinglePost/SinglePostKind.php' => [
        ['$this->shaved_m() / 2', '0.0', 'The high side of a post is missing'],
    ],
    'core/src/Ground/OneHead.php' => [
        ['$middle_m - $chord_m / 2 * sin($tilt) - $under_m', '$middle_m - $chord_m / 2 * sin($tilt) + $under_m', 'Rising ground makes room under the low edge'],
    ],
    'core/src/Sun/RowPitch.php' => [
        ['($across + tan($falls_rad))', '($across - tan($falls_rad))', 'Falling ground parts the rows'],
        ['[$latitude_deg < 0.0 ? 1 : 0]', '[0]', 'The shortest day is in December everywhere'],
        ['(abs($latitude_deg) <= self::NORTHERN_DEG)', '($latitude_deg <= self::NORTHERN_DEG)', 'The far south keeps long hours'],
    ],
    'core/src/Plan/TableChooser.php' => [
        ['->posts !== []) {', '->posts === []) {', 'Kinds begin on posts that do not hold', 'Ground'],
    ],
    'core/src/Design/Ground/Table.php' => [
        ['$one->post === $post ? $one', '$one->post === $post && $built === null ? $one', 'Of two measures the first counts', 'Ground'],
    ],
    'core/src/Ground/TableCase.php' => [
        ['$this->tilt_rad === null ? \'\' : sprintf', 'true ? \'\' : sprintf', 'Reasons of a tilted head name the wind at the planned tilt'],
    ],
    'core/src/Rail/ShortPieces.php' => [
        ['abs($x_m - $clamp_m) >= $clear_m', 'abs($x_m - $clamp_m) >= 0.0', 'A foot stands under its clamp', 'Rail'],
        ['- 2 * Length::ofInches(Runs::PAST_IN)', '- 0 * Length::ofInches(Runs::PAST_IN)', 'A piece reaches ribs at its very ends', 'Rail'],
        ['$members[$free[$to]] - $members[$first] === $to - $from', 'true', 'A rail on crests leaves one under its clamp unheld', 'Rail'],
        ['(2 * $half_m) / $whole->shares[$index]', '(2 * $half_m)', 'The piece of an end clamp weighs half', 'Rail'],
        ['array_map(static fn (array $areas_m2): array => [$areas_m2[$index]], $occurring)', 'array_map(static fn (array $areas_m2): array => [$areas_m2[0]], $occurring)', 'Every piece has the wind of the first', 'Rail|Told'],
        ['+ $move_m, $onEach) === []', '+ 0 * $move_m, $onEach) === []', 'No place of the block is found that cures', 'Rail|Plan'],
    ],
    'core/src/Foot/SheetScrews.php' => [
        ['$lower_m + $this->betweenScrews->toMetres();', '$lower_m + 2 * $this->betweenScrews->toMetres();', 'Two screws in a sheet stand further apart', 'Rail'],
    ],
    'core/src/Attachment/Supports.php' => [
        ['$holds = count($picks) > 1 && $check->holds($run->candidates_m);', '$holds = count($picks) > 1;', 'A rail on every rib always holds', 'Rail|Plan'],
    ],
    'core/src/Earth/MagneticField.php' => [
        ['$radius_km = hypot($out_km, $up_km);', '$radius_km = self::SPHERE_KM + $km;', 'The earth is taken for a sphere', 'Earth'],
        ['$years * $gYear, $h + $years * $hYear', '$years * $gYear, $h', 'Half of what changes in a year does not', 'Earth'],
        ['$year < WorldMagneticModel::UNTIL', '$year <= WorldMagneticModel::UNTIL', 'A model is used after its years', 'Earth'],
    ],
    'core/src/Sun/SunPosition.php' => [
        ['0.020 * sin(2 * $g)', '0.200 * sin(2 * $g)', 'The sun runs ahead by a fifth of a degree', 'Sun'],
        ['1.00273791 * 24', '24', 'A day of the stars is as long as one of the sun', 'Sun'],
    ],
    'core/src/Ground/North.php' => [
        ['$entered ?? $computed', '$computed ?? $entered', 'What was entered counts for less than the model', 'Ground'],
        ['cos($sun->azimuth_rad) < 0.0', 'cos($sun->azimuth_rad) > 0.0', 'A shadow points the wrong way', 'Ground'],
        ['>= self::NONE_NT ?', '>= 0.0 ?', 'A bearing is told where no needle points', 'Ground'],
    ],
    'core/src/Ground/DayPlan.php' => [
        ['$kept === \'\' ? $fits : 0', '$fits', 'It is poured in rain', 'Ground'],
        ['$left >= $capacity - 1e-9 ? 1 : 0', '1', 'A hole is begun that the day has no time for', 'Ground'],
        ['"+{$task->waitDays} days"', '\'+0 days\'', 'Concrete is loaded the day it is poured', 'Ground'],
        ['$forecast->gust->toSi() > $work->gustLimit->toSi()', '$forecast->gust->toSi() > 2 * $work->gustLimit->toSi()', 'Modules are carried in twice the gusts', 'Ground'],
        ['preg_match(\'/pour|anchors|resin/\', $step[\'code\']) === 1 ? \'rain\' : \'\'', '\'\'', 'Nothing minds the rain', 'Ground'],
    ],
    'core/src/Ground/Beside.php' => [
        ['foreach ([$this->faces, $this->otherFaces] as $faces) {', 'foreach ([$this->faces] as $faces) {', 'Tables are held apart along one of them alone', 'Plan'],
        ['return max(0.0, $least_m);', 'return max(0.0, $least_m - 0.1);', 'Tables stand 4 in over one another', 'Plan'],
        ['min($to_m, $otherTo_m) > max($from_m, $otherFrom_m)', 'true', 'A row past the end shades', 'Plan'],
    ],
    'core/src/Plan/TablesBeside.php' => [
        ['if ($one === $id || $isPlaced && $design->table->place !== null) {', 'if ($one === $id) {', 'A table alone is told of no other', 'Plan'],
        ['$before_m < ($nearest[\'before_m\'] ?? INF)', '$before_m > ($nearest[\'before_m\'] ?? 0.0)', 'The farthest row is asked for its shade', 'Plan'],
    ],
    'core/src/Ground/InField.php' => [
        ['contains($post[0], $post[1]) ? -$away_m', 'contains($post[0], $post[1]) ? $away_m', 'Deep in ground that nothing is dug in a hole is far from it', 'InFieldTest'],
        ['$right = [-cos($faces), sin($faces)]', '$right = [cos($faces), sin($faces)]', 'A row runs the other way', 'Ground'],
        ['$share * $dy_m) - $hole_m / 2;', '$share * $dy_m);', 'A hole is as wide as its middle', 'Ground'],
        ['max(0.0, min(1.0, (', 'max(-9.0, min(9.0, (', 'A line goes on past its ends', 'Ground'],
    ],
    'core/src/Rail/FromStore.php' => [
        ['$own > $length ||', '$own > $length + 50 ||', 'A rest gives more than it has', 'Rail'],
        ['count($fewer[1]) <= count($packed[1])', 'count($fewer[1]) < count($packed[1])', 'Rests are cut that save no bar', 'Rail'],
        ['array_sum($this->pieces) - array_sum($rests)', 'array_sum($this->pieces)', 'A bound is told that can be beaten', 'Rail'],
    ],
    'core/src/Geometry/LengthTable.php' => [
        ["'ft' => 0.3048", "'ft' => 0.3", 'A foot is three tenths of a metre', 'Geometry'],
    ],
    'core/src/Design/Kit/Expansion.php' => [
        ['HOTTER_F = 120.0', 'HOTTER_F = 60.0', 'Rails leave half the room for heat', 'Rail'],
    ],
    'core/src/Attachment/Check/AxialCheck.php' => [
        ['$along_N * max(1 / count($normals_N), $all_N > 0.0 ? $normal_N / $all_N : 0.0)', '$along_N / count($normals_N)', 'A foot that is pressed more is pushed no more', 'Rail'],
        ['$case->snowFactor * $size_N * $units[$unit];', '0.0;', 'Snow on a rail up the slope weighs nothing', 'Rail'],
        ['+ $case->snowFactor * $all_N;', ';', 'Snow pushes nothing along a rail up the slope', 'Rail'],
        ['$rail->worst() / 2 <= $this->capacities->placing->limit;', '$rail->worst() <= $this->capacities->placing->limit;', 'Bays are left out that hold', 'Rail'],
    ],
    'core/src/Attachment/Search/LeastFeet.php' => [
        ['($inScrew + $sideways) / $capacities->together', '2 * ($inScrew + $sideways) / $capacities->together', 'Fewer feet are ruled out that hold', 'Rail'],
    ],
    'core/src/Attachment/Search/LowerRails.php' => [
        ['($x_m - $places_m[$before]) / 2', '($x_m - $places_m[$before]) / 4', 'A lower rail carries a quarter of the way to its neighbour', 'Rail'],
        ['$one->modules * $one->upper->run->snow_N[$code][0], $crossings)', '$one->upper->run->snow_N[$code][0], $crossings)', 'Every crossing bears one module of snow', 'Rail'],
    ],
    'core/src/Attachment/Crossing.php' => [
        ['$wind[1] * $most($wind[0])', '$wind[1]', 'Wind comes to a crossing whole', 'Rail'],
    ],
    'core/src/Attachment/Search/CrossSearch.php' => [
        ['if (!$seen[$key]) {', 'if (false) {', 'Rails across need not hold', 'Rail'],
    ],
    'core/src/Foot/TurnedLever.php' => [
        ['$this->height_m / $this->half_m', '$this->height_m / (2 * $this->half_m)', 'A turned base is as stiff as it is wide', 'Rail'],
        ['$up_N > 0.0 ? 0.0 : $heel_N', '$heel_N', 'What presses helps a base that is pulled', 'Rail'],
    ],
    'core/src/Rail/UpLines.php' => [
        ['$member->x_m + $aside_m - self::holeAside_m($design)', '$member->x_m + $aside_m', 'A rail lies over its rib, and its holes beside it', 'Rail'],
    ],
    'core/src/Rail/FootPlaces.php' => [
        ['$isIn && !$course->inNailBand($mark * $mark_m + $plate->above->toMetres())', '$isIn', 'A plate ends among the nails where it need not', 'RailsUp'],
        ['&& $away_m >= $clear_m', '', 'Feet stand at the edge of a sheet', 'Rail'],
        ['                || !$mayStand($x_m)
', '', 'Feet stand at the very edge of a sheet', 'Covering'],
        ['|| $x_m > $x1_m - $past_m', '|| $x_m > $x1_m + $past_m', 'A foot may stand on the end of a rail'],
    ],
    'core/src/Rates/Effort.php' => [
        ['$work[0] + $parts', '$work[0]', 'Parts cost nothing', 'Rates'],
        ['\'rail_minutes\' => [$rates->railMinutes, $counts[\'pieces\']]', '\'rail_minutes\' => [$rates->railMinutes, $counts[\'bars\']]', 'Rails are cut and carried by the bar', 'Rates'],
    ],
    'core/src/Plan/Cures.php' => [
        ['\'value\' => $gap_m],', '\'value\' => $to_m],', 'Rows are parted by a height', 'Plan'],
    ],
    'core/src/Rail/OnLegs.php' => [
        ['$sin / $share, $cos / $grip,', '$sin, $cos / $grip,', 'A lower leg is pushed by its own part of the wind', 'Rail'],
        ['return new self(1 / $cos, 0.0', 'return new self(1.0, 0.0', 'An upper leg bears what its rail does', 'Rail'],
        ['-$sin / $grip, $sin', '$sin / $grip, $sin', 'What slides down the modules lifts the lower legs', 'Rail'],
    ],
    'core/src/Rail/LegFrame.php' => [
        ['$front_m + $apart_m * tan(', '$front_m + $apart_m * sin(', 'Upper legs are cut too short', 'Rail'],
    ],
    'core/src/Rail/Sharing.php' => [
        [': $half->firstColumn !== $joined[$last]->firstColumn', ': $half->x0_m > $joined[$last]->x1_m + self::SAME_M', 'Pairs of neighbours without a gap become one', 'OnFeet'],
        ['array_sum($run->shares) < 1.5 ? 2 : 0', 'array_sum($run->shares) < 0.5 ? 2 : 0', 'Clamps at the outer edges are counted as middle ones', 'OnFeet'],
        ['array_sum($rows[$part])', 'max($rows[$part])', 'A shared rail has the wind of one row', 'Rail'],
        ['$half->x0_m > $joined[$last]->x1_m + self::SAME_M', 'true', 'Two rows do not share', 'Rail'],
    ],
    'core/src/Ground/TwoRows/Frame.php' => [
        ['- $stretch];', '];', 'A brace does not stretch', 'Ground'],
        ['$isRear ? -1 : 1) * $push_N', '1) * $push_N', 'A brace pushes both posts the same way', 'Ground'],
        ['$height_m - $at_m),', '$height_m),', 'A post is bent at its brace as at the ground', 'Ground'],
    ],
    'core/src/Ground/TwoRows/Bracing.php' => [
        ["'brace_push' => [-1,", "'brace_push' => [1,", 'A brace is pressed as it is pulled', 'Ground'],
    ],
    'core/src/Sun/EveryWay.php' => [
        ['$noon_deg = $isNorth ? 180 : 360', '$noon_deg = 180', 'The sun is in the south everywhere', 'Sun'],
    ],
    'core/src/Design/Ground/Sun/Aim.php' => [
        ['=== $isNorth =>', '=== true =>', 'Summer is in July everywhere', 'Sun'],
    ],
    'core/src/Ground/TwoRows/AsBuilt.php' => [
        ['if ($one->headOver !== null || $one->cut === null', 'if ($one->cut === null', 'A cut goes before the head that was measured', 'AsBuilt'],
        ['- $one->depth->toMetres() - $this->overHead', '- $this->overHead', 'A cut is held against a post without its hole', 'AsBuilt'],
        ['/ $bay_m ** 2', '/ $bay_m', 'A beam is pulled as over a bay of one metre', 'Ground'],
        ['($over[1] ?? 0.0) - ($over[0] ?? 0.0)', '($over[1] ?? 0.0) + ($over[0] ?? 0.0)', 'Heads that are all too high tilt a table', 'Ground'],
    ],
    'core/src/Rail/FeetAlone.php' => [
        ['max($middle_m - $left_m, $right_m - $middle_m)', 'min($middle_m - $left_m, $right_m - $middle_m)', 'One foot of a pair is given nearly all', 'OnFeet'],
        ['$right += $forces[$index] * ($x_m - $to_m[0])', '$right += $forces[$index] * ($to_m[1] - $x_m)', 'The foot further off bears more', 'OnFeet'],
        ['$left_m + $wide_m - $to_m, $left_m + $wide_m - $from_m', '$left_m + $wide_m - $to_m, $left_m + $wide_m', 'A foot stands out of its zone at the right', 'OnFeet'],
        ['array_values(array_intersect($places, $whole->hand->pinned)) ?: $places', '$places', 'A pin in a zone is not heeded', 'OnFeet'],
        ['$zone[0] + $move_m + $half_m', '$zone[0] - $move_m + $half_m', 'A block is sent the wrong way', 'OnFeet'],
    ],
    'core/src/Rail/MoveAlong.php' => [
        [' && !self::standsWrong($design, $to_m)', '', 'A block is cured into the strip that stays clear', 'Rail'],
    ],
    'core/src/Under/Beneath.php' => [
        ['$isJoined || $part->design->module->frame === FrameKind::Frameless ?', '$isJoined ?', 'Glass is joined to earth', 'OnFeet'],
        ['YesNo::Yes && $part->design->block->arrangement->hasRails();', 'YesNo::Yes;', 'Frames on feet alone are not joined to earth', 'Under'],
        ['$bonding?->clampsBond === YesNo::Yes', '$bonding?->clampsBond !== YesNo::No', 'Clamps of which nobody knows join frames to earth', 'Under'],
    ],
    'core/src/Attachment/Check/EdgeFeet.php' => [
        ['($feet_m[$foot - 1] + $x_m) / 2 - $margin_m', '$x_m - $margin_m', 'A foot is told ordinary whose part reaches into the edge at its left', 'EdgeFeet'],
        ['$foot === $last ? INF :', '$foot === $last ? $x_m :', 'The last foot holds nothing beyond it', 'EdgeFeet'],
    ],
    'core/src/Attachment/Check/RunCheck.php' => [
        ['$isEdge ? $this->edge->capacities : $this->capacities', '$this->capacities', 'The verdict takes a stronger foot for another', 'EdgeFeet'],
    ],
    'core/src/Design/Surface/FireRoof.php' => [
        ['array_sum($halves_m) >= $width_m - 1e-6', 'array_sum($halves_m) >= $width_m / 2', 'Half a path is one astride', 'FireAccess'],
    ],
    'core/src/Seal/Clashes.php' => [
        ['$isOnZincOrCopper ?', 'false ?', 'Acetoxy silicone seals zinc', 'ClashesTest'],
        ['[RunOff::Lead, RunOff::TreatedWood]', '[RunOff::Lead]', 'Wet treated wood runs over aluminium-zinc', 'ClashesTest'],
        ['$design->kit->foot->padOn($covering) !== null ?', 'false ?', 'Roof cement lies at a rubber pad', 'ClashesTest'],
    ],
    'core/src/Plan/TableCures.php' => [
        ['return $way->holds ? $way : null;', 'return $way;', 'A doubled soil cures what it does not', 'TableFindings'],
        ['toMetres() - $step_m; $height_m', 'toMetres() - 3 * $step_m; $height_m', 'A table is put lower than it need be', 'TableFindings'],
    ],
    'core/src/Ground/Piles/Broms.php' => [
        ['- 1.5 * $wide_m);', '- $wide_m);', 'Clay counts from one width down', 'BromsTest'],
        ['$height_m + 1.5 * $wide_m)', '$height_m)', 'A pile in clay is pushed lower than it is', 'BromsTest'],
        ['/ ($height_m + $depth_m)', '/ $depth_m', 'A pile in sand is pushed at the ground', 'BromsTest'],
        ['min($bears_N) / self', 'max($bears_N) / self', 'The more of clay and sand is allowed', 'BromsTest'],
    ],
    'core/src/Ground/Piles/DrivenPiles.php' => [
        ['> $most) {', '> 0.0) {', 'The last pile is told for the one of which most is asked', 'BromsTest'],
        ['Printed::over($most, 1.0) ? Code::BromsLess', 'Printed::over($most, 3.0) ? Code::BromsLess', 'A third is not held against the push', 'BromsTest'],
        ['Tested::bears_N($this->tests, false) === null ? $this->byBroms', 'true ? $this->byBroms', 'A formula is told beside tests', 'BromsTest'],
    ],
];
