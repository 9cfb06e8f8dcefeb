<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialCase;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;

/**
 * Keeps the worst link of one attachment: bolt, foot, its arm and lag, each direction by itself, and the lag's interaction.
 *
 * Pull in the lag T = max(U, 0) + max(0, (V·hf − N·e)/e): the foot is a lever about its downslope heel, and dead load never
 * helps. Together, Z′α = W′p·Z′/(W′p·cos²α + Z′·sin²α); with design strengths the plain sum T/W + V/Z ≤ 1.
 *
 * Source: statics; NDS 2018 §12.4.1; recalled.
 */
final class FootTally
{
    /** On a plane that is level but for rounding nothing slides, and a square of what slides is nothing at all. */
    private const NO_FORCE_N = 1e-9;

    /** @var array<string, array{LoadCase, float, float}> By link, its worst: demand and capacity in N */
    private array $worst = [];

    /** @var array<string, float> By link, what is to be exceeded: its own worst ratio, or the worst of all */
    private array $ratios = [
        'bolt' => -1.0,
        'foot_up' => -1.0,
        'foot_down' => -1.0,
        'foot_along' => -1.0,
        'arm' => -1.0,
        'leg_up' => -1.0,
        'leg_down' => -1.0,
        'leg_along' => -1.0,
        'lag_withdrawal' => -1.0,
        'lag_lateral' => -1.0,
        'lag_combined' => -1.0,
    ];

    private float $ratio = -1.0;
    private float $up_N = 0.0;
    private float $down_N = 0.0;
    private float $along_N = 0.0;
    private float $tension_N = 0.0;

    /** @param bool $byLink Keeps the worst of every link, not of the worst one alone; that takes longer */
    public function __construct(private readonly Capacities $capacities, private readonly bool $byLink = false)
    {
    }

    /** The same under so many times the loads: every link grows with them. */
    public function times(float $factor): self
    {
        $tally = clone $this;
        foreach (['ratio', 'up_N', 'down_N', 'along_N', 'tension_N'] as $what) {
            $tally->{$what} *= $factor;
        }
        foreach ($tally->ratios as $link => $ratio) {
            $tally->ratios[$link] = $ratio * $factor;
        }
        foreach ($tally->worst as $link => $worst) {
            $tally->worst[$link][1] = $worst[1] * $factor;
        }

        return $tally;
    }

    /** @param float $up_N Of the rail, upward positive, downward negative */
    public function add(LoadCase $case, float $up_N, float $along_N, float $heel_N): void
    {
        $legs = $this->capacities->legs;
        if ($legs !== null) {
            [$up_N, $along_N, $heel_N] = $legs->turned($up_N, $along_N, $heel_N);
            $this->leg($case, $up_N, abs($along_N));
        }
        $this->atFoot($case, $up_N, abs($along_N), $heel_N);
    }

    private function leg(LoadCase $case, float $up_N, float $along_N): void
    {
        $c = $this->capacities;
        $this->weigh($up_N > 0.0 ? Link::LegUp : Link::LegDown, $case, abs($up_N), $up_N > 0.0 ? $c->legUp_N : $c->legDown_N);
        $this->weigh(Link::LegAlong, $case, $along_N, $c->legAlong_N);
    }

    private function atFoot(LoadCase $case, float $up_N, float $along_N, float $heel_N): void
    {
        $c = $this->capacities;
        $tension_N = $c->lever->tension_N($up_N, $along_N, $heel_N);
        $withdrawal_N = $c->withdrawal_N($case->cd);
        $lateral_N = $c->lateral_N($case->cd);
        // Asked before each call: most of them would change nothing.
        if ($up_N > 0.0) {
            if ($c->boltUp_N !== INF && $up_N / $c->boltUp_N > $this->ratios['bolt']) {
                $this->weigh(Link::Bolt, $case, $up_N, $c->boltUp_N);
            }
            if ($up_N / $c->footUp_N > $this->ratios['foot_up']) {
                $this->weigh(Link::FootUp, $case, $up_N, $c->footUp_N);
            }
        } elseif (-$up_N / $c->footDown_N > $this->ratios['foot_down']) {
            $this->weigh(Link::FootDown, $case, -$up_N, $c->footDown_N);
        }
        if ($c->boltAlong_N !== INF && $along_N / $c->boltAlong_N > $this->ratios['bolt']) {
            $this->weigh(Link::Bolt, $case, $along_N, $c->boltAlong_N);
        }
        if ($along_N / $c->footAlong_N > $this->ratios['foot_along']) {
            $this->weigh(Link::FootAlong, $case, $along_N, $c->footAlong_N);
        }
        $onArm_N = $up_N > 0.0 ? $up_N : $along_N * $c->armPerAlong - $up_N;
        if ($c->armEnd_N !== INF && $onArm_N / $c->armEnd_N > $this->ratios['arm']) {
            $this->weigh(Link::Arm, $case, $onArm_N, $c->armEnd_N);
        }
        // What pierces nothing has no screw that could give.
        if ($withdrawal_N !== INF) {
            $this->screw($case, $tension_N, $along_N * $c->lever->lateralShare(), $withdrawal_N, $lateral_N);
            $this->tension_N = max($this->tension_N, $tension_N);
        }
        if ($up_N > $this->up_N) {
            $this->up_N = $up_N;
        } elseif (-$up_N > $this->down_N) {
            $this->down_N = -$up_N;
        }
        if ($along_N > $this->along_N) {
            $this->along_N = $along_N;
        }
    }

