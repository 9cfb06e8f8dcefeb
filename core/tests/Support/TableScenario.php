<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Ground\Loading\Asce7Table;
use Garnetine\Core\Ground\Loading\FreeRoof;
use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TwoRows\TableShape;
use Garnetine\Core\Ground\TwoRows\TwoRowsCases;
use Garnetine\Core\Load\Asce7\VelocityPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** The shipped table, changed by paths of its design. */
final readonly class TableScenario
{
    /** @param array<mixed> $document */
    private function __construct(private array $document, private string $table = 'table-1')
    {
    }

    public static function of(): self
    {
        return new self((array) json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/fallow-field.json'), true));
    }

    /** One of the shipped tables of another kind: timber, piles, post, spikes, pole; row, blocks; slope to EN. */
    public static function kind(string $table): self
    {
        $job = match ($table) {
            'row', 'blocks' => 'sallow-meadow', 'slope' => 'loquat-slope', default => 'harrow-end',
        };

        return new self((array) json_decode((string) file_get_contents(dirname(__DIR__, 3)."/docs/examples/$job.json"), true), $table === 'slope' ? 'row' : $table);
    }

    /** A table of 134 by 94 in at 30°, on two posts a row, 3 lb/ft² in all, 105 mph in the open, no snow: the worked example. */
    public static function worked(): self
    {
        $in = 0.0254;

        return self::of()->with([
            '/site/ground_snow_Pa' => 0.0, '/site/ground_elevation_m' => 0.0, '/module/width_m' => (94 - 0.75) / 2 * $in, '/module/mass_kg' => 1.0,
            '/table/columns' => 2, '/table/racking/posts' => 2, '/table/racking/end_overhang_m' => 12 * $in, '/table/racking/joints' => 'none',
            '/table/racking/dead_Pa' => Pressure::ofPsf(3.0)->toPascals() - 4 * 9.80665 / (134 * 94 * $in * $in),
            '/table/ground/across_rad' => 0.0, '/table/ground/along_rad' => 0.0,
        ]);
    }

    /** @param array<mixed> $changes By path */
    public function with(array $changes): self
    {
        $document = $this->document;
        foreach ($changes as $path => $value) {
            $keys = explode('/', substr(strtr((string) $path, ['/table/' => "/tables/{$this->table}/", '/module/' => '/modules/module-1/']), 1));
            $place = &$document;
            foreach ($keys as $key) {
                if (!is_array($place)) {
                    throw new \LogicException("There is no $path.");
                }
                $place = &$place[$key];
            }
            $place = $value;
            unset($place);
        }

        return new self((array) $document, $this->table);
    }

    /** The same to EN 1991: 25 m/s in category II, 0.85 kN/m² of snow on the ground. */
    public function toEn(): self
    {
        return $this->with([
            '/site/standard' => 'en-1991', '/site/ground_snow_Pa' => 850.0, '/site/ground_snow_kind' => 'characteristic', '/site/roof_exposure' => 'partially',
            '/site/en' => ['basic_velocity_m_per_s' => 25.0, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => null],
        ]);
    }

    /**
     * The same to AS/NZS 1170.2 in region A2, without snow, with made-up coefficients of free roofs as if they had been read for its tilt.
     *
     * @param array<string, float> $read By key, in place of those
     */
    public function toAsNzs(array $read = []): self
    {
        $values = $read + ['tilt_deg' => $this->design()->table->tilt()->toDegrees(), 'kl' => 1.5];
        foreach (FreeRoof::KEYS as $nth => $key) {
            $values += ["$key/down" => 0.3 + 0.05 * $nth, "$key/up" => 0.9 + 0.1 * $nth];
        }

        return $this->with([
            '/site/standard' => 'as-nzs-1170-2011', '/site/ground_snow_Pa' => 0.0,
            '/site/as_nzs' => ['region' => 'A2', 'terrain' => '2', 'shielding' => null, 'topographic_multiplier' => null],
            '/own_copies' => array_map(static fn (string $key, float $value): array => [
                'coefficient' => FreeRoof::TABLE."/$key", 'value' => $value, 'document' => 'AS/NZS 1170.2:2011', 'clause' => 'D', 'name' => 'E. Sorrel', 'on' => '2026-06-01',
            ], array_keys($values), $values),
        ]);
    }

    public function json(): string
    {
        // An empty map is none of the lists.
        $maps = array_map(static fn (mixed $part): mixed => $part === [] ? new \stdClass() : $part, $this->document);
        foreach (['confirmations', 'own_copies'] as $list) {
            $maps[$list] = $this->document[$list] ?? [];
        }

        return json_encode($maps, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function project(): Project
    {
        return DesignFile::read($this->json());
    }

    public function design(): TableDesign
    {
        return $this->project()->table($this->table);
    }

    public function pipes(): PipeTable
    {
        $racking = $this->design()->table->racking;

        return $racking instanceof PipeTable ? $racking : throw new \LogicException('No pipe table.');
    }

    public function shape(): TableShape
    {
        return TableShape::of($this->design(), $this->pipes()->sizes());
    }

    /** @return non-empty-list<OpenWind> */
    public function winds(): array
    {
        return $this->loads()->winds;
    }

    public function loads(): TableLoads
    {
        return self::loadsOn($this->design(), $this->shape());
    }

    public static function loadsOn(TableDesign $design, TableFace $shape): TableLoads
    {
        $coefficients = new Coefficients();
        $site = Copy::of($design->site, meanRoofHeight: Length::ofMetres($shape->meanHeight_m));
        $q_Pa = VelocityPressure::at($site, $coefficients)->base->toPascals();

        return (new Asce7Table())->loads($design, $shape, $q_Pa, $coefficients, new Figures());
    }

    public function cases(): TwoRowsCases
    {
        return TwoRowsCases::of($this->design(), $this->pipes()->sizes(), $this->shape(), $this->loads());
    }
}
