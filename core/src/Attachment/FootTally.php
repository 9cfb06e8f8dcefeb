<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/**
 * Keeps the worst link of one attachment: bolt, foot and lag, each direction by itself, and the lag's interaction.
 *
 * Pull in the lag T = max(U, 0) + max(0, (V·hf − N·e)/e): the foot is a lever about its downslope heel, and dead load never
 * helps. Together, Z′α = W′p·Z′/(W′p·cos²α + Z′·sin²α).
 *
 * Source: statics; NDS 2018 §12.4.1; recalled.
 */
final class FootTally
{
    private ?LinkRatio $worst;
    private float $up_N;
    private float $down_N;
    private float $along_N;
    private float $tension_N;

    public function __construct(private readonly Capacities $capacities, ?AttachmentVerdict $start = null)
    {
        $this->worst = $start?->worst;
        $this->up_N = $start->up_N ?? 0.0;
        $this->down_N = $start->down_N ?? 0.0;
        $this->along_N = $start->along_N ?? 0.0;
        $this->tension_N = $start->tension_N ?? 0.0;
    }

    /**
     * A positive reaction under the down cases, whose worst case for each link is known beforehand.
     *
     * @param list<array{float, Link, LoadCase}> $perReaction
     * @param list<LoadCase>                     $cases
     */
    public function down(float $share, array $perReaction, array $cases): void
    {
        foreach ($perReaction as [$ratio, $link, $case]) {
            if ($this->worst === null || $ratio * $share > $this->worst->ratio) {
                $this->worst = $this->linkRatio($link, $case, -$case->normal_N * $share, $case->along_N * $share, $case->heel_N * $share);
            }
        }
        foreach ($cases as $case) {
            $this->down_N = max($this->down_N, $case->normal_N * $share);
            $this->along_N = max($this->along_N, $case->along_N * $share);
            $this->tension_N = max($this->tension_N, $this->tension_N(-$case->normal_N * $share, $case->along_N * $share, $case->heel_N * $share));
        }
    }

    /** @param float $up_N Upward positive, downward negative */
    public function add(LoadCase $case, float $up_N, float $along_N, float $heel_N): void
    {
        $along_N = abs($along_N);
        foreach ($this->ratios($case, $up_N, $along_N, $heel_N) as [$link, $demand_N, $capacity_N]) {
            $ratio = $demand_N / $capacity_N;
            if ($this->worst === null || $ratio > $this->worst->ratio) {
                $this->worst = new LinkRatio($ratio, $link, $case, $demand_N, $capacity_N);
            }
        }
        $this->up_N = max($this->up_N, $up_N);
        $this->down_N = max($this->down_N, -$up_N);
        $this->along_N = max($this->along_N, $along_N);
        $this->tension_N = max($this->tension_N, $this->tension_N($up_N, $along_N, $heel_N));
    }

    public function verdict(float $x_m, float $tributary_m, float $modules): AttachmentVerdict
    {
        $worst = $this->worst ?? throw new \LogicException('An attachment was never loaded.');

        return new AttachmentVerdict($worst, $x_m, $tributary_m, $this->up_N, $this->down_N, $this->along_N, $this->tension_N, $modules);
    }

    private function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $c = $this->capacities;

        return max($up_N, 0.0) + max(0.0, ($along_N * $c->railHeight_m - $heel_N * $c->heel_m) / $c->heel_m);
    }

    /** @return list<array{Link, float, float}> Link, demand and capacity in N */
    public function ratios(LoadCase $case, float $up_N, float $along_N, float $heel_N): array
    {
        $c = $this->capacities;
        $up = max($up_N, 0.0);
        $tension_N = $this->tension_N($up_N, $along_N, $heel_N);
        $withdrawal_N = $c->withdrawal_N * $case->cd;
        $lateral_N = $c->lateral_N * ($c->lateralIsFinal ? 1.0 : $case->cd);
        $boltUp = $up / $c->boltUp_N;
        $boltAlong = $along_N / $c->boltAlong_N;
        $ratios = [
            $boltUp >= $boltAlong ? [Link::Bolt, $up, $c->boltUp_N] : [Link::Bolt, $along_N, $c->boltAlong_N],
            [Link::FootUp, $up, $c->footUp_N],
            [Link::FootDown, max(-$up_N, 0.0), $c->footDown_N],
            [Link::FootAlong, $along_N, $c->footAlong_N],
            [Link::LagWithdrawal, $tension_N, $withdrawal_N],
            [Link::LagLateral, $along_N, $lateral_N],
        ];
        $together_N = hypot($tension_N, $along_N);
        if ($tension_N > 0.0 && $along_N > 0.0) {
            // R/Z′α with cos α = V/R and sin α = T/R.
            $ratios[] = [Link::LagCombined, $together_N, $together_N ** 2 / ($along_N ** 2 / $lateral_N + $tension_N ** 2 / $withdrawal_N)];
        }

        return $ratios;
    }

    private function linkRatio(Link $link, LoadCase $case, float $up_N, float $along_N, float $heel_N): LinkRatio
    {
        foreach ($this->ratios($case, $up_N, $along_N, $heel_N) as [$candidate, $demand_N, $capacity_N]) {
            if ($candidate === $link) {
                return new LinkRatio($demand_N / $capacity_N, $link, $case, $demand_N, $capacity_N);
            }
        }

        return new LinkRatio(0.0, $link, $case, 0.0, 1.0);
    }
}
