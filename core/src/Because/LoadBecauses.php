<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Plan\Plan;

/** The becauses of wind and snow. */
final readonly class LoadBecauses
{
    public function __construct(private Plan $plan, private SiteLoads $loads)
    {
    }

    /** @param list<string> $parts Path under "loads" */
    public function at(array $parts): ?Because
    {
        return match ($parts[0] ?? '') {
            'qh' => $this->qh(),
            'kh' => $this->kh(),
            'kzt' => $this->kzt(),
            'kd' => $this->coefficient('asce7_16/velocity_pressure', 'kd'),
            'ke' => new Because('ke', ['value' => $this->loads->velocity->ke], 'ASCE/SEI 7-16, Table 26.9-1; recalled', 'high', children: [$this->input('/site/ground_elevation_m')]),
            'zone_a' => $this->zoneA(),
            'gcp' => isset($this->loads->gcpUp[$parts[1] ?? '']) ? Becauses::ofCoefficient($this->plan, $this->loads->gcpUp[$parts[1]], [$this->input('/surface/pitch_rad')]) : null,
            'down' => new Because('wind_down', [
                'value_Pa' => $this->loads->windDown_Pa(), 'qh_Pa' => $this->loads->velocity->qh->toPascals(), 'gcp' => $this->loads->gcpDown->value, 'least_Pa' => $this->loads->panel->least_Pa,
            ], 'ASCE/SEI 7-16, §29.4.4, §30.2.2; recalled', 'medium', children: [$this->qh(), Becauses::ofCoefficient($this->plan, $this->loads->gcpDown)]),
            'pf' => $this->pf(),
            'cs' => new Because('cs', ['value' => $this->loads->snow->cs, 'ct' => $this->loads->snow->ct], 'ASCE/SEI 7-16, Fig. 7.4-1; recalled', 'high', children: [$this->input('/surface/pitch_rad'), $this->input('/site/free_slide_path')]),
            'ps' => $this->ps(),
            'snow' => $this->snow($parts[1] ?? ''),
            default => null,
        };
    }

    private function input(string $pointer): Because
    {
        return Inputs::at($this->plan->design, $pointer);
    }

    private function coefficient(string $table, string $key): Because
    {
        return Becauses::ofCoefficient($this->plan, $this->plan->coefficients->look($table, $key));
    }

    private function qh(): Because
    {
        $velocity = $this->loads->velocity;

        return new Because('qh', [
            'value_Pa' => $velocity->qh->toPascals(), 'kh' => $velocity->kh, 'kzt' => $velocity->kzt, 'kd' => $velocity->kd, 'ke' => $velocity->ke,
            'speed' => $this->plan->design->site->windSpeed->toMilesPerHour(),
        ], 'ASCE/SEI 7-16, §26.10.2, Eq. 26.10-1; recalled', 'high', children: [
            $this->kh(), $this->kzt(), $this->coefficient('asce7_16/velocity_pressure', 'kd'), $this->input('/site/ground_elevation_m'), $this->input('/site/wind_speed_m_per_s'), $this->input('/site/risk_category'),
        ]);
    }

    private function kh(): Because
    {
        return new Because($this->loads->velocity->kh > $this->loads->velocity->khFormula ? 'kh_floor' : 'kh', [
            'value' => $this->loads->velocity->kh, 'formula' => $this->loads->velocity->khFormula, 'height_m' => $this->plan->design->site->meanRoofHeight->toMetres(),
        ], 'ASCE/SEI 7-16, Tables 26.10-1 and 26.11-1; recalled', 'high', children: [$this->input('/site/mean_roof_height_m'), $this->input('/site/exposure')]);
    }

    private function kzt(): Because
    {
        return new Because('kzt', ['value' => $this->loads->velocity->kzt], 'ASCE/SEI 7-16, §26.8; recalled', 'high', children: [$this->input('/site/topography'), $this->input('/site/kzt')]);
    }

    private function zoneA(): Because
    {
        return new Because('zone_a', ['value_m' => $this->loads->zones->a->toMetres()], 'ASCE/SEI 7-16, Fig. 30.3-2B note; recalled', 'high', children: [
            $this->input('/site/building_length_m'), $this->input('/site/building_width_m'), $this->input('/site/mean_roof_height_m'),
        ]);
    }

    private function pf(): Because
    {
        $snow = $this->loads->snow;

        return new Because('pf', [
            'value_Pa' => $snow->pf->toPascals(), 'ce' => $snow->ce, 'ct' => $snow->ct, 'is' => $snow->is, 'ground_Pa' => $this->plan->design->site->groundSnow->toPascals(),
        ], 'ASCE/SEI 7-16, §7.3, Tables 7.3-1, 7.3-2, 1.5-2; recalled', 'high', children: [
            $this->input('/site/ground_snow_Pa'), $this->input('/site/roof_exposure'), $this->input('/site/thermal'), $this->input('/site/risk_category'),
        ]);
    }

    private function ps(): Because
    {
        $cs = $this->at(['cs']);

        return new Because('ps', ['value_Pa' => $this->loads->snow->ps->toPascals(), 'cs' => $this->loads->snow->cs, 'pf_Pa' => $this->loads->snow->pf->toPascals()], 'ASCE/SEI 7-16, §7.4; recalled', 'high', children: array_values(array_filter([$cs, $this->pf()])));
    }

    private function snow(string $code): ?Because
    {
        foreach ($this->loads->snow->cases as $case) {
            if ($case->code === $code) {
                $children = match ($code) {
                    'balanced', 'unbalanced' => [$this->ps(), $this->input('/site/eave_to_ridge_m')],
                    default => [$this->input('/site/ground_snow_Pa'), $this->input('/site/roof_supports'), $this->input('/site/eave_to_ridge_m')],
                };

                return new Because('snow_'.$code, [
                    'value_Pa' => $case->uniform_Pa, 'surcharge_Pa' => $case->surcharge_Pa, 'reach_m' => $case->reach_m, 'drift_ft' => $this->loads->snow->driftHeight_ft ?? 0.0,
                ], 'ASCE/SEI 7-16, §§7.3.4, 7.4, 7.6.1; recalled', 'high', children: $children);
            }
        }

        return null;
    }
}
