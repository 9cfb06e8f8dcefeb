<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Text;

/** An answer of the survey: a text, or "unknown", with who gave it, when, and the photo that shows it. */
final readonly class SurveyAnswer
{
    /** Everything that is asked once on a roof. */
    public const ITEMS = [
        'member_span', 'grade_stamp', 'seen_inside', 'framing_defects', 'finished_ceiling', 'wires_near_deck',
        'roof_age', 'lift_test', 'leaks', 'shingle_layers',
        'eave_width', 'ridge_width', 'slope_length_left', 'slope_length_right', 'diagonals', 'pitch_second_place', 'sag',
        'obstruction_heights', 'live_vents',
        'service_drop', 'lines_distance', 'ladder_footing', 'hoist',
        'salt_water_distance', 'roof_plan_area', 'sprinklers', 'escape_windows', 'street_side',
    ];

    /** What is asked of shingles alone. */
    public const OF_SHINGLES = ['lift_test', 'shingle_layers'];

    public function __construct(
        #[Text(240, shortest: 1)]
        public string $answer,
        #[Text(80)]
        public string $by,
        #[Text(10, Text::DATE)]
        public ?string $on,
        #[Text(160)]
        public ?string $photo,
    ) {
    }
}
