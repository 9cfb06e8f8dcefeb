<?php

declare(strict_types=1);

// Texts of single kinds of tables on the ground. {name} quotes a value by its name without the unit ending.
return [
    // findings: refusals
    'finding.too_few_tests' => 'Of {fewest} pull tests that are needed on this ground, {tests} were pulled {way}. Without them nothing is known of what holds there: test, and enter what each bore.',
    'finding.too_wide_for_one' => 'On one post {width} along the row is too wide: over {most} the ground would be twisted as well, and that is not computed.',
    'finding.frames_one_row' => 'Frames on spikes carry one row of modules, not {rows}.',
    'finding.resin_cold' => 'At {day} °C the resin does not set: its paper asks for {coldest} °C at least. Wait for another day, or take another resin.',
    // findings: stops
    'finding.timber_unknown' => 'Of “{timber}” a reference value, or whether it is incised, is still to be looked up: without them nothing is known of its strength.',
    'finding.section_unknown' => 'Of “{section}” what its document says that it bears is still to be looked up: without it nothing is known of its strength.',
    'finding.butt_too_short' => 'Where two beams meet on “{timber}”, their bolts have {end} of wood to the end, and {least} are needed. Take a broader post there, or a beam in one piece.',
    'finding.heads_out_of_reach' => 'Driven alike, the heads of one row stand {apart} too unevenly for a reach of {reach}. Drive them to a string, by levels at every pile, or take longer heads.',
    'finding.foot_over_frost' => 'It ends {depth} deep, where at least {frost} are needed: below the frost, and never less than a foot.',
    'finding.frame_gap_differs' => 'Frames of this thickness, so far under their modules, leave {gap} between two columns; entered is {entered}. Enter one as the other.',
    'finding.tests_void' => 'A test in ground that is frozen or dried to a crust, or on resin that has not hardened, proves nothing; the answer here is “{answer}”.',
    'finding.resin_too_fast' => 'At {day} °C the resin can be worked for {minutes} minutes, and not one spike is set in that. Start in the cool of the morning, or take a slower one.',
    // findings: to mind
    'finding.tests_scatter' => 'The tests pulled {way} scatter by {percent} % of their mean: the ground changes from place to place. Pull more of them, in each kind of ground.',
    // findings: assumptions
    'finding.timber_wet' => 'Timber on the ground is taken as wet in service, whatever it is when it comes.',
    'finding.pressed_as_pulled' => 'What a test bore upward is taken as what it bears downward too: pressed, it bears no less.',
    'finding.torsion_of_soil' => 'Wind beside the middle also turns the post in the ground; the bracket is judged for that, the ground is not.',
    'finding.every_tilt' => 'Every tilt from flat to {steepest} has to bear the full wind: nobody stands for it that the head lies flat before the wind comes.',
    'finding.stow_proven' => '{by} stands for it that the head lies flat from {speed} on (by {sensor}; without power {power}): tilted it is judged up to that, flat in the full wind.',
    'finding.block_plain' => 'The steel in the block is not computed: it is the engineer’s.',
    'finding.halved_between_spikes' => 'What pushes a frame goes to its two spikes by halves.',
    'finding.conduit_only_spaces' => 'The conduit spaces the frames and bears nothing.',

    // becauses
    'because.table_wood_bend' => 'Post {place} bent', 'formula.table_wood_bend' => '{demand} of Fb′ · S = {capacity}, with what presses on it or pulls at once, wet and as long as that lasts; in {combination}, {wind}, {snow}, {bound}, {height} over the ground',
    'because.table_wood_beam' => 'The {place} beam bent', 'formula.table_wood_beam' => '{demand} of Fb′ · S = {capacity}, upright, with what bends it across turned into as much upright; in {combination}, {wind}, {snow}, {bound}',
    'because.table_entered_bend' => 'Pile {place} bent', 'formula.table_entered_bend' => '{demand} of {capacity}, as its document says, with what presses on it or pulls added; in {combination}, {wind}, {snow}, {bound}, {height} over the ground',
    'because.table_entered_beam' => 'The {place} beam bent', 'formula.table_entered_beam' => '{demand} of {capacity}, as its document says, both ways added; in {combination}, {wind}, {snow}, {bound}',
    'because.table_tested_lift' => '{place} lifted out of the ground', 'formula.table_tested_lift' => '{demand} of {capacity}, half of the least test, {depth} deep; in {combination}, {wind}, {snow}',
    'because.table_tested_press' => '{place} pressed into the ground', 'formula.table_tested_press' => '{demand} of {capacity}, no more than it bears lifted, {depth} deep; in {combination}, {wind}, {snow}',
    'because.table_tested_sideways' => '{place} pushed sideways', 'formula.table_tested_sideways' => '{demand} of {capacity}, half of the least test, {depth} deep; in {combination}, {wind}, {snow}',
    'because.table_mast_bend' => 'The pole bent', 'formula.table_mast_bend' => '{demand} over the block of Fy · Z / 1.67 = {capacity}, with what presses on it or pulls at once; tilted {tilt}, in {combination}, {wind}, {snow}',
    'because.table_mast_shear' => 'The pole sheared', 'formula.table_mast_shear' => '{demand} of {capacity}; tilted {tilt}, in {combination}, {wind}, {snow}',
    'because.table_mast_sway' => 'Sway of the pole', 'formula.table_mast_sway' => '{demand} of a sixtieth of its height, {capacity}; tilted {tilt}, in {combination}, {wind}, {snow}',
    'because.table_tips' => 'The block tipping over', 'formula.table_tips' => '{demand} about its underside against what holds it, 0.6 of all weights (the block {weight}) by half of {side}: {capacity}; tilted {tilt}, in {combination}, {wind}',
    'because.table_slides' => 'The block sliding', 'formula.table_slides' => '{demand} against {capacity}, by 0.6 of all weights (the block {weight}); tilted {tilt}, in {combination}, {wind}',
    'because.table_bears' => 'The ground under the block', 'formula.table_bears' => '{demand} at its edge of {capacity}, the block {weight}, {side} across; tilted {tilt}, in {combination}, {wind}, {snow}',
    'because.table_anchor' => 'Anchor bolts', 'formula.table_anchor' => '{demand} of {capacity} pulled, {sheared} of {shear} sheared, both shares added; tilted {tilt}, in {combination}, {wind}, {snow}',
    'because.table_bracket_up' => 'The bracket lifted', 'formula.table_bracket_up' => '{demand} of {capacity}, in {combination}, {wind}, {snow}',
    'because.table_bracket_bent' => 'The bracket bent', 'formula.table_bracket_bent' => '{demand} of {capacity} towards the low or the high edge, in {combination}, {wind}, {snow}',
    'because.table_bracket_across' => 'The bracket bent along the row', 'formula.table_bracket_across' => '{demand} of {capacity}: what pushes on the modules, a tenth of their width beside the middle; in {combination}, {wind}, {snow}',
    'because.table_bracket_turned' => 'The bracket turned round the post', 'formula.table_bracket_turned' => '{demand} of {capacity}: what pushes sideways, a tenth of the width beside the middle; in {combination}, {wind}, {snow}',
    'because.table_foot_up' => 'A frame lifted off spike {place}', 'formula.table_foot_up' => '{demand} of {capacity}, in {combination}, {wind}, {snow}',
    'because.table_foot_across' => 'A frame pushed off spike {place}', 'formula.table_foot_across' => '{demand} of {capacity}, in {combination}, {wind}, {snow}',

    // parts
    'table_part.tips' => 'The block, tipping,', 'table_part.slides' => 'The block, sliding,', 'table_part.bears' => 'The ground under the block', 'table_part.anchor' => 'An anchor bolt',
    'table_part.bracket_up' => 'The bracket, lifted,', 'table_part.bracket_bent' => 'The bracket, bent,', 'table_part.bracket_across' => 'The bracket, bent along the row,', 'table_part.bracket_turned' => 'The bracket, turned,',
    'table_part.foot_up' => 'The foot of a frame, lifted off spike', 'table_part.foot_across' => 'The foot of a frame, pushed off spike',
    'table_weakest.wood_bend' => 'wood, bent', 'table_weakest.entered_bend' => 'pile, bent', 'table_weakest.mast_bend' => 'steel, bent', 'table_weakest.mast_shear' => 'steel, sheared', 'table_weakest.mast_sway' => 'sway',
    'table_weakest.tested_lift' => 'lifted', 'table_weakest.tested_press' => 'pressed', 'table_weakest.tested_sideways' => 'pushed', 'table_weakest.foot_up' => 'foot, lifted', 'table_weakest.foot_across' => 'foot, pushed',
    'open_wind.90_up' => 'wind from the end, lifting', 'open_wind.90_down' => 'wind from the end, pressing', 'word.upward' => 'upward', 'word.sideways' => 'sideways',

    'chooser.no_fit' => 'The sizes that are entered do not fit such a table.',

    // published values
    'coefficient.nds_2018/timber' => 'Timber in the weather: {key}', 'coefficient.asce7_16/open_roof/ends' => 'CN of open roofs, wind from the end', 'coefficient.ibc_2018/soils/sliding' => 'Sliding over the ground, times the weight, {key}',

    // steps, cautions
    'step.table_stake' => 'Drive the stake of the post, and mark true north and south on both sides of it.',
    'step.table_stakes_in_line' => 'Drive {posts} stakes in one line, by running measures from the first, level.',
    'step.table_set_timber' => 'Set the {posts} posts long, plumb both ways, their faces in line; brace them. They are cut where they stand.',
    'step.table_girders' => 'String the heights: front level, rear level and {rise} above it. Bolt the beams upright to the posts, {bolt} bolts with large washers, {end} at least from any end; then cut the posts off above them.',
    'step.table_struts' => 'Lay {rails} struts across the beams, {at} from the sides of each module; check the tilt with an angle gauge.',
    'step.table_set_single' => 'Set the post plumb both ways, the faces to the marks; brace it until the concrete has set.',
    'step.table_top_cut' => 'Cut the top of the post at {tilt}: its low side {cut} under its high one.',
    'step.table_frame' => 'Square the frame by its diagonals, {diagonal} both; centre it on the post and fix the bracket.',
    'step.table_drive' => 'Drive {posts} piles {depth} deep, plumb, their heads in line within {adjusts}. One that stops short or goes down too easily is tested before it counts.',
    'step.table_driven' => 'Test as the report says ({document}); write down depth, plumb and level of every one.',
    'step.table_purlins' => 'Set the heads and the beams: front level, rear level and {rise} above it.',
    'step.table_string_frames' => 'String the {frames} frames on the conduit, {clear} between them inside, the conduit {conduit} in all; level them along a line.',
    'step.table_spike_holes' => 'Drill {posts} holes {depth} deep through the feet of the frames, and tap the spikes in.',
    'step.table_set_spikes' => 'Set the {posts} spikes in resin as its paper says.',
    'step.table_resin' => 'Set the {posts} spikes in {mixes} mixes of {each} each: at {day} °C a mix can be worked for {pot} minutes, of which {mix} go into mixing. A hole that takes half as much again has a cavity: test that spike.',
    'step.table_resin_wait' => 'Leave them {hours} hours before modules are loaded on them, and 72 hours before a storm (common practice).',
    'step.table_pit' => 'Dig a pit of {side} by {other}, {depth} deep, with a flat, firm bottom.',
    'step.table_anchors' => 'Tie the engineer’s steel, set {count} anchor bolts in their template, and fill the block: {bags} bags.',
    'step.table_mast' => 'Stand the pole on its plate, plumb both ways, its mark towards {bearing} true; tighten as the document says.',
    'step.table_stow' => 'Run the head from end to end, flat and steep, without modules and with them; try the stow, and write it down.',
    'caution.treated' => 'Dust of treated wood is poison: mask, glasses, no burning of offcuts; paint every cut with preservative.',
    'caution.driver' => 'Nobody’s hands on a pile under the driver; hearing and eyes protected, the machine level.',
    'caution.resin' => 'Resin burns skin and eyes and heats up in the pot: gloves, glasses, small mixes, no hammer action.',
    'caution.trench' => 'No one in a pit deeper than he can step out of, unless its sides are sloped or held.',

    // names of what is entered
    '/table/racking/front_beam_m' => 'Front beam, up the slope', '/table/racking/above_m' => 'Posts over the beams’ centres by', '/table/racking/bolt_m' => 'Bolts of the beams',
    '/table/racking/front_post' => 'Front posts', '/table/racking/rear_post' => 'Rear posts', '/table/racking/girder' => 'Beams', '/table/racking/stick' => 'Post',
    ...array_merge(...array_map(static fn (string $key, string $what): array => [
        "/table/racking/$key/name" => ucfirst($what), "/table/racking/$key/document" => "Document of the $what", "/table/racking/$key/breadth_m" => "Breadth of the $what",
        "/table/racking/$key/depth_m" => "Depth of the $what", "/table/racking/$key/bending_Pa" => "Bending, Fb, of the $what", "/table/racking/$key/tension_Pa" => "Tension, Ft, of the $what",
        "/table/racking/$key/compression_Pa" => "Compression, Fc, of the $what", "/table/racking/$key/shear_Pa" => "Shear, Fv, of the $what", "/table/racking/$key/modulus_Pa" => "Modulus, E, of the $what",
        "/table/racking/$key/least_modulus_Pa" => "Least modulus, Emin, of the $what", "/table/racking/$key/incised" => "Incised, the $what", "/table/racking/$key/stock_m" => "Stock of the $what",
    ], ['front_post', 'rear_post', 'girder', 'stick'], ['front posts', 'rear posts', 'beams', 'post'])),
    ...array_merge(...array_map(static fn (string $key, string $what): array => [
        "/table/racking/$key" => ucfirst($what), "/table/racking/$key/name" => ucfirst($what), "/table/racking/$key/document" => "Document of the $what", "/table/racking/$key/width_m" => "Width of the $what",
        "/table/racking/$key/moment_Nm" => "Moment of the $what", "/table/racking/$key/shear_N" => "Shear of the $what", "/table/racking/$key/axial_N" => "Push along the $what",
        "/table/racking/$key/second_moment_m4" => "Second moment of the $what",
    ], ['pile', 'purlin'], ['piles', 'beams on the piles'])),
    '/table/racking/front_purlin_m' => 'Front beam, up the slope', '/table/racking/adjusts_m' => 'Heads can be moved by',
    '/table/racking/tests' => 'Pull tests', '/table/racking/tests/document' => 'Report of the tests', '/table/racking/tests/embedment_m' => 'Tested at a depth of', '/table/racking/tests/sideways_at_m' => 'Pulled sideways at', '/table/racking/tests/representative' => 'Ground as it will be',
    '/table/racking/tests/each' => 'Pull tests', '/table/racking/tests/each/*' => 'Pull test', '/table/racking/tests/each/*/up_N' => 'Bore upward', '/table/racking/tests/each/*/sideways_N' => 'Bore sideways',
    '/table/racking/head_height_m' => 'Head over the ground', '/table/racking/bracket' => 'Bracket', '/table/racking/bracket/document' => 'Document of the bracket', '/table/racking/bracket/clamp_up_N' => 'Clamp of the modules, lifted',
    '/table/racking/bracket/up_N' => 'Bracket, lifted', '/table/racking/bracket/moment_Nm' => 'Bracket, bent', '/table/racking/bracket/across_Nm' => 'Bracket, bent along the row', '/table/racking/bracket/torque_Nm' => 'Bracket, turned',
    '/table/racking/document' => 'Document of the frames', '/table/racking/front_foot_m' => 'Front spike behind the low edge', '/table/racking/edge_height_m' => 'Low edge over the ground', '/table/racking/thick_m' => 'Thickness of a frame',
    '/table/racking/under_m' => 'Frames under the modules’ edges by', '/table/racking/conduit_over_m' => 'Conduit past the end frames', '/table/racking/bolt_at_m' => 'Bolts from the end of a module',
    '/table/racking/bolts_up_N' => 'Bolts of a module on one frame, lifted', '/table/racking/foot_up_N' => 'Foot of a frame, lifted', '/table/racking/foot_across_N' => 'Foot of a frame, pushed',
    '/table/racking/resin' => 'Resin', '/table/racking/resin/document' => 'Paper of the resin', '/table/racking/resin/pot_minutes' => 'Minutes to work with it at 75 °F', '/table/racking/resin/mix_minutes' => 'Minutes of mixing', '/table/racking/resin/each_minutes' => 'Minutes a spike',
    '/table/racking/resin/batch_litres' => 'Litres a mix', '/table/racking/resin/spike_litres' => 'Litres a spike', '/table/racking/resin/wait_hours' => 'Hours until loaded, at 75 °F', '/table/racking/resin/coldest_celsius' => 'Coldest, °C', '/table/racking/resin/day_celsius' => 'The day, °C',
    '/table/racking/steepest_rad' => 'Steepest tilt', '/table/racking/mast' => 'Pole', '/table/racking/mast/name' => 'Pole', '/table/racking/mast/document' => 'Document of the pole', '/table/racking/mast/outside_m' => 'Outside of the pole', '/table/racking/mast/wall_m' => 'Wall of the pole',
    '/table/racking/mast/yield_Pa' => 'Yield of the pole', '/table/racking/mast/stock_m' => 'Poles come in', '/table/racking/block' => 'Block', '/table/racking/block/side_m' => 'Side of the block', '/table/racking/block/other_side_m' => 'Other side of the block',
    '/table/racking/block/thick_m' => 'Thickness of the block', '/table/racking/block/above_m' => 'Block over the ground', '/table/racking/anchors' => 'Anchor bolts', '/table/racking/anchors/document' => 'Document of the anchor bolts', '/table/racking/anchors/count' => 'Anchor bolts',
    '/table/racking/anchors/lever_m' => 'Pulled bolts to the pressed edge', '/table/racking/anchors/tension_N' => 'An anchor bolt, pulled', '/table/racking/anchors/shear_N' => 'An anchor bolt, sheared',
    '/table/racking/stow' => 'Lies flat in wind', '/table/racking/stow/up_to_m_per_s' => 'Lies flat from', '/table/racking/stow/sensor' => 'Sensed by', '/table/racking/stow/without_power' => 'Without power', '/table/racking/stow/by' => 'Who stands for it',
    'choice.kind.timber_table' => 'timber table', 'choice.kind.pile_table' => 'table on piles or screws', 'choice.kind.single_post' => 'table on a single post', 'choice.kind.spike_frames' => 'row of frames on spikes', 'choice.kind.pole' => 'head on a pole',
];
