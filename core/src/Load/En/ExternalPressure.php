<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Angle;

/**
 * External pressure coefficients of a zone: cpe,1 and cpe,10 upward as positive sizes, and the positive one, linear between
 * the angles of the table. Under 5° the table of flat roofs.
 *
 * Source: EN 1991-1-4:2005+A1:2010, Tables 7.2, 7.3a, 7.3b, 7.4a, 7.4b; recalled.
 */
final readonly class ExternalPressure
{
    private const ANGLES = [5, 15, 30, 45, 60, 75];
    private const FLAT_BELOW_DEG = 5.0;

    public function __construct(private Coefficients $coefficients, private string $table, private Angle $pitch)
    {
    }

    public static function isFlat(Angle $pitch): bool
    {
        return Printed::under($pitch->toDegrees(), self::FLAT_BELOW_DEG);
    }

    /**
     * @param string $wind Part of the table: "eave", "ridge" or "rake"; nothing for flat roofs
     * @param string $kind "1" or "10" upward, "down"
     *
     * @return array{float, list<string>} Value, and the ids behind it
     */
    public function of(string $wind, string $zone, string $kind): array
    {
        if ($this->table === 'flat_roofs') {
            $key = "$zone/$kind";

            return Coefficients::has('en_1991_1_4/flat_roofs', $key)
                ? [$this->coefficients->value('en_1991_1_4/flat_roofs', $key), ["en_1991_1_4/flat_roofs/$key"]]
                : [0.0, []];
        }
        $degrees = $this->pitch->toDegrees();
        $low = $high = self::ANGLES[0];
        foreach (self::ANGLES as $angle) {
            $low = $angle <= $degrees + 1e-9 ? $angle : $low;
            $high = $angle;
            if ($angle >= $degrees) {
                break;
            }
        }
        $share = $high > $low ? ($degrees - $low) / max(1.0, $high - $low) : 0.0;
        [$one, $oneId] = $this->cell("$wind/$low/$zone/$kind", $share < 1.0);
        [$two, $twoId] = $this->cell("$wind/$high/$zone/$kind", $share > 0.0);

        return [(1 - $share) * $one + $share * $two, [...$oneId, ...$twoId]];
    }

    /** @return array{float, list<string>} A cell without a value of that sign counts as 0 */
    private function cell(string $key, bool $counts): array
    {
        $table = "en_1991_1_4/$this->table";

        return $counts && Coefficients::has($table, $key) ? [$this->coefficients->value($table, $key), ["$table/$key"]] : [0.0, []];
    }
}
