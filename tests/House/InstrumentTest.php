<?php

declare(strict_types=1);

namespace Tests\House;

use Instruments\Kind;
use Instruments\StandIn;
use Instruments\Truth;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** The simulated instruments: their readings scatter about what they are pointed at, as they say they do. */
final class InstrumentTest extends TestCase
{
    private const NAME = '900 mm straightedge';

    /** @return list<float> */
    private static function readings(Kind $kind, Truth $truth, float $place, float $hours = 0.0): array
    {
        $standIn = new StandIn($kind, $truth, 3);

        return array_map(static fn (): float => $standIn->reads($place, $hours), range(1, 2000));
    }

    public function test_it_is_pointed_at_a_reference_of_the_demo_bench(): void
    {
        // The last test of the demo: gaps 0, 0.08, 0.12, 0.10, 0; half way between two of them, half way.
        $truth = Truth::ofDemo(self::NAME);
        self::assertEqualsWithDelta(
            [0.0, 0.08, 0.1, 0.12, 0.0],
            array_map($truth->at(...), [0.0, 225.0, 337.5, 450.0, 900.0]),
            1e-12,
        );
        self::assertEqualsWithDelta(0.04, Truth::ofDemo('200 mm try square')->at(200), 0.02);
    }

    /** Every reference of the demo bench: sticks and template turned, a sole hollow in its middle. */
    public function test_it_can_be_pointed_at_any_of_them(): void
    {
        self::assertSame([1.0, 0.75], array_map(Truth::ofDemo('450 mm winding sticks')->at(...), [0.0, 1.0]));
        self::assertSame([10.1, 10.05], array_map(Truth::ofDemo('1:7 dovetail template')->at(...), [0.0, 1.0]));
        self::assertEqualsWithDelta(
            [0.0, 0.05, 0.0],
            array_map(Truth::ofDemo('sole of the jack plane')->at(...), [0.0, 177.5, 355.0]),
            1e-12,
        );
        self::assertEqualsWithDelta(0.1, Truth::ofDemo('bed of the shooting board')->at(225), 1e-12);
    }

    public function test_noise_resolution_and_drift_are_its_own(): void
    {
        foreach ([Kind::Dial, Kind::Caliper] as $kind) {
            $readings = self::readings($kind, Truth::ofDemo(self::NAME), 450);
            $mean = array_sum($readings) / count($readings);
            $spread = sqrt(
                array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $readings)) /
                    (count($readings) - 1),
            );
            self::assertEqualsWithDelta(0.12, $mean, 0.001);
            self::assertEqualsWithDelta(sqrt($kind->noise() ** 2 + $kind->resolution() ** 2 / 12), $spread, 0.001);
            foreach ($readings as $reading) {
                self::assertEqualsWithDelta(round($reading, 2), $reading, 1e-9);
            }
        }
        $later = self::readings(Kind::Dial, Truth::ofDemo(self::NAME), 450, hours: 5);
        self::assertEqualsWithDelta(0.12 + 0.05, array_sum($later) / count($later), 0.001);
    }

    public function test_a_line_keeps_to_the_documented_format(): void
    {
        $line = (new StandIn(Kind::Dial, Truth::ofDemo(self::NAME), 1))->line('2026-11-25T13:00:00.250Z', 450);
        self::assertMatchesRegularExpression(
            '/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z dial 450\.0 -?\d+\.\d\d mm$/',
            $line,
        );
        self::assertMatchesRegularExpression(
            '/^\S+ hygrometer 14\.0 \d+\.[05] %$/',
            (new StandIn(Kind::Hygrometer, Truth::ofShed(Kind::Hygrometer, 0), 1))->line(
                '2026-11-25T14:00:00.000Z',
                14,
            ),
        );
    }

    public function test_the_same_seed_gives_the_same_readings(): void
    {
        $first = new StandIn(Kind::Caliper, Truth::ofDemo(self::NAME), 7);
        $second = new StandIn(Kind::Caliper, Truth::ofDemo(self::NAME), 7);
        self::assertSame(
            array_map($first->keys(...), [0.0, 225.0, 450.0]),
            array_map($second->keys(...), [0.0, 225.0, 450.0]),
        );
    }

    public function test_a_reference_that_is_not_there_is_named(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('no “ruler”');
        Truth::ofDemo('ruler');
    }

    public function test_the_command_types_readings(): void
    {
        exec(
            'cd '.
                escapeshellarg(dirname(__DIR__, 2)).
                " && printf '0\\n450\\n' | SEED=1 ./jackrest instrument caliper --keys 2>&1",
            $said,
            $status,
        );
        self::assertSame(0, $status, implode("\n", $said));
        self::assertCount(2, $said);
        self::assertEqualsWithDelta(0.12, (float) ($said[1] ?? 0), 0.06);
    }

    public function test_an_instrument_that_is_not_known_is_refused_in_one_line(): void
    {
        exec(
            'cd '.escapeshellarg(dirname(__DIR__, 2)).' && ./jackrest instrument thermometer 2>&1',
            $said,
            $status,
        );
        self::assertNotSame(0, $status);
        self::assertStringContainsString('dial|caliper|hygrometer', implode("\n", $said));
    }
}
