<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Ground\Built\BuiltPost;
use Garnetine\Core\Design\Ground\Built\CrewDays;
use Garnetine\Core\Design\Ground\Built\Measured;
use Garnetine\Core\Design\Ground\Field\FieldPlace;
use Garnetine\Core\Design\Ground\Field\Footing;
use Garnetine\Core\Design\Ground\Field\GravelBed;
use Garnetine\Core\Design\Ground\Field\Services;
use Garnetine\Core\Design\Ground\Field\Soil;
use Garnetine\Core\Design\Ground\Field\Terrain;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Ground\Sun\Position;
use Garnetine\Core\Design\Ground\Sun\SeasonTilt;
use Garnetine\Core\Design\Ground\Sun\Sunshine;
use Garnetine\Core\Design\Ground\Sun\TiltFrom;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/** A table of modules on the ground. Its x runs along the row, from the left seen from the low edge; y from the low edge to the high one on the level. */
final readonly class Table
{
    /**
     * @param list<BuiltPost> $built
     * @param list<SeasonTilt> $seasons
     */
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(40, Project::ID)]
        public string $module,
        public Orientation $orientation,
        /** Up the slope. */
        #[Range(1, 8)]
        public int $rows,
        /** Along the row. */
        #[Range(1, 40)]
        public int $columns,
        #[Range(0, 0.3)]
        public Length $columnGap,
        #[Range(0, 0.3)]
        public Length $rowGap,
        public TiltFrom $tiltFrom,
        #[Range(0, 1.571)]
        public Angle $tilt,
        /** Where it faces: true, clockwise from north. */
        #[Range(0, 6.2832)]
        public Angle $bearing,
        /** Of the compass, to the east; null where it is still to be looked up. */
        #[Range(-1.6, 1.6)]
        public ?Angle $declination,
        public Racking $racking,
        public Terrain $ground,
        public Soil $soil,
        public Footing $footing,
        public ?Services $services = null,
        public ?Measured $measured = null,
        public ?Sunshine $sunshine = null,
        /** Holes that were measured; of one post the last counts. */
        #[Items(BuiltPost::class, 200)]
        public array $built = [],
        public ?Position $position = null,
        public ?CrewDays $crew = null,
        public ?FieldPlace $place = null,
        /** Where it is tilted by season; its own tilt is that at which it is built. */
        #[Items(SeasonTilt::class, 12)]
        public array $seasons = [],
        public ?GravelBed $bed = null,
    ) {
    }

    /** How deep the hole of a post was measured; null where nobody did. */
    public function builtDepth_m(string $post): ?float
    {
        return $this->builtPost($post)?->depth->toMetres();
    }

    public function builtPost(string $post): ?BuiltPost
    {
        $built = null;
        foreach ($this->built as $one) {
            $built = $one->post === $post ? $one : $built;
        }

        return $built;
    }

    /** From the horizontal, whatever it was counted from. */
    public function tilt(): Angle
    {
        return $this->level($this->tilt);
    }

    /** A tilt from the horizontal, counted from where those of this table are. */
    public function level(Angle $counted): Angle
    {
        return $this->tiltFrom === TiltFrom::Horizontal ? $counted : Angle::ofSi(M_PI / 2 - $counted->toRadians());
    }
}