    private function screw(LoadCase $case, float $tension_N, float $each_N, float $withdrawal_N, float $lateral_N): void
    {
        if ($tension_N / $withdrawal_N > $this->ratios['lag_withdrawal']) {
            $this->weigh(Link::LagWithdrawal, $case, $tension_N, $withdrawal_N);
        }
        if ($each_N / $lateral_N > $this->ratios['lag_lateral']) {
            $this->weigh(Link::LagLateral, $case, $each_N, $lateral_N);
        }
        // No interaction is worse than the plain sum of both.
        if (
            $tension_N > self::NO_FORCE_N
            && $each_N > self::NO_FORCE_N
            && $tension_N / $withdrawal_N + $each_N / $lateral_N > $this->ratios['lag_combined']
        ) {
            // R/Z′α with cos α = V/R and sin α = T/R, or the plain sum of both ratios.
            $together_N = hypot($tension_N, $each_N);
            $this->weigh(Link::LagCombined, $case, $together_N, $this->capacities->addsUp
                ? $this->capacities->together * $together_N / ($each_N / $lateral_N + $tension_N / $withdrawal_N)
                : $together_N ** 2 / ($each_N ** 2 / $lateral_N + $tension_N ** 2 / $withdrawal_N));
        }
    }

    private function weigh(Link $link, LoadCase $case, float $demand_N, float $capacity_N): void
    {
        $ratio = $demand_N / $capacity_N;
        if ($ratio > $this->ratios[$link->value]) {
            $this->ratio = max($this->ratio, $ratio);
            if ($this->byLink) {
                $this->ratios[$link->value] = $ratio;
            } else {
                $this->ratios = array_fill_keys(array_keys($this->ratios), $ratio);
                $this->worst = [];
            }
            $this->worst[$link->value] = [$case, $demand_N, $capacity_N];
        }
    }

    /**
     * Adds a combination with its snow in a pattern.
     *
     * @return float No interaction of these forces, or of smaller ones, has a larger ratio; 0 when nothing pulls the lag
     */
    private function partial(PartialCase $partial, float $whole, float $wind_N, float $snow): float
    {
        [$normal_N, $along_N] = $partial->loads($whole, $snow);
        $up_N = $partial->case->windUp * $wind_N - $normal_N;
        $heel_N = $partial->case->windUp === 0.0 && $up_N < 0.0
            ? min(-$up_N, max(0.0, ($partial->case->heel_N - $partial->snowNormal_N) * $whole + $partial->snowNormal_N * $snow))
            : 0.0;
        $this->add($partial->case, $up_N, $along_N, $heel_N);
        $c = $this->capacities;
        [$up_N, $along_N, $heel_N] = $c->legs?->turned($up_N, $along_N, $heel_N) ?? [$up_N, $along_N, $heel_N];
        $most_N = $c->lever->bound_N($up_N, abs($along_N), $heel_N);

        return $most_N > 0.0
            ? $most_N / $c->withdrawal_N($partial->case->cd) + abs($along_N) * $c->lever->lateralShare() / $c->lateral_N($partial->case->cd)
            : 0.0;
    }

    /**
     * Adds the combinations with balanced snow in every pattern.
     *
     * @param list<PartialCase> $partials
     * @param float $wind_N Of all suctions
     * @param non-empty-list<float> $patterns Reactions of the snow patterns
     */
    public function patterns(array $partials, float $whole, float $wind_N, array $patterns): void
    {
        $least = min($patterns);
        $most = max($patterns);
        foreach ($partials as $partial) {
            $ends = max($this->partial($partial, $whole, $wind_N, $least), $this->partial($partial, $whole, $wind_N, $most));
            if ($ends > $this->ratios['lag_combined']) {
                // With a pull in the lag the interaction is not convex along the patterns: look at each.
                foreach ($patterns as $snow) {
                    $this->partial($partial, $whole, $wind_N, $snow);
                }
            }
        }
    }

    public function ratio(): float
    {
        return $this->ratio;
    }

    public function verdict(float $x_m, float $tributary_m, float $modules, bool $isEdge = false): AttachmentVerdict
    {
        $links = [];
        foreach ($this->worst as $link => [$case, $demand_N, $capacity_N]) {
            $links[] = new LinkRatio(
                $demand_N / $capacity_N,
                $this->capacities->onRail ? Link::from($link)->onRail() : Link::from($link),
                $case,
                $demand_N,
                $capacity_N,
                $this->capacities->placing,
            );
        }
        usort($links, static fn (LinkRatio $one, LinkRatio $other): int => $other->ratio <=> $one->ratio);

        return new AttachmentVerdict(
            $links[0] ?? throw new \LogicException('An attachment was never loaded.'),
            $links,
            $x_m,
            $tributary_m,
            $this->up_N,
            $this->down_N,
            $this->along_N,
            $this->tension_N,
            $modules,
            $isEdge,
        );
    }
}
