<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use InvalidArgumentException;

/**
 * Which gauge keeps which setting through a piece of work: the fewest settings, and then the fewest gauges.
 *
 * A gauge that must be set anew is the one whose setting is wanted last, or never again. That is exact: it is the
 * replacement of pages that looks ahead (L. A. Belady, 1966), and no other choice sets less often. With fewer gauges
 * the count is worked out anew, until it would rise.
 */
final readonly class GaugePlan
{
    /**
     * @param  list<GaugeStep>  $steps  in the order of work
     * @param  int  $settings  how often a gauge is set
     * @param  int  $gauges  how many of them are wanted for that
     */
    private function __construct(public array $steps, public int $settings, public int $gauges)
    {
    }

    /**
     * @param  list<string>  $uses  which setting is wanted, in the order of work
     * @param  int  $owned  gauges at hand, 1 or more
     *
     * @throws InvalidArgumentException without a gauge
     */
    public static function of(array $uses, int $owned): self
    {
        if ($owned < 1) {
            throw new InvalidArgumentException('one gauge at least');
        }
        $best = self::with($uses, $owned);
        for ($fewer = $owned - 1; $fewer >= 1; $fewer--) {
            $plan = self::with($uses, $fewer);
            if ($plan->settings > $best->settings) {
                break;
            }
            $best = $plan;
        }

        return $best;
    }

    /** @param  list<string>  $uses */
    private static function with(array $uses, int $gauges): self
    {
        $held = [];
        $steps = [];
        $settings = 0;
        foreach ($uses as $at => $setting) {
            $gauge = array_search($setting, $held, true);
            $isSet = $gauge === false;
            if ($isSet) {
                $settings++;
                $gauge = count($held) < $gauges ? count($held) + 1 : self::longestIdle($held, $uses, $at);
                $held[$gauge] = $setting;
            }
            $steps[] = new GaugeStep($setting, (int) $gauge, $isSet);
        }

        return new self($steps, $settings, count($held));
    }

    /**
     * @param  array<int, string>  $held  by gauge
     * @param  list<string>  $uses
     */
    private static function longestIdle(array $held, array $uses, int $from): int
    {
        $longest = 0;
        $furthest = -1;
        foreach ($held as $gauge => $setting) {
            $next = array_search($setting, array_slice($uses, $from), true);
            $next = $next === false ? PHP_INT_MAX : (int) $next;
            if ($next > $furthest) {
                [$longest, $furthest] = [$gauge, $next];
            }
        }

        return $longest;
    }
}
