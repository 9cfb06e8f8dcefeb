<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

/** What an added entry starts as; every value is then changed in its sentence. */
final class Typical
{
    /** @return array<string, mixed>|null */
    public static function at(string $path): ?array
    {
        return match ($path) {
            '/surface/no_work_rectangles' => ['id' => 'area', 'kind' => 'skylight', 'x_m' => 3.048, 'y_m' => 1.524, 'width_m' => 0.6096, 'height_m' => 0.9144, 'clearance_m' => 0.1524],
            '/surface/no_work_circles' => ['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => 3.048, 'y_m' => 1.524, 'diameter_m' => 0.1016, 'clearance_m' => 0.1524],
            '/surface/framing/lap' => ['from_m' => 2.4384, 'to_m' => 3.048, 'shift_m' => 0.0381],
            '/module/ratings' => ['side' => 'long', 'from_m' => 0.2032, 'to_m' => 0.4572, 'down_Pa' => 2400.0, 'up_Pa' => 2400.0, 'basis' => 'design', 'factor' => 1.5, 'document' => ''],
            '/penetrations' => ['id' => 'hole', 'kind' => 'roof_anchor', 'x_m' => 3.048, 'y_m' => 1.524, 'note' => ''],
            default => null,
        };
    }
}
