<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\MarkingOut;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Checked outside the project: GEOS lays the drawn tails and pins over each other, and a compass steps the board in
 * exact fractions.
 */
final class PinsAndSocketsTest extends TestCase
{
    use Computes;

    /** Tails and pins fill the face of the joint, and no two of them lie on each other. */
    public function test_tails_and_pins_fit_with_nothing_left_over(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        for ($trial = 0; $trial < 6; $trial++) {
            $width = $dice->getInt(80, 300);
            $thick = $dice->getInt(10, 24);
            $layout = self::compute('dovetail-layout', [
                'boardWidthMm' => $width, 'tailBoardMm' => 20, 'pinBoardMm' => $thick,
                'ratio' => $dice->getInt(6, 8), 'halfPinMm' => $dice->getInt(3, 8), 'pinMm' => $dice->getInt(2, 6),
                'tails' => $dice->getInt(2, 4),
            ]);
            $tails = self::polygons(self::tails($layout, (float) $thick));
            $pins = self::polygons(self::pins($layout, (float) $width, (float) $thick));
            self::assertEqualsWithDelta(0.0, self::area($tails, $pins, 'intersection'), 1e-6);
            self::assertEqualsWithDelta($width * $thick, self::area($tails, $pins, 'union'), 1e-6);
        }
    }

    /** As a compass steps: the same lines from the left and the right, in whole numbers over one denominator. */
    public function test_lines_stepped_in_exact_fractions(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        for ($trial = 0; $trial < 100; $trial++) {
            [$width, $half, $pin, $tails] = [
                $dice->getInt(100, 400), $dice->getInt(2, 8), $dice->getInt(1, 6), $dice->getInt(1, 5),
            ];
            $layout = self::compute('dovetail-layout', [
                'boardWidthMm' => $width, 'tailBoardMm' => 20, 'pinBoardMm' => 12, 'ratio' => 8,
                'halfPinMm' => $half, 'pinMm' => $pin, 'tails' => $tails,
            ]);
            // One step is (W − 2h + p)/n: counted in n-ths of a millimetre every place is a whole number.
            $step = $width - 2 * $half + $pin;
            for ($place = 0; $place < $tails; $place++) {
                $left = ($half * $tails + $place * $step) / $tails;
                self::assertEqualsWithDelta($left, $layout['fromLeftMm'][$place], 1e-9);
                self::assertEqualsWithDelta(
                    (($width - $half) * $tails - $place * $step) / $tails,
                    $layout['fromRightMm'][$place],
                    1e-9,
                );
            }
        }
    }

    /**
     * @param  array<string, mixed>  $layout
     * @return list<list<array{float, float}>>
     */
    private static function tails(array $layout, float $long): array
    {
        $slant = ($layout['tailMm'] - $layout['tailAtBaselineMm']) / 2;

        $tails = [];
        foreach ($layout['fromLeftMm'] as $left) {
            $tails[] = [
                [$left, 0.0],
                [$left + $layout['tailMm'], 0.0],
                [$left + $layout['tailMm'] - $slant, $long],
                [$left + $slant, $long],
            ];
        }

        return $tails;
    }

    /**
     * Drawn from their own widths, not as what the tails leave.
     *
     * @param  array<string, mixed>  $layout
     * @return list<list<array{float, float}>>
     */
    private static function pins(array $layout, float $width, float $long): array
    {
        $grow = ($layout['pinAtBaselineMm'] - $layout['pinMm']) / 2;
        $half = $layout['fromLeftMm'][0];
        $pins = [
            [[0.0, 0.0], [$half, 0.0], [$layout['halfPinAtBaselineMm'], $long], [0.0, $long]],
            [
                [$width, 0.0], [$width - $half, 0.0], [$width - $layout['halfPinAtBaselineMm'], $long],
                [$width, $long],
            ],
        ];
        foreach (array_slice($layout['fromLeftMm'], 1) as $right) {
            $pins[] = [
                [$right - $layout['pinMm'], 0.0], [$right, 0.0], [$right + $grow, $long],
                [$right - $layout['pinMm'] - $grow, $long],
            ];
        }

        return $pins;
    }

    /** @param  list<list<array{float, float}>>  $shapes */
    private static function polygons(array $shapes): string
    {
        $text = static fn (array $shape): string => '(('.implode(', ', array_map(
            static fn (array $point): string => sprintf('%.9f %.9f', $point[0], $point[1]),
            [...$shape, $shape[0]],
        )).'))';

        return 'MULTIPOLYGON ('.implode(', ', array_map($text, $shapes)).')';
    }

    private static function area(string $one, string $other, string $how): float
    {
        exec('geosop -a '.escapeshellarg($one).' -b '.escapeshellarg($other)." -f wkt $how", $result, $status);
        self::assertSame(0, $status, 'geosop is installed with geos-bin');
        $shape = implode('', $result);
        // Rings alone have an area; GEOS turns outer ones one way and holes the other, so that the sum counts both.
        preg_match_all('/\(([^()]+)\)/', str_contains($shape, 'POLYGON') ? $shape : '', $rings);

        return abs(array_sum(array_map(self::turned(...), $rings[1])));
    }

    /** Of one ring, by its corners (Gauss's formula); the sign is the way it turns. */
    private static function turned(string $ring): float
    {
        $corners = array_map(
            static fn (string $corner): array => array_map(floatval(...), explode(' ', trim($corner))),
            explode(',', $ring),
        );
        $twice = 0.0;
        foreach (array_slice($corners, 1) as $index => $corner) {
            $twice += $corners[$index][0] * $corner[1] - $corner[0] * $corners[$index][1];
        }

        return $twice / 2;
    }
}
