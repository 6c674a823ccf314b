<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Setting;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FenceAndBitTest extends TestCase
{
    use Computes;

    private const PLOUGH = ['frontMm' => 20.4, 'rearMm' => 20, 'skateLengthMm' => 200, 'ironMm' => 6, 'skateMm' => 3];

    public function test_which_end_is_wide_and_what_must_move(): void
    {
        $answer = self::compute('fence-check', [...self::PLOUGH, 'targetMm' => 19]);
        self::assertSame('wide-in-front', $answer['verdict']);
        self::assertEqualsWithDelta(rad2deg(atan(0.002)), $answer['yawDeg'], 1e-12);
        self::assertEqualsWithDelta([-1.4, -1.0], [$answer['moveFrontMm'], $answer['moveRearMm']], 1e-9);
        $behind = self::compute('fence-check', ['frontMm' => 20, 'rearMm' => 20.4] + self::PLOUGH);
        self::assertSame('wide-behind', $behind['verdict']);
        self::assertArrayNotHasKey('moveFrontMm', $behind);
        $even = self::compute('fence-check', ['frontMm' => 20.1] + self::PLOUGH);
        self::assertSame('parallel', $even['verdict']);
        $binds = self::compute('fence-check', ['frontMm' => 24, 'toleranceMm' => 10] + self::PLOUGH);
        self::assertSame('binds', $binds['verdict']);
        $off = [...self::PLOUGH, 'ironFromFrontMm' => 201];
        $this->assertRefused('fence-check', $off, 'ironFromFrontMm', 'on the skate');
    }

    /** The turned skate's corners, turned one by one: what they leave of the groove's width. */
    public function test_clearance_against_the_corners_of_the_skate(): void
    {
        $dice = new Randomizer(new Mt19937(6));
        for ($trial = 0; $trial < 300; $trial++) {
            [$long, $thick, $iron] = [$dice->getInt(100, 260), $dice->getInt(20, 40) / 10, $dice->getInt(30, 120) / 10];
            $at = $dice->getInt(0, $long);
            $answer = self::compute('fence-check', [
                'frontMm' => $front = $dice->getInt(100, 300) / 10, 'rearMm' => $front + $dice->getInt(-30, 30) / 10,
                'skateLengthMm' => $long, 'ironMm' => $iron, 'skateMm' => $thick, 'ironFromFrontMm' => $at,
            ]);
            $yaw = deg2rad($answer['yawDeg']);
            $reach = 0.0;
            // The groove lies where the iron has been: the skate turns about it.
            foreach ([$at, $at - $long] as $along) {
                foreach ([-$thick / 2, $thick / 2] as $aside) {
                    $reach = max($reach, abs($along * sin($yaw) + $aside * cos($yaw)));
                }
            }
            self::assertEqualsWithDelta($iron - 2 * $reach, $answer['clearanceMm'], 1e-9);
            self::assertSame($answer['clearanceMm'] < 0, $answer['verdict'] === 'binds');
        }
    }

    /** 1.5 mm a turn: 20 turns until the tip shows through 30 mm. Common practice, no source. */
    public function test_turns_are_depth(): void
    {
        $through = self::compute('bore-turns', ['leadMm' => 1.5, 'screwMm' => 9, 'throughMm' => 30]);
        self::assertEquals([20, 80, 6, 21, 39], [
            $through['turns'], $through['quarterTurns'], $through['secondSideTurns'], $through['rimAtMm'],
            $through['seconds'],
        ]);
        $depth = self::compute('bore-turns', ['leadMm' => 1.5, 'screwMm' => 9, 'depthMm' => 24, 'boardMm' => 30]);
        self::assertEquals([22, 33, true], [$depth['turns'], $depth['tipAtMm'], $depth['tipComesOut']]);
        self::assertArrayNotHasKey('tipComesOut', self::compute('bore-turns', [
            'leadMm' => 1.5, 'screwMm' => 9, 'depthMm' => 24,
        ]));
        self::assertFalse(self::compute('bore-turns', [
            'leadMm' => 1.5, 'screwMm' => 6, 'depthMm' => 24, 'boardMm' => 30,
        ])['tipComesOut']);
    }

    public function test_quarters_pulls_and_what_cannot_be_bored(): void
    {
        $bit = ['leadMm' => 1.6, 'screwMm' => 5, 'depthMm' => 20];
        $answer = self::compute('bore-turns', [...$bit, 'arcDeg' => 90]);
        self::assertEquals([15.625, 63, 63, 0.4], [
            $answer['turns'], $answer['quarterTurns'], $answer['pulls'], $answer['depthPerQuarterMm'],
        ]);
        $this->assertRefused('bore-turns', [...$bit, 'boardMm' => 20], 'depthMm', 'throughMm');
        $this->assertRefused('bore-turns', [...$bit, 'throughMm' => 20], 'depthMm', 'either');
        $this->assertRefused('bore-turns', ['leadMm' => 1.5, 'screwMm' => 8], 'depthMm', 'either');
        $this->assertRefused('bore-turns', ['leadMm' => 1.5, 'screwMm' => 8, 'throughMm' => 8], 'screwMm', 'shorter');
    }
}
