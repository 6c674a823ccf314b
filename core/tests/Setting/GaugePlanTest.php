<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Setting;

use InvalidArgumentException;
use JackRest\Core\Setting\GaugePlan;
use JackRest\Core\Setting\GaugeStep;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class GaugePlanTest extends TestCase
{
    public function test_each_setting_is_kept_until_it_is_not_wanted(): void
    {
        $uses = ['22', '19', '22', '8', '19'];
        $one = GaugePlan::of($uses, 1);
        self::assertSame([5, 1], [$one->settings, $one->gauges]);
        $three = GaugePlan::of($uses, 3);
        self::assertSame([3, 2], [$three->settings, $three->gauges], 'two are enough when they are kept well');
        self::assertEquals(GaugePlan::of($uses, 2), $three);
    }

    public function test_nothing_to_set_wants_no_gauge(): void
    {
        self::assertSame([[], 0, 0], [GaugePlan::of([], 2)->steps, GaugePlan::of([], 2)->settings,
            GaugePlan::of([], 2)->gauges]);
        $this->expectException(InvalidArgumentException::class);
        GaugePlan::of(['22'], 0);
    }

    /** Against every way of giving each use a gauge. */
    public function test_no_assignment_sets_less_often_or_wants_fewer_gauges(): void
    {
        $dice = new Randomizer(new Mt19937(60));
        for ($trial = 0; $trial < 120; $trial++) {
            $uses = array_map(static fn (): string => (string) $dice->getInt(1, 4), range(1, $dice->getInt(2, 7)));
            $owned = $dice->getInt(1, 3);
            $plan = GaugePlan::of($uses, $owned);
            self::assertSame(self::fewest($uses, $owned), $plan->settings);
            self::assertTrue(
                $plan->gauges === 1 || self::fewest($uses, $plan->gauges - 1) > $plan->settings,
                implode(' ', $uses)." with $owned",
            );
            self::isWhatItSays($plan, $uses);
        }
    }

    /** @param  list<string>  $uses */
    private static function isWhatItSays(GaugePlan $plan, array $uses): void
    {
        self::assertSame($uses, array_map(static fn (GaugeStep $step): string => $step->setting, $plan->steps));
        $held = [];
        $settings = 0;
        foreach ($plan->steps as $step) {
            self::assertSame($step->isSet, ($held[$step->gauge] ?? null) !== $step->setting);
            $held[$step->gauge] = $step->setting;
            $settings += $step->isSet ? 1 : 0;
        }
        self::assertSame([$settings, count($held)], [$plan->settings, $plan->gauges]);
    }

    /**
     * @param  list<string>  $uses
     * @param  array<int, string>  $held
     */
    private static function fewest(array $uses, int $gauges, array $held = []): int
    {
        if ($uses === []) {
            return 0;
        }
        $rest = array_slice($uses, 1);
        $least = PHP_INT_MAX;
        for ($gauge = 1; $gauge <= $gauges; $gauge++) {
            $set = ($held[$gauge] ?? null) === $uses[0] ? 0 : 1;
            $least = min($least, $set + self::fewest($rest, $gauges, [$gauge => $uses[0]] + $held));
        }

        return $least;
    }
}
