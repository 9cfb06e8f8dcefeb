<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/**
 * Keeps the worst link of one attachment: bolt, foot and lag, each direction by itself, and the lag's interaction.
 *
 * Pull in the lag T = max(U, 0) + max(0, (V·hf − N·e)/e): the foot is a lever about its downslope heel, and dead load never
 * helps. Together, Z′α = W′p·Z′/(W′p·cos²α + Z′·sin²α); with design strengths the plain sum T/W + V/Z ≤ 1.
 *
 * Source: statics; NDS 2018 §12.4.1; recalled.
 */
final class FootTally
{
    private float $ratio = -1.0;
    private Link $link = Link::Rail;
    private ?LoadCase $case = null;
    private float $demand_N = 0.0;
    private float $capacity_N = 1.0;
    private float $up_N = 0.0;
    private float $down_N = 0.0;
    private float $along_N = 0.0;
    private float $tension_N = 0.0;

    public function __construct(private readonly Capacities $capacities)
    {
    }

    /** The same under so many times the loads: every link grows with them. */
    public function times(float $factor): self
    {
        $tally = clone $this;
        foreach (['ratio', 'demand_N', 'up_N', 'down_N', 'along_N', 'tension_N'] as $what) {
            $tally->{$what} *= $factor;
        }

        return $tally;
    }

    /** @param float $up_N Upward positive, downward negative */
    public function add(LoadCase $case, float $up_N, float $along_N, float $heel_N): void
    {
        $c = $this->capacities;
        $along_N = abs($along_N);
        $tension_N = $this->tension_N($up_N, $along_N, $heel_N);
        $withdrawal_N = $c->withdrawal_N($case->cd);
        $lateral_N = $c->lateral_N($case->cd);
        // Asked before each call: most of them would change nothing.
        if ($up_N > 0.0) {
            if ($up_N / $c->boltUp_N > $this->ratio) {
                $this->weigh(Link::Bolt, $case, $up_N, $c->boltUp_N);
            }
            if ($up_N / $c->footUp_N > $this->ratio) {
                $this->weigh(Link::FootUp, $case, $up_N, $c->footUp_N);
            }
        } elseif (-$up_N / $c->footDown_N > $this->ratio) {
            $this->weigh(Link::FootDown, $case, -$up_N, $c->footDown_N);
        }
        if ($along_N / $c->boltAlong_N > $this->ratio) {
            $this->weigh(Link::Bolt, $case, $along_N, $c->boltAlong_N);
        }
        if ($along_N / $c->footAlong_N > $this->ratio) {
            $this->weigh(Link::FootAlong, $case, $along_N, $c->footAlong_N);
        }
        if ($tension_N / $withdrawal_N > $this->ratio) {
            $this->weigh(Link::LagWithdrawal, $case, $tension_N, $withdrawal_N);
        }
        if ($along_N / $lateral_N > $this->ratio) {
            $this->weigh(Link::LagLateral, $case, $along_N, $lateral_N);
        }
        // No interaction is worse than the plain sum of both.
        if ($tension_N > 0.0 && $along_N > 0.0 && $tension_N / $withdrawal_N + $along_N / $lateral_N > $this->ratio) {
            // R/Z′α with cos α = V/R and sin α = T/R, or the plain sum of both ratios.
            $together_N = hypot($tension_N, $along_N);
            $this->weigh(Link::LagCombined, $case, $together_N, $c->addsUp
                ? $together_N / ($along_N / $lateral_N + $tension_N / $withdrawal_N)
                : $together_N ** 2 / ($along_N ** 2 / $lateral_N + $tension_N ** 2 / $withdrawal_N));
        }
        if ($up_N > $this->up_N) {
            $this->up_N = $up_N;
        } elseif (-$up_N > $this->down_N) {
            $this->down_N = -$up_N;
        }
        if ($along_N > $this->along_N) {
            $this->along_N = $along_N;
        }
        if ($tension_N > $this->tension_N) {
            $this->tension_N = $tension_N;
        }
    }

    private function weigh(Link $link, LoadCase $case, float $demand_N, float $capacity_N): void
    {
        if ($demand_N / $capacity_N > $this->ratio) {
            $this->ratio = $demand_N / $capacity_N;
            $this->link = $link;
            $this->case = $case;
            $this->demand_N = $demand_N;
            $this->capacity_N = $capacity_N;
        }
    }

    /**
     * Adds a combination with its snow in a pattern.
     *
     * @return float No interaction of these forces, or of smaller ones, has a larger ratio; 0 when nothing pulls the lag
     */
    private function partial(PartialCase $partial, float $whole, float $snow): float
    {
        [$normal_N, $along_N] = $partial->loads($whole, $snow);
        $heel_N = $normal_N > 0.0 ? min($normal_N, max(0.0, ($partial->case->heel_N - $partial->snowNormal_N) * $whole + $partial->snowNormal_N * $snow)) : 0.0;
        $this->add($partial->case, -$normal_N, $along_N, $heel_N);
        $tension_N = $this->tension_N(-$normal_N, abs($along_N), $heel_N);
        $c = $this->capacities;

        return $tension_N > 0.0 ? $tension_N / $c->withdrawal_N($partial->case->cd) + abs($along_N) / $c->lateral_N($partial->case->cd) : 0.0;
    }

    /**
     * Adds the combinations with balanced snow in every pattern.
     *
     * @param list<PartialCase> $partials
     * @param non-empty-list<float> $patterns Reactions of the snow patterns
     */
    public function patterns(array $partials, float $whole, array $patterns): void
    {
        $least = min($patterns);
        $most = max($patterns);
        foreach ($partials as $partial) {
            $ends = max($this->partial($partial, $whole, $least), $this->partial($partial, $whole, $most));
            if ($ends > $this->ratio) {
                // With a pull in the lag the interaction is not convex along the patterns: look at each.
                foreach ($patterns as $snow) {
                    $this->partial($partial, $whole, $snow);
                }
            }
        }
    }

    public function ratio(): float
    {
        return $this->ratio;
    }

    public function verdict(float $x_m, float $tributary_m, float $modules): AttachmentVerdict
    {
        $case = $this->case ?? throw new \LogicException('An attachment was never loaded.');
        $worst = new LinkRatio($this->ratio, $this->link, $case, $this->demand_N, $this->capacity_N);

        return new AttachmentVerdict($worst, $x_m, $tributary_m, $this->up_N, $this->down_N, $this->along_N, $this->tension_N, $modules);
    }

    private function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $c = $this->capacities;
        $lever_N = ($along_N * $c->railHeight_m - $heel_N * $c->heel_m) / $c->heel_m;

        return max($up_N, 0.0) + max(0.0, $lever_N);
    }
}
