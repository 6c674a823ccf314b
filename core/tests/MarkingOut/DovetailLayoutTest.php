<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\MarkingOut;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DovetailLayoutTest extends TestCase
{
    use Computes;

    private const JOINT = [
        'boardWidthMm' => 89, 'tailBoardMm' => 19, 'pinBoardMm' => 19, 'ratio' => 6, 'halfPinMm' => 3.2, 'tails' => 3,
    ];

    /** As in the contract; three tails of about 25 mm in 89 mm are common practice, no source. */
    public function test_three_tails_in_89_mm(): void
    {
        $layout = self::compute('dovetail-layout', self::JOINT);

        self::assertEqualsWithDelta(28.6, $layout['dividerMm'], 1e-9);
        self::assertEqualsWithDelta(25.4, $layout['tailMm'], 1e-9);
        self::assertEqualsWithDelta(19.0667, $layout['tailAtBaselineMm'], 1e-4);
        self::assertEqualsWithDelta(9.5333, $layout['pinAtBaselineMm'], 1e-4);
        self::assertArrayNotHasKey('betweenTailsChiselMm', $layout);
    }

    /** Common practice, no source: 1:6 is 9.5°, 1:7 is 8.1°, 1:8 is 7.1°, and 14° about 1:4. */
    public function test_slopes_as_the_trade_names_them(): void
    {
        foreach ([6 => 9.5, 7 => 8.1, 8 => 7.1, 4 => 14.0] as $ratio => $degrees) {
            $wide = [...self::JOINT, 'ratio' => $ratio, 'tails' => 1];
            self::assertEqualsWithDelta($degrees, self::compute('dovetail-layout', $wide)['angleDeg'], 0.06);
        }
    }

    public function test_chisels_that_pass_and_what_is_told(): void
    {
        $answer = self::compute('dovetail-layout', [...self::JOINT, 'chiselsMm' => [3, 6, 19, 25], 'kerfMm' => 3.5]);
        self::assertEquals([3, 19], [$answer['betweenTailsChiselMm'], $answer['betweenPinsChiselMm']]);
        self::assertSame(['pin-narrower-than-kerf'], $answer['warnings']);

        $answer = self::compute('dovetail-layout', [...self::JOINT, 'chiselsMm' => [25], 'pinMm' => 12]);
        self::assertArrayHasKey('betweenPinsChiselMm', $answer);
        self::assertNull($answer['betweenPinsChiselMm']);
        self::assertSame(['no-chisel-between-tails', 'tails-narrower-than-pins'], $answer['warnings']);
        self::assertArrayNotHasKey('betweenPinsChiselMm', self::compute('dovetail-layout', [
            ...self::JOINT, 'chiselsMm' => [],
        ]));
    }

    public function test_gauges_rebate_and_proud_ends(): void
    {
        $answer = self::compute('dovetail-layout', [
            ...self::JOINT, 'tailBoardMm' => 22, 'rebateMm' => 2, 'proudMm' => 0.4,
        ]);
        self::assertEqualsWithDelta(19.4, $answer['tailGaugeMm'], 1e-9);
        self::assertEqualsWithDelta(20.4, $answer['pinGaugeMm'], 1e-9);
        self::assertEqualsWithDelta($answer['tailMm'] - 2 * 19.4 / 6, $answer['tailAtBaselineMm'], 1e-9);
    }

    /** A wanted tail: the nearest number, a half upward, one at least. */
    public function test_a_wanted_width_gives_the_nearest_number(): void
    {
        $wanted = static fn (float $tail): array => [
            ...array_diff_key(self::JOINT, ['tails' => true]), 'boardWidthMm' => 103.2, 'tailMm' => $tail,
        ];
        // 103.2 − 6.4 + 3.2 = 100 to divide.
        self::assertSame(4, self::compute('dovetail-layout', $wanted(100 / 3.5 - 3.2))['tails']);
        self::assertSame(3, self::compute('dovetail-layout', $wanted(100 / 3.49 - 3.2))['tails']);
        self::assertSame(1, self::compute('dovetail-layout', $wanted(400))['tails']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'both' => [['tailMm' => 25], 'tailMm', 'either how many tails or the width'];
        yield 'neither' => [['tails' => null], 'tails', 'either how many tails or the width'];
        yield 'half pins meet' => [['halfPinMm' => 44.5], 'halfPinMm', 'the two half pins meet'];
        yield 'no tail at the end' => [['pinMm' => 30, 'tails' => 4], 'tails', 'nothing is left of the tails'];
        yield 'no tail at the baseline' => [['ratio' => 1.4], 'ratio', 'vanish at the baseline: a gentler slope'];
        yield 'a rebate through' => [['rebateMm' => 19], 'rebateMm', 'less than the tail board is thick'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('refused')]
    public function test_what_cannot_be_cut_is_refused(array $change, string $field, string $part): void
    {
        $asked = array_filter([...self::JOINT, ...$change], static fn (mixed $one): bool => $one !== null);
        $this->assertRefused('dovetail-layout', $asked, $field, $part);
    }

    /** Both ways of stepping meet: a left side and a right side are a tail apart, and one more step lands on a pin. */
    public function test_stepped_from_both_sides_the_lines_agree(): void
    {
        $dice = new Randomizer(new Mt19937(20));
        for ($trial = 0; $trial < 300; $trial++) {
            $tails = $dice->getInt(1, 9);
            $layout = self::compute('dovetail-layout', [
                'boardWidthMm' => $width = $dice->getInt(60000, 400000) / 1000,
                'tailBoardMm' => $dice->getInt(8000, 30000) / 1000,
                'pinBoardMm' => $dice->getInt(8000, 20000) / 1000,
                'ratio' => $dice->getInt(12000, 20000) / 1000,
                'halfPinMm' => $half = $dice->getInt(1000, 6000) / 1000,
                'pinMm' => $pin = $dice->getInt(500, 2500) / 1000,
                'tails' => $tails,
            ]);
            $rights = array_reverse($layout['fromRightMm']);
            foreach ($layout['fromLeftMm'] as $number => $left) {
                self::assertEqualsWithDelta($layout['tailMm'], $rights[$number] - $left, 1e-9);
                $next = $layout['fromLeftMm'][$number + 1] ?? null;
                self::assertTrue($next === null || abs($next - $rights[$number] - $pin) < 1e-9);
            }
            self::assertEqualsWithDelta($width - $half + $pin, $half + $tails * $layout['dividerMm'], 1e-9);
            self::assertEqualsWithDelta(
                $width,
                $tails * $layout['tailAtBaselineMm'] + ($tails - 1) * $layout['pinAtBaselineMm']
                    + 2 * $layout['halfPinAtBaselineMm'],
                1e-9,
            );
        }
    }
}
